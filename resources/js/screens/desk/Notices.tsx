import './notices.css';
import { Button, Popover } from 'antd';
import { useLocation } from 'react-router';
import type { Plan, Refusal } from '../../api/client';
import { useOnline } from '../../parts/useOnline';

/** Why what is shown is not the newest, and the way on. */
export function Unanswered({ refused, onAgain }: { refused: Refusal | null; onAgain: () => void }) {
  const online = useOnline();
  const { pathname } = useLocation();
  if (!online) {
    return (
      <p className="notice refused" role="alert">
        <b>No connection.</b> What you see is the answer before your last change; it goes on by itself when
        the connection is back.
      </p>
    );
  }
  if (!refused || refused.status === 409) return null;
  return (
    <p className="notice refused" role="alert">
      <b>{refused.signedOut ? 'Signed out.' : 'Not worked out:'}</b> {refused.message}{' '}
      {refused.signedOut ? (
        // The page is loaded anew, so that nothing remembers having been signed in.
        <a href={`/sign-in?to=${encodeURIComponent(pathname)}`}>Sign in and go on</a>
      ) : (
        <>
          What you see is the answer before that.{' '}
          {refused.status !== 422 && (
            <Button size="small" onClick={onAgain}>
              Ask again
            </Button>
          )}
        </>
      )}
    </p>
  );
}

/** What cannot be had here with the ways out, and what may hurt someone. */
export function Notices({
  plan,
  refused,
  onAgain,
}: {
  plan: Plan;
  refused: Refusal | null;
  onAgain: () => void;
}) {
  const { misfits, cautions, light } = plan;
  const shimmer = light.shimmer.level === 'low' ? [] : [light.shimmer.sentence];
  return (
    <div className="notices">
      <Unanswered refused={refused} onAgain={onAgain} />
      {misfits.map((misfit) => (
        <Popover
          key={misfit.what}
          trigger={['click', 'hover']}
          placement="topLeft"
          title="Fixes, easiest first"
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
