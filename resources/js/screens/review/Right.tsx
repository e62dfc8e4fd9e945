import { Button } from 'antd';
import { Link } from 'react-router';
import { logActions, useLogAction } from '../../api/log';
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
      <section aria-label="Accuracy">
        <h2>Predicted and logged</h2>
        <div className="right-grid">
          <Scatter bursts={bursts} wrong={wrong} />
          <div>
            <p className="right-brier">
              Brier score <b>{brier.learned.toFixed(3)}</b> with your log, <b>{brier.model.toFixed(3)}</b> by
              the model alone
            </p>
            <p className="quiet">
              The mean square of what was missed for a frame, over {brier.frames} frames: 0 is perfect, 0.25
              is saying one half every time. Each burst is held against what was known the days before.
            </p>
            <Kinds bursts={believed} />
          </div>
        </div>
      </section>
      <section aria-label="Worst misses">
        <h2>Worst misses</h2>
        <ul className="right-worst">
          {worst.map((b) => (
            <Miss key={b.burst} burst={b} />
          ))}
        </ul>
      </section>
      {wrong.size > 0 && (
        <section aria-label="Looks logged wrongly">
          <h2>Looks logged wrongly</h2>
          <p className="quiet">Too far from anything that could be meant. These are not learned from.</p>
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
    <table className="right-kinds">
      <thead>
        <tr>
          <th scope="col">Rush</th>
          <th scope="col">Kept</th>
          <th scope="col">Predicted</th>
          <th scope="col">Model</th>
        </tr>
      </thead>
      <tbody>
        {[...kinds].map(([rush, of]) => (
          <tr key={rush}>
            <th scope="row">{rush}</th>
            <td>{percent(mean(of, (b) => b.keepers / b.frames))}</td>
            <td>{percent(mean(of, (b) => b.learned))}</td>
            <td className="quiet">{percent(mean(of, (b) => b.model))}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Miss({ burst, doubtful = false }: { burst: Predicted; doubtful?: boolean }) {
  const remove = useLogAction(logActions.doubt);
  return (
    <li>
      <span className="quiet">{day(burst.at)}</span>
      <span>{burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}</span>
      <span>
        <b>{burst.keepers}</b> of {burst.frames} kept
      </span>
      <span className="quiet">
        {Math.round(burst.learned * burst.frames)} predicted ({Math.round(burst.low * burst.frames)} to{' '}
        {Math.round(burst.high * burst.frames)})
      </span>
      {doubtful ? (
        <Button size="small" type="text" onClick={() => remove.mutate({ id: burst.burst, doubted: true })}>
          Exclude
        </Button>
      ) : (
        <Link to={`/review/bursts/${burst.burst}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
          Why?
        </Link>
      )}
    </li>
  );
}
