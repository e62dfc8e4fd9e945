import '../rushes/rushes.css';
import './review.css';
import { App, Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type LoggedBurst, logActions, useLog, useLogAction, useLogFigures } from '../../api/log';
import { Hints } from '../../parts/Hints';
import { useTitle } from '../../parts/useTitle';
import { useUndo } from '../../parts/useUndo';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { saidOf } from '../outing/Logged';
import { Correct } from './Correct';
import { ImportTable } from './ImportTable';
import { ReviewTabs } from './ReviewTabs';
import { Shares } from './Shares';

const months = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

/** The burst before it of the same rush, within the hour: likely the same pass, logged twice. */
function sameBefore(bursts: LoggedBurst[], burst: LoggedBurst): LoggedBurst | null {
  const next = bursts[bursts.indexOf(burst) + 1];
  const near = next && Math.abs(new Date(next.at).getTime() - new Date(burst.at).getTime()) < 3_600_000;
  return near && next.rush_id === burst.rush_id && next.rush === burst.rush ? next : null;
}

/** The log: what was shot, how much was kept and how sure that is, what lost the rest. */
export default function Review() {
  useTitle('Review');
  const log = useLog();
  const figures = useLogFigures().data;
  const navigate = useNavigate();
  const undo = useUndo();
  const { message } = App.useApp();
  const remove = useLogAction(logActions.remove);
  const restore = useLogAction(logActions.restore);
  const merge = useLogAction(logActions.merge);
  const takenBack = useLogAction(logActions.undo);
  const [correcting, setCorrecting] = useState<LoggedBurst | null>(null);
  const bursts = log.data?.pages.flatMap((page) => page.items);
  const when = (at: string) =>
    new Date(at).toLocaleString('en-GB', {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
    });

  return (
    <>
      <TopBar />
      <Hints of="review" />
      <main className="rushes review">
        <div className="rushes-head">
          <h1>Log</h1>
          <ReviewTabs />
          {figures && figures.bursts > 0 && (
            <Button href="/api/bursts/file" download>
              Download CSV
            </Button>
          )}
          <ImportTable />
        </div>
        {log.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {log.isError && <Failed message={log.error.message} />}
        {bursts?.length === 0 && (
          <div className="rushes-empty">
            <h2>Nothing logged yet</h2>
            <p className="quiet">
              A burst is logged in two taps on the card of an outing, with a signal or without: how many were
              kept, and what lost the rest. What that comes to stands here.
            </p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              To your outings
            </Button>
          </div>
        )}
        {figures && figures.bursts > 0 && (
          <>
            <Shares groups={figures.rushes} title="Kept, by rush" />
            {figures.kits.length > 1 && <Shares groups={figures.kits} title="By lens" />}
            {figures.holds.length > 1 && <Shares groups={figures.holds} title="By hold" />}
            {figures.months.length > 1 && (
              <Shares
                groups={figures.months.map((m) => ({
                  ...m,
                  name: months.format(new Date(`${m.name}-01T00:00Z`)),
                }))}
                title="By month"
              />
            )}
            <p className="quiet shares-key">
              Dot: the likeliest share. Line: where it lies nine times in ten. A word counts as six frames, a
              burst as twelve at most, since its frames are much alike.
            </p>
          </>
        )}
        {bursts && bursts.length > 0 && (
          <section aria-label="Bursts">
            <h2>Bursts</h2>
            <ul className="rush-list">
              {bursts.map((burst) => (
                <li key={burst.id} className="rush-row burst-row">
                  <span className="burst-when quiet">{when(burst.at)}</span>
                  <span className="burst-what">
                    {burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}
                    <span className="quiet"> {saidOf(burst)}</span>
                  </span>
                  {burst.doubted && <span className="burst-doubted">left out</span>}
                  {burst.lost_to && (
                    <Link to={`/review/bursts/${burst.id}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
                      Why?
                    </Link>
                  )}
                  {burst.pictures && <Link to={`/review/bursts/${burst.id}`}>Pictures</Link>}
                  {sameBefore(bursts, burst) && (
                    <Button
                      type="text"
                      size="small"
                      title="Count it with the burst of the same rush below"
                      onClick={() =>
                        merge.mutate(
                          { id: sameBefore(bursts, burst)?.id ?? '', other: burst.id },
                          {
                            onError: (error) => message.error(error.message),
                            onSuccess: (one) =>
                              undo('Two bursts are one', () => takenBack.mutateAsync(one.undo)),
                          },
                        )
                      }
                    >
                      Merge
                    </Button>
                  )}
                  <Button type="text" size="small" onClick={() => setCorrecting(burst)}>
                    Correct
                  </Button>
                  <Button
                    type="text"
                    size="small"
                    aria-label={`Delete the burst of ${burst.rush}`}
                    onClick={() =>
                      remove.mutate(burst.id, {
                        onError: (error) => message.error(error.message),
                        onSuccess: () => undo('The burst is deleted', () => restore.mutateAsync(burst.id)),
                      })
                    }
                  >
                    ×
                  </Button>
                </li>
              ))}
            </ul>
            {log.hasNextPage && (
              <p className="rushes-more">
                <Button onClick={() => void log.fetchNextPage()} loading={log.isFetchingNextPage}>
                  Show more
                </Button>
              </p>
            )}
          </section>
        )}
        {correcting && <Correct burst={correcting} onClose={() => setCorrecting(null)} />}
      </main>
    </>
  );
}
