import './notices.css';
import { Popover } from 'antd';
import type { Plan, Refusal } from '../../api/client';

/** What cannot be had here with the ways out, and what may hurt someone. */
export function Notices({ plan, refused }: { plan: Plan; refused: Refusal | null }) {
  const { misfits, cautions, light } = plan;
  const shimmer = light.shimmer.level === 'low' ? [] : [light.shimmer.sentence];
  if (!refused && misfits.length === 0 && cautions.length === 0 && shimmer.length === 0) return null;
  return (
    <div className="notices">
      {refused && (
        <p className="notice refused" role="alert">
          <b>Not worked out:</b> {refused.message} What you see is the answer before that.
        </p>
      )}
      {misfits.map((misfit) => (
        <Popover
          key={misfit.what}
          trigger={['click', 'hover']}
          placement="topLeft"
          title="Ways out, the cheapest first"
          content={
            <ol className="ways-out">
              {misfit.ways_out.map((way) => (
                <li key={way}>{way}</li>
              ))}
            </ol>
          }
        >
          <button type="button" className="notice misfit">
            <b>{misfit.sentence}</b> {misfit.ways_out[0]}
            {misfit.ways_out.length > 1 && <u>{misfit.ways_out.length - 1} more ways</u>}
          </button>
        </Popover>
      ))}
      {shimmer.map((sentence) => (
        <p key={sentence} className="notice">
          {sentence}
        </p>
      ))}
      {cautions.map((caution) => (
        <p key={caution.what} className="notice caution">
          {caution.sentence}
        </p>
      ))}
    </div>
  );
}
