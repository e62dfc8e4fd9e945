import './rushes.css';
import { App, Button, Dropdown, Input, Modal } from 'antd';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import type { RushSummary } from '../../api/client';
import { rushActions, useRushAction, useRushes } from '../../api/hooks';
import { NearlyFull } from '../../parts/NearlyFull';
import { UploadButton } from '../../parts/UploadButton';
import { useTitle } from '../../parts/useTitle';
import { useNotTaken, useUndo } from '../../parts/useUndo';
import { TopBar } from '../../shell/TopBar';
import { OneLine } from './OneLine';
import { RushLink } from './RushLink';

export default function RushList() {
  useTitle('Rushes');
  const [search, setSearch] = useState('');
  const words = useDeferredValue(search.trim());
  const rushes = useRushes(words);
  const listed = rushes.data?.pages.flatMap((page) => page.items);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const notTaken = useNotTaken();
  const [renaming, setRenaming] = useState<{ id: string; name: string } | null>(null);
  const failed = (error: Error) => message.error(error.message);

  const remove = useRushAction(rushActions.remove);
  const restore = useRushAction(rushActions.restore);
  const duplicate = useRushAction(rushActions.duplicate);
  const rename = useRushAction(rushActions.rename);
  const upload = useRushAction(rushActions.upload);

  const finishRenaming = () => {
    const name = renaming?.name.trim();
    if (!renaming || !name) return;
    rename.mutate({ id: renaming.id, name }, { onError: failed, onSuccess: () => setRenaming(null) });
  };

  function removeWithUndo(rush: RushSummary) {
    remove.mutate(rush.id, {
      onError: failed,
      onSuccess: () => undo(`“${rush.name}” is deleted`, () => restore.mutateAsync(rush.id)),
    });
  }

  function menu(rush: RushSummary) {
    return {
      items: [
        { key: 'rename', label: 'Rename', onClick: () => setRenaming({ id: rush.id, name: rush.name }) },
        {
          key: 'copy',
          label: 'Duplicate',
          onClick: () => duplicate.mutate(rush.id, { onError: failed }),
        },
        {
          key: 'file',
          label: (
            <a href={`/api/rushes/${rush.id}/document`} download>
              Download
            </a>
          ),
        },
        { type: 'divider' as const },
        { key: 'delete', label: 'Delete', onClick: () => removeWithUndo(rush) },
      ],
    };
  }

  return (
    <div className="rushes-page">
      <TopBar />
      <main className="rushes">
        <div className="rushes-head">
          <h1>Your rushes</h1>
          <Input
            className="rushes-search"
            type="search"
            allowClear
            placeholder="Search name or subject"
            aria-label="Search name or subject"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <UploadButton
            label="Rush document to upload"
            busy={upload.isPending}
            onFile={(chosen) =>
              upload.mutate(chosen, {
                onError: (error) => notTaken(error),
                onSuccess: (saved) => message.success(`“${saved.name}” is in your list.`),
              })
            }
          >
            Upload
          </UploadButton>
          <Button type="primary" onClick={() => navigate('/rushes/new')}>
            New rush
          </Button>
        </div>

        <OneLine />
        <NearlyFull />
        {rushes.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {rushes.isError && (
          <p role="alert">
            {rushes.error.message}{' '}
            <Button size="small" onClick={() => void rushes.refetch()}>
              Try again
            </Button>
          </p>
        )}
        {listed?.length === 0 &&
          (words ? (
            <p className="rushes-empty">
              Nothing here is called “{words}”. <Button onClick={() => setSearch('')}>Show all</Button>
            </p>
          ) : (
            <div className="rushes-empty">
              <h2>Nothing here yet</h2>
              <p className="quiet">
                A rush is one expected run of something that moves: a bird coming in, a rider at the barriers.
                Describe one, and its hold is worked out while you type.
              </p>
              <Button type="primary" size="large" onClick={() => navigate('/rushes/new')}>
                Describe your first rush
              </Button>
            </div>
          ))}
        <ul className="rush-list" aria-busy={rushes.isFetching}>
          {listed?.map((rush) => (
            <li key={rush.id} className="rush-row">
              <RushLink rush={rush} />
              <Dropdown trigger={['click']} menu={menu(rush)}>
                <Button type="text" aria-label={`More for ${rush.name}`}>
                  •••
                </Button>
              </Dropdown>
            </li>
          ))}
        </ul>
        {rushes.hasNextPage && (
          <p className="rushes-more">
            <Button onClick={() => void rushes.fetchNextPage()} loading={rushes.isFetchingNextPage}>
              Show more
            </Button>
          </p>
        )}
      </main>
      <Modal
        title="Rename"
        open={renaming !== null}
        okText="Rename"
        okButtonProps={{ disabled: !renaming?.name.trim(), loading: rename.isPending }}
        onCancel={() => setRenaming(null)}
        onOk={finishRenaming}
      >
        <Input
          aria-label="Name"
          maxLength={120}
          value={renaming?.name ?? ''}
          onChange={(event) => renaming && setRenaming({ ...renaming, name: event.target.value })}
          onPressEnter={finishRenaming}
        />
      </Modal>
    </div>
  );
}
