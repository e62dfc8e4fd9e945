import { Button, Select } from 'antd';
import type { LostTo, Picture } from '../../api/pictures';
import { label } from '../../parts/words';

const px = (value: number | null | undefined) => (value == null ? '–' : `${value.toFixed(1)} px`);

/** A smear is told from a round blur by its axes. */
const SMEARED = 1.5;

/** What was measured in a frame, and what the person says of it; the one does not hide the other. */
export function Judged({
  picture,
  causes,
  onSay,
  onCause,
  onBeside,
  beside,
  onDelete,
}: {
  picture: Picture;
  causes: { value: string; label: string }[];
  onSay: (said: boolean | null) => void;
  onCause: (cause: LostTo) => void;
  onBeside: () => void;
  beside: boolean;
  onDelete: () => void;
}) {
  const m = picture.measured;
  const measured = m?.aim || m?.not_found ? m : null;
  return (
    <section className="judged" aria-label="Judged">
      <div className="judged-verdict">
        <b>
          {picture.kept === null || (!measured && picture.said === null)
            ? measured?.untold && picture.said === null
              ? 'Cannot tell'
              : 'Not judged'
            : picture.kept
              ? 'Kept'
              : 'Lost'}
        </b>
        <span className="quiet">
          {picture.said !== null && 'Said by you. '}
          {measured
            ? measured.not_found
              ? 'The subject was not found in it.'
              : measured.untold
                ? label('untold', measured.untold)
                : `Measured: ${measured.verdict}, ${Math.min(99, Math.round(100 * measured.sure))}% sure.`
            : 'Not measured at the subject yet.'}
        </span>
      </div>
      {picture.problem && <p role="alert">{picture.problem}</p>}
      <div className="judged-say">
        <Button
          type={picture.said === true ? 'primary' : 'default'}
          onClick={() => onSay(picture.said === true ? null : true)}
        >
          Keep
        </Button>
        <Button
          type={picture.said === false ? 'primary' : 'default'}
          onClick={() => onSay(picture.said === false ? null : false)}
        >
          Lost
        </Button>
        <Select
          aria-label="What lost it"
          allowClear
          placeholder="What lost it"
          value={picture.lost_to}
          options={causes}
          onChange={(cause) => onCause(cause ?? null)}
        />
      </div>
      {measured && !measured.not_found && (
        <dl>
          <dt>Blur</dt>
          <dd>
            {px(measured.width_px)} <span className="quiet">of {px(measured.limit_px)}</span>
          </dd>
          <dt>Shape</dt>
          <dd>
            {measured.long_px == null || measured.short_px == null
              ? '–'
              : measured.long_px > SMEARED * Math.max(0.3, measured.short_px)
                ? `streaked at ${Math.round(measured.angle_deg ?? 0)}°`
                : 'round'}
          </dd>
          {measured.camera_smeared != null && (
            <>
              <dt>Blur of</dt>
              <dd>{measured.camera_smeared ? 'the camera' : 'the subject'}</dd>
            </>
          )}
          <dt>Sharp</dt>
          <dd>{label('sharp-where', measured.sharp_where)}</dd>
        </dl>
      )}
      {picture.facts.length > 0 && (
        <dl>
          {picture.facts.map((fact) => (
            <div key={fact.label} style={{ display: 'contents' }}>
              <dt>{fact.label}</dt>
              <dd>{fact.value}</dd>
            </div>
          ))}
        </dl>
      )}
      <div>
        <Button size="small" onClick={onBeside}>
          {beside ? 'Single view' : 'Compare'}
        </Button>{' '}
        <Button size="small" type="text" onClick={onDelete}>
          Delete
        </Button>
      </div>
      <Keys />
    </section>
  );
}

/** What the keys do here: the first lines always, the rest unfolded. */
const KEYS: [string[], string][] = [
  [['K'], 'keep'],
  [['L'], 'lost'],
  [['M'], 'leave it to the measuring'],
  [['Z'], 'take it back'],
];
const MORE: [string[], string][] = [
  [['←', '→', 'Space'], 'step; with Shift and arrows choose several'],
  [['Home', 'End'], 'first and last'],
  [['Shift L'], 'all lost; K and M likewise'],
  [['+', '−'], 'closer and wider; drag to look beside, 0 goes back'],
  [['B'], 'hold this one beside'],
  [['A'], 'all at once'],
  [['F'], 'other frames: kept, lost, not sure'],
  [['S'], 'split the burst before this frame'],
  [['P', 'N'], 'burst before and after'],
];

function Keys() {
  const line = ([keys, does]: [string[], string]) => (
    <li key={does}>
      {keys.map((key) => (
        <kbd key={key}>{key}</kbd>
      ))}{' '}
      {does}
    </li>
  );
  return (
    <div className="judged-keys quiet">
      <ul>{KEYS.map(line)}</ul>
      <details>
        <summary>More keys</summary>
        <ul>{MORE.map(line)}</ul>
      </details>
    </div>
  );
}
