import { Button } from 'antd';
import { Link } from 'react-router';
import { logActions, useLogAction } from '../../api/log';
import { figures } from '../../lang/language';
import { t } from '../../lang/review';
import { Table } from '../../ui/Table';
import { day, type Predicted, percent, type Taught } from './predicted';
import { Scatter } from './Scatter';

/** Worst misses shown. */
const WORST = 5;

/** Predicted against logged: all bursts, by kind, the worst misses, and what looks logged wrongly. */
export function Right({ taught }: { taught: Taught }) {
  const { bursts, brier } = taught.right;
  const wrong = new Set(taught.outliers);
  const believed = bursts.filter((b) => !wrong.has(b.burst));
  const off = (b: Predicted) => Math.abs(b.keepers / b.frames - b.learned);
  const worst = [...believed].sort((a, b) => off(b) - off(a)).slice(0, WORST);
  if (!brier) return null;
  return (
    <>
      <section aria-label={t('right.accuracy')}>
        <h2>{t('right.predicted-and-logged')}</h2>
        <div className="right-grid">
          <Scatter bursts={bursts} wrong={wrong} />
          <div>
            <p className="right-brier">
              {t.rich('right.brier-score-with-your', {
                learned: <b>{figures(brier.learned.toFixed(3))}</b>,
                model: <b>{figures(brier.model.toFixed(3))}</b>,
              })}
            </p>
            <p className="quiet">{t('right.the-mean-square-of', { frames: brier.frames })}</p>
            <Kinds bursts={believed} />
          </div>
        </div>
      </section>
      <section aria-label={t('right.worst-misses')}>
        <h2>{t('right.worst-misses')}</h2>
        <ul className="right-worst">
          {worst.map((b) => (
            <Miss key={b.burst} burst={b} />
          ))}
        </ul>
      </section>
      {wrong.size > 0 && (
        <section aria-label={t('right.looks-logged-wrongly')}>
          <h2>{t('right.looks-logged-wrongly')}</h2>
          <p className="quiet">{t('right.too-far-from-anything')}</p>
          <ul className="right-worst">
            {bursts
              .filter((b) => wrong.has(b.burst))
              .map((b) => (
                <Miss key={b.burst} burst={b} doubtful />
              ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** By kind of rush: what was predicted and what was kept, over all its bursts. */
function Kinds({ bursts }: { bursts: Predicted[] }) {
  const kinds = new Map<string, Predicted[]>();
  for (const b of bursts) kinds.set(b.rush, [...(kinds.get(b.rush) ?? []), b]);
  const mean = (of: Predicted[], what: (b: Predicted) => number) => {
    const frames = of.reduce((sum, b) => sum + b.frames, 0);
    return of.reduce((sum, b) => sum + what(b) * b.frames, 0) / frames;
  };
  return (
    <Table
      caption={t('right.by-rush')}
      columns={[
        { head: t('right.rush'), names: true, cell: ([rush]) => rush },
        {
          head: t('right.kept'),
          figures: true,
          cell: ([, of]) => percent(mean(of, (b) => b.keepers / b.frames)),
        },
        { head: t('right.predicted'), figures: true, cell: ([, of]) => percent(mean(of, (b) => b.learned)) },
        {
          head: t('right.model'),
          figures: true,
          as: () => 'quiet',
          cell: ([, of]) => percent(mean(of, (b) => b.model)),
        },
      ]}
      rows={[...kinds]}
      of={([rush]) => rush}
    />
  );
}

function Miss({ burst, doubtful = false }: { burst: Predicted; doubtful?: boolean }) {
  const remove = useLogAction(logActions.doubt);
  return (
    <li>
      <span className="quiet">{day(burst.at)}</span>
      <span>{burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}</span>
      <span>{t.rich('right.of-kept', { keepers: <b>{burst.keepers}</b>, frames: burst.frames })}</span>
      <span className="quiet">
        {t('right.predicted-to', {
          learned: Math.round(burst.learned * burst.frames),
          low: Math.round(burst.low * burst.frames),
          high: Math.round(burst.high * burst.frames),
        })}
      </span>
      {doubtful ? (
        <Button size="small" type="text" onClick={() => remove.mutate({ id: burst.burst, doubted: true })}>
          {t('right.exclude')}
        </Button>
      ) : (
        <Link to={`/review/bursts/${burst.burst}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
          {t('right.why')}
        </Link>
      )}
    </li>
  );
}
