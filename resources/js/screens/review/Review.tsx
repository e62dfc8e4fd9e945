import '../rushes/rushes.css';
import './review.css';
import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLog, useLogFigures } from '../../api/log';
import { Hints } from '../../parts/Hints';
import { useTitle } from '../../parts/useTitle';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { ImportTable } from './ImportTable';
import { LogList } from './LogList';
import { ReviewTabs } from './ReviewTabs';
import { Shares } from './Shares';

const months = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

/** The log: what was shot, how much was kept and how sure that is, what lost the rest. */
export default function Review() {
  useTitle('Review');
  const [rush, setRush] = useState<string | null>(null);
  const log = useLog(rush);
  const figures = useLogFigures().data;
  const navigate = useNavigate();
  const bursts = log.data?.pages.flatMap((page) => page.items);
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
        {bursts?.length === 0 && rush === null && (
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
        {bursts && (bursts.length > 0 || rush !== null) && (
          <LogList
            bursts={bursts}
            rushes={figures?.rushes.map(({ name }) => name) ?? []}
            rush={rush}
            onRush={setRush}
            more={
              log.hasNextPage
                ? { busy: log.isFetchingNextPage, onMore: () => void log.fetchNextPage() }
                : null
            }
          />
        )}
      </main>
    </>
  );
}
