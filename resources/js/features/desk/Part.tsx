import { type ReactNode, useId, useState } from 'react';
import { useStored } from '../../ui/useStored';

type Props = {
  /** Short name under which it is remembered whether it is open. */
  id: string;
  title: string;
  /** What is in it, in a few words. */
  says: string;
  /** Whether something in it is refused: then it shows itself. */
  wrong?: boolean;
  children: ReactNode;
};

/** A part of the rush: a line that says what it is, and its fields a press away; what one opens stays open. */
export function Part({ id, title, says, wrong = false, children }: Props) {
  const [kept, keep] = useStored<'open' | 'shut'>(`rush-hold.desk.${id}`, 'shut', ['open', 'shut']);
  const body = useId();
  const open = kept === 'open' || wrong;
  const [made, setMade] = useState(open);
  if (open && !made) setMade(true);
  return (
    <section className={open ? 'rush-part open' : 'rush-part'} aria-label={title}>
      <button
        type="button"
        className="rush-part-head"
        aria-expanded={open}
        aria-controls={body}
        onClick={() => keep(open ? 'shut' : 'open')}
      >
        <b>{title}</b>
        <span className="rush-part-says">{says}</span>
      </button>
      <div id={body} className="rush-part-body" hidden={!open}>
        {made && children}
      </div>
    </section>
  );
}
