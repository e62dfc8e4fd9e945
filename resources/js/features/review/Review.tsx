import '../rushes/rushes.css';
import './review.css';
import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLog, useLogFigures } from '../../api/log';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/review';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { Hints } from '../../ui/Hints';
import { useTitle } from '../../ui/useTitle';
import { ImportTable } from './ImportTable';
import { LogList } from './LogList';
import { ReviewTabs } from './ReviewTabs';
import { Shares } from './Shares';

/** The log: what was shot, how much was kept and how sure that is, what lost the rest. */
export default function Review() {
  useTitle(t('review.review'));
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
          <h1>{t('review.log')}</h1>
          <ReviewTabs />
          {figures && figures.bursts > 0 && (
            <Button href="/api/bursts/file" download>
              {t('review.download-csv')}
            </Button>
          )}
          <ImportTable />
        </div>
        {log.isPending && (
          <p className="quiet" role="status">
            {t('review.loading')}
          </p>
        )}
        {log.isError && <Failed message={log.error.message} />}
        {bursts?.length === 0 && rush === null && (
          <div className="rushes-empty">
            <h2>{t('review.nothing-logged-yet')}</h2>
            <p className="quiet">{t('review.a-burst-is-logged')}</p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              {t('review.to-your-outings')}
            </Button>
          </div>
        )}
        {figures && figures.bursts > 0 && (
          <>
            <Shares groups={figures.rushes} title={t('review.kept-by-rush')} />
            {figures.kits.length > 1 && <Shares groups={figures.kits} title={t('review.by-lens')} />}
            {figures.holds.length > 1 && <Shares groups={figures.holds} title={t('review.by-hold')} />}
            {figures.months.length > 1 && (
              <Shares
                groups={figures.months.map((m) => ({
                  ...m,
                  name: sayDate(`${m.name}-01`, 'month'),
                }))}
                title={t('review.by-month')}
              />
            )}
            <p className="quiet shares-key">{t('review.dot-the-likeliest-share')}</p>
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
