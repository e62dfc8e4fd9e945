import '../rushes/rushes.css';
import './bench.css';
import { App, Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { sweepActions, useSweepAction, useSweeps } from '../../api/bench';
import { useTitle } from '../../parts/useTitle';
import { useUndo } from '../../parts/useUndo';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';

const fresh = { body: '', lens: '', document: { frames: [] } };

/** Sessions at the lens bench. */
export default function BenchList() {
  useTitle('Calibration');
  const sweeps = useSweeps();
  const navigate = useNavigate();
  const undo = useUndo();
  const { message } = App.useApp();
  const create = useSweepAction(sweepActions.create);
  const remove = useSweepAction(sweepActions.remove);
  const restore = useSweepAction(sweepActions.restore);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const begin = () =>
    create.mutate(
      {
        ...fresh,
        name: `Session of ${new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}`,
      },
      { ...fail, onSuccess: (made) => navigate(`/kit/bench/${made.id}`) },
    );

  return (
    <>
      <TopBar />
      <main className="rushes bench">
        <div className="rushes-head">
          <h1>Calibration</h1>
          <Button type="primary" onClick={begin} loading={create.isPending}>
            New session
          </Button>
        </div>
        {sweeps.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {sweeps.isError && <Failed message={sweeps.error.message} />}
        {sweeps.data?.length === 0 && (
          <div className="rushes-empty">
            <h2>Does the lens focus where it should?</h2>
            <p className="quiet">
              Frames of something finely detailed, at each fine-tune value, show the value it needs. A body
              without a mirror measures on the sensor itself and rarely needs any: look at what keeps still
              first, and come here when it is always off to the same side.
            </p>
          </div>
        )}
        {sweeps.data && sweeps.data.length > 0 && (
          <ul className="rush-list">
            {sweeps.data.map((sweep) => (
              <li key={sweep.id} className="rush-row bench-row">
                <Link to={`/kit/bench/${sweep.id}`}>{sweep.name}</Link>
                <span className="quiet">{[sweep.body, sweep.lens].filter(Boolean).join(', ')}</span>
                <span className="quiet">{sweep.frames === 1 ? 'one frame' : `${sweep.frames} frames`}</span>
                <Button
                  type="text"
                  size="small"
                  aria-label={`Delete ${sweep.name}`}
                  onClick={() =>
                    remove.mutate(sweep.id, {
                      ...fail,
                      onSuccess: () => undo(`${sweep.name} is deleted`, () => restore.mutateAsync(sweep.id)),
                    })
                  }
                >
                  ×
                </Button>
              </li>
            ))}
          </ul>
        )}
      </main>
    </>
  );
}
