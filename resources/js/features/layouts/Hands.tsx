import type { Assigned } from '../../api/layout';
import { t } from '../../lang/layouts';

/** Where each control lies under the hands, and which finger finds it: a picture of our own, from above. */
const places: Record<string, { x: number; y: number; finger: string }> = {
  'half-press': { x: 356, y: 62, finger: t('hands.index-finger') },
  'thumb-1': { x: 300, y: 168, finger: t('hands.right-thumb') },
  'thumb-2': { x: 326, y: 188, finger: t('hands.right-thumb') },
  'thumb-3': { x: 352, y: 206, finger: t('hands.right-thumb') },
  'front-1': { x: 282, y: 74, finger: t('hands.middle-finger') },
  'front-2': { x: 270, y: 104, finger: t('hands.ring-finger') },
  lens: { x: 150, y: 78, finger: t('hands.left-hand') },
  stick: { x: 268, y: 214, finger: t('hands.right-thumb') },
  touch: { x: 210, y: 226, finger: t('hands.left-thumb') },
};

export const fingerOf = (place: string): string => places[place]?.finger ?? t('hands.a-finger');

type Props = { controls: Assigned[]; chosen: string | null; onChoose: (place: string) => void };

/** Two hands from above with the controls in use, numbered; each can be chosen. */
export function Hands({ controls, chosen, onChoose }: Props) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing with buttons in it
    <svg className="hands" viewBox="0 0 460 270" role="group" aria-label={t('hands.which-finger-does-what')}>
      <path
        className="hand"
        d="M20,262C22,196 40,150 84,128C92,92 118,58 150,44C164,38 172,50 164,62C150,78 142,92 138,108C162,96 186,92 206,98C218,102 214,114 202,116C180,120 160,128 146,144C136,176 130,214 132,262Z"
      />
      <path
        className="hand"
        d="M440,262C438,190 428,128 404,86C396,62 384,40 368,32C356,28 348,38 352,50C356,60 358,68 358,78C340,66 318,58 296,58C284,58 282,70 292,74C308,78 318,84 326,92C308,88 290,88 276,94C266,98 268,110 280,110C300,110 316,114 328,122C306,128 284,142 272,160C264,172 276,180 286,172C302,160 324,156 344,164C358,190 362,224 360,262Z"
      />
      {controls.map((control, i) => {
        const place = places[control.place];
        if (!place) return null;
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button within a drawing
          <g
            key={control.place}
            className={`knob${control.set ? ' holds' : ''}${control.place === chosen ? ' chosen' : ''}`}
            role="button"
            tabIndex={0}
            aria-pressed={control.place === chosen}
            aria-label={`${i + 1}: ${control.name}, ${place.finger}: ${control.says}`}
            onClick={() => onChoose(control.place)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return;
              event.preventDefault();
              onChoose(control.place);
            }}
          >
            <circle cx={place.x} cy={place.y} r="15" />
            <text x={place.x} y={place.y + 5} textAnchor="middle">
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
