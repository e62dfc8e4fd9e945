import '../rushes/rushes.css';
import './bench.css';
import { App, Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { sweepActions, useSweepAction, useSweeps } from '../../api/bench';
import { t } from '../../lang/bench';
import { sayDate } from '../../lang/dates';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { useUndo } from '../../ui/useUndo';

const fresh = { body: '', lens: '', document: { frames: [] } };

/** Sessions at the lens bench. */
export default function BenchList() {
  useTitle(t('bench-list.calibration'));
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
        name: t('bench-list.session-of', {
          value: sayDate(new Date(), 'day'),
        }),
      },
      { ...fail, onSuccess: (made) => navigate(`/kit/bench/${made.id}`) },
    );

  return (
    <>
      <TopBar />
      <main className="rushes bench">
        <div className="rushes-head">
          <h1>{t('bench-list.calibration')}</h1>
          <Button type="primary" onClick={begin} loading={create.isPending}>
            {t('bench-list.new-session')}
          </Button>
        </div>
        {sweeps.isPending && (
          <p className="quiet" role="status">
            {t('bench-list.loading')}
          </p>
        )}
        {sweeps.isError && <Failed message={sweeps.error.message} />}
        {sweeps.data?.length === 0 && (
          <div className="rushes-empty">
            <h2>{t('bench-list.does-the-lens-focus')}</h2>
            <p className="quiet">{t('bench-list.frames-of-something-finely')}</p>
          </div>
        )}
        {sweeps.data && sweeps.data.length > 0 && (
          <ul className="rush-list">
            {sweeps.data.map((sweep) => (
              <li key={sweep.id} className="rush-row bench-row">
                <Link to={`/kit/bench/${sweep.id}`}>{sweep.name}</Link>
                <span className="quiet">{[sweep.body, sweep.lens].filter(Boolean).join(', ')}</span>
                <span className="quiet">{t('bench-list.frames', { frames: sweep.frames })}</span>
                <Button
                  type="text"
                  size="small"
                  aria-label={t('bench-list.delete', { name: sweep.name })}
                  onClick={() =>
                    remove.mutate(sweep.id, {
                      ...fail,
                      onSuccess: () =>
                        undo(t('bench-list.is-deleted', { name: sweep.name }), () =>
                          restore.mutateAsync(sweep.id),
                        ),
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
