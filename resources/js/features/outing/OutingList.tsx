import '../rushes/rushes.css';
import './outing.css';
import { App, Button, Dropdown } from 'antd';
import { Link, useNavigate } from 'react-router';
import { type OutingSummary, outingActions, useOutingAction, useOutings } from '../../api/outings';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/outing';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { UploadButton } from '../../ui/UploadButton';
import { useTitle } from '../../ui/useTitle';
import { useNotTaken, useUndo } from '../../ui/useUndo';

/** Day and hours of an outing, at its place. */
export function whenOf(outing: OutingSummary): string {
  const day = sayDate(outing.starts_at, 'weekdayDate', outing.zone);
  const clock = (at: string) => sayDate(at, 'clock', outing.zone);
  return t('outing-list.to', { day, startsAt: clock(outing.starts_at), endsAt: clock(outing.ends_at) });
}

export default function OutingList() {
  useTitle(t('outing-list.outings'));
  const outings = useOutings();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const notTaken = useNotTaken();
  const failed = (error: Error) => message.error(error.message);
  const remove = useOutingAction(outingActions.remove);
  const restore = useOutingAction(outingActions.restore);
  const duplicate = useOutingAction(outingActions.duplicate);
  const upload = useOutingAction(outingActions.upload);
  const now = Date.now();
  const ahead = (outings.data ?? []).filter((o) => Date.parse(o.ends_at) >= now).reverse();
  const over = (outings.data ?? []).filter((o) => Date.parse(o.ends_at) < now);

  const menu = (outing: OutingSummary) => ({
    items: [
      {
        key: 'copy',
        label: t('outing-list.duplicate'),
        onClick: () => duplicate.mutate(outing.id, { onError: failed }),
      },
      {
        key: 'file',
        label: (
          <a href={`/api/outings/${outing.id}/document`} download>
            {t('outing-list.download')}
          </a>
        ),
      },
      { type: 'divider' as const },
      {
        key: 'delete',
        label: t('outing-list.delete'),
        onClick: () =>
          remove.mutate(outing.id, {
            onError: failed,
            onSuccess: () =>
              undo(t('outing-list.is-deleted', { name: outing.name }), () => restore.mutateAsync(outing.id)),
          }),
      },
    ],
  });
  const rows = (some: OutingSummary[]) => (
    <ul className="rush-list">
      {some.map((outing) => (
        <li key={outing.id} className="rush-row">
          <Link className="outing-link" to={`/outings/${outing.id}`}>
            <b>{outing.name || t('outing-list.outing')}</b>
            <span>{whenOf(outing)}</span>
            <span className="quiet">
              {[outing.place, t('outing-list.rushes', { rushes: outing.rushes })].filter(Boolean).join(', ')}
            </span>
          </Link>
          <Link className="outing-card" to={`/card/${outing.id}`}>
            {t.rich('outing-list.card-of', {
              span: (text) => <span className="sr-only">{text}</span>,
              name: outing.name,
            })}
          </Link>
          <Dropdown trigger={['click']} menu={menu(outing)}>
            <Button type="text" aria-label={t('outing-list.more-for', { name: outing.name })}>
              •••
            </Button>
          </Dropdown>
        </li>
      ))}
    </ul>
  );

  return (
    <>
      <TopBar />
      <main className="rushes">
        <div className="rushes-head">
          <h1>{t('outing-list.outings')}</h1>
          <UploadButton
            label={t('outing-list.outing-document-to-upload')}
            busy={upload.isPending}
            onFile={(file) =>
              upload.mutate(file, {
                onError: (error) => notTaken(error),
                onSuccess: (saved) => message.success(t('outing-list.is-in-your-list', { name: saved.name })),
              })
            }
          >
            {t('outing-list.upload')}
          </UploadButton>
          <Button type="primary" onClick={() => navigate('/outings/new')}>
            {t('outing-list.new-outing')}
          </Button>
        </div>
        {outings.isPending && (
          <p className="quiet" role="status">
            {t('outing-list.loading')}
          </p>
        )}
        {outings.isError && <Failed message={outings.error.message} />}
        {outings.data?.length === 0 && (
          <div className="rushes-empty">
            <h2>{t('outing-list.nothing-planned-yet')}</h2>
            <p className="quiet">{t('outing-list.an-outing-is-a')}</p>
            <Button type="primary" size="large" onClick={() => navigate('/outings/new')}>
              {t('outing-list.plan-the-next-one')}
            </Button>
          </div>
        )}
        {ahead.length > 0 && rows(ahead)}
        {over.length > 0 && (
          <>
            <h2 className="outings-over">{t('outing-list.over')}</h2>
            {rows(over)}
          </>
        )}
      </main>
    </>
  );
}
