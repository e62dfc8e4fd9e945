import '../rushes/rushes.css';
import './outing.css';
import { App, Button, Dropdown } from 'antd';
import { Link, useNavigate } from 'react-router';
import { type OutingSummary, outingActions, useOutingAction, useOutings } from '../../api/outings';
import { UploadButton } from '../../parts/UploadButton';
import { useTitle } from '../../parts/useTitle';
import { useNotTaken, useUndo } from '../../parts/useUndo';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';

/** Day and hours of an outing, at its place. */
export function whenOf(outing: OutingSummary): string {
  const day = new Date(outing.starts_at).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: outing.zone,
  });
  const clock = (at: string) =>
    new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: outing.zone });
  return `${day}, ${clock(outing.starts_at)} to ${clock(outing.ends_at)}`;
}

export default function OutingList() {
  useTitle('Outings');
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
        label: 'Duplicate',
        onClick: () => duplicate.mutate(outing.id, { onError: failed }),
      },
      {
        key: 'file',
        label: (
          <a href={`/api/outings/${outing.id}/document`} download>
            Download
          </a>
        ),
      },
      { type: 'divider' as const },
      {
        key: 'delete',
        label: 'Delete',
        onClick: () =>
          remove.mutate(outing.id, {
            onError: failed,
            onSuccess: () => undo(`“${outing.name}” is deleted`, () => restore.mutateAsync(outing.id)),
          }),
      },
    ],
  });
  const rows = (some: OutingSummary[]) => (
    <ul className="rush-list">
      {some.map((outing) => (
        <li key={outing.id} className="rush-row">
          <Link className="outing-link" to={`/outings/${outing.id}`}>
            <b>{outing.name || 'Outing'}</b>
            <span>{whenOf(outing)}</span>
            <span className="quiet">
              {[outing.place, outing.rushes === 1 ? 'one rush' : `${outing.rushes} rushes`]
                .filter(Boolean)
                .join(', ')}
            </span>
          </Link>
          <Link className="outing-card" to={`/card/${outing.id}`}>
            Card<span className="sr-only"> of {outing.name}</span>
          </Link>
          <Dropdown trigger={['click']} menu={menu(outing)}>
            <Button type="text" aria-label={`More for ${outing.name}`}>
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
          <h1>Outings</h1>
          <UploadButton
            label="Outing document to upload"
            busy={upload.isPending}
            onFile={(file) =>
              upload.mutate(file, {
                onError: (error) => notTaken(error),
                onSuccess: (saved) => message.success(`“${saved.name}” is in your list, with its rushes.`),
              })
            }
          >
            Upload
          </UploadButton>
          <Button type="primary" onClick={() => navigate('/outings/new')}>
            New outing
          </Button>
        </div>
        {outings.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {outings.isError && <Failed message={outings.error.message} />}
        {outings.data?.length === 0 && (
          <div className="rushes-empty">
            <h2>Nothing planned yet</h2>
            <p className="quiet">
              An outing is a morning, an afternoon or a match: where and when, and the rushes you hope for.
              Light, order, buttons and the card to carry are worked out.
            </p>
            <Button type="primary" size="large" onClick={() => navigate('/outings/new')}>
              Plan the next one
            </Button>
          </div>
        )}
        {ahead.length > 0 && rows(ahead)}
        {over.length > 0 && (
          <>
            <h2 className="outings-over">Over</h2>
            {rows(over)}
          </>
        )}
      </main>
    </>
  );
}
