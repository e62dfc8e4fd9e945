import './rush.css';
import { memo } from 'react';
import type { Plan, Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { quoted } from '../../lang/language';
import { useUnits } from '../../lang/units';
import { InOutings } from './InOutings';
import type { Newer } from './KitFields';
import { LightFields } from './LightFields';
import { Part } from './Part';
import { PersonFields } from './PersonFields';
import { SceneFields } from './SceneFields';
import { SubjectFigures } from './SubjectFigures';
import { SubjectPicker, useSubjectOf } from './SubjectPicker';
import { figuresSay, kitSays, lightSays, pathSays, sceneSays } from './says';
import { PathBasics, PathMore } from './WayFields';

type Props = {
  id: string | undefined;
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  newer: Newer[];
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
  onChooseLens: () => void;
};

/** The fields that stand beside the map and not in the part of the path. */
const BASIC = /^path\.(start_m|heading_deg)/;

/** The rush: who comes, on which path, through what, in what light, to whom. The parts say what they hold and open at a press. */
export const RushPanel = memo(function RushPanel({ id, newer, onSettle, onChooseLens, ...props }: Props) {
  const { rush, refused, plan, onChange, onRush } = props;
  const units = useUnits();
  const { profile } = useSubjectOf(rush);
  const wrong = (pattern: RegExp) => pattern.test(refused?.field ?? '');
  return (
    <aside className="rush" aria-label={t('rush-panel.rush')} onBlur={onSettle}>
      <SubjectPicker rush={rush} onRush={onRush} />
      {rush.line && <p className="quiet rush-line">{quoted(rush.line)}</p>}
      <PathBasics {...props} onSettle={onSettle} />
      <div className="rush-parts">
        <Part
          id="path"
          title={t('rush-panel.path')}
          says={pathSays(rush, units)}
          wrong={wrong(/^path/) && !BASIC.test(refused?.field ?? '')}
        >
          <PathMore {...props} onSettle={onSettle} />
        </Part>
        <Part
          id="light"
          title={t('rush-panel.light')}
          says={lightSays(rush, plan?.light)}
          wrong={wrong(/^(light|exposure)/)}
        >
          <LightFields {...props} />
        </Part>
        <Part
          id="scene"
          title={t('rush-panel.surroundings')}
          says={sceneSays(rush, units)}
          wrong={wrong(/^(scene|group)/)}
        >
          <SceneFields {...props} />
        </Part>
        <Part
          id="kit"
          title={t('rush-panel.you-and-your-kit')}
          says={newer.length > 0 ? t('rush-panel.updated-since', { rush: kitSays(rush) }) : kitSays(rush)}
          wrong={wrong(/^(kit|photographer|final_use)/)}
        >
          <PersonFields
            rush={rush}
            refused={refused}
            newer={newer}
            onChange={onChange}
            onRush={onRush}
            onChooseLens={onChooseLens}
          />
        </Part>
        <Part
          id="figures"
          title={t('rush-panel.size-and-behaviour')}
          says={figuresSay(rush, units)}
          wrong={wrong(/^subject\.(?!speed_mps)/)}
        >
          <SubjectFigures rush={rush} source={profile?.source} refused={refused} onChange={onChange} />
        </Part>
      </div>
      {id !== undefined && <InOutings rush={id} name={rush.name || 'Rush'} hold={plan?.best.hold} />}
    </aside>
  );
});
