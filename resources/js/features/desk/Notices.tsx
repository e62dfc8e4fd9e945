import './notices.css';
import { Button, Popover } from 'antd';
import { useLocation } from 'react-router';
import type { Plan, Refusal } from '../../api/client';
import { t } from '../../lang/desk';
import { useOnline } from '../../ui/useOnline';

/** Why what is shown is not the newest, and the way on. */
export function Unanswered({ refused, onAgain }: { refused: Refusal | null; onAgain: () => void }) {
  const online = useOnline();
  const { pathname } = useLocation();
  if (!online) {
    return (
      <p className="notice refused" role="alert">
        {t.rich('notices.no-connection-what-you', { b: (text) => <b>{text}</b> })}
      </p>
    );
  }
  if (!refused || refused.status === 409) return null;
  return (
    <p className="notice refused" role="alert">
      <b>{refused.signedOut ? t('notices.signed-out') : t('notices.not-worked-out')}</b> {refused.message}{' '}
      {refused.signedOut ? (
        // The page is loaded anew, so that nothing remembers having been signed in.
        <a href={`/sign-in?to=${encodeURIComponent(pathname)}`}>{t('notices.sign-in-and-go')}</a>
      ) : (
        <>
          {t('notices.what-you-see-is')}{' '}
          {refused.status !== 422 && (
            <Button size="small" onClick={onAgain}>
              {t('notices.ask-again')}
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
          title={t('notices.fixes-easiest-first')}
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
            {misfit.ways_out.length > 1 && (
              <u>{t('notices.more-ways', { waysOut: misfit.ways_out.length - 1 })}</u>
            )}
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
