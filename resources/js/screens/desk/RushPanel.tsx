import './rush.css';
import { memo } from 'react';
import type { Plan, Refusal, Rush } from '../../api/client';
import { InOutings } from './InOutings';
import type { Newer } from './KitFields';
import { LightFields } from './LightFields';
import { PersonFields } from './PersonFields';
import { SceneFields } from './SceneFields';
import { SubjectFigures } from './SubjectFigures';
import { SubjectPicker, useSubjectOf } from './SubjectPicker';
import { WayFields } from './WayFields';

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

/** The rush: who comes, on which way, through what, in what light, to whom. */
export const RushPanel = memo(function RushPanel({ id, newer, onSettle, onChooseLens, ...props }: Props) {
  const { rush, refused, onChange, onRush } = props;
  const { profile } = useSubjectOf(rush);
  return (
    <aside className="rush" aria-label="Rush" onBlur={onSettle}>
      <SubjectPicker rush={rush} onRush={onRush} />
      <WayFields {...props} onSettle={onSettle} />
      <LightFields {...props} />
      <SceneFields {...props} />
      <PersonFields
        rush={rush}
        refused={refused}
        newer={newer}
        onChange={onChange}
        onRush={onRush}
        onChooseLens={onChooseLens}
      />
      {id !== undefined && <InOutings rush={id} name={rush.name || 'Rush'} hold={props.plan?.best.hold} />}
      <SubjectFigures rush={rush} source={profile?.source} refused={refused} onChange={onChange} />
    </aside>
  );
});
