import './rushes.css';
import { App, Button, Checkbox, Dropdown, Input, Modal, Select } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { RushSummary } from '../../api/client';
import {
  type RushKind,
  type RushSort,
  rushActions,
  useRushAction,
  useRushes,
  useTags,
} from '../../api/hooks';
import { options } from '../../lang/labels';
import { t } from '../../lang/rushes';
import { TopBar } from '../../ui/bar/TopBar';
import { NearlyFull } from '../../ui/NearlyFull';
import { UploadButton } from '../../ui/UploadButton';
import { useSelection } from '../../ui/useSelection';
import { useStored } from '../../ui/useStored';
import { useTitle } from '../../ui/useTitle';
import { useNotTaken, useUndo } from '../../ui/useUndo';
import { OneLine } from './OneLine';
import { RushLink } from './RushLink';
import { TagField } from './TagField';

const SORTS: RushSort[] = ['changed', 'name', 'subject'];

export default function RushList() {
  useTitle(t('rush-list.rushes'));
  const [search, setSearch] = useState('');
  const words = useDeferredValue(search.trim());
  const [sort, setSort] = useStored<RushSort>('rush-hold.rushes.sort', 'changed', SORTS);
  const [kind, setKind] = useState<RushKind | null>(null);
  const [tag, setTag] = useState<string | null>(null);
  const tags = useTags().data ?? [];
  const rushes = useRushes(words, sort, kind, tag);
  const listed = rushes.data?.pages.flatMap((page) => page.items);
  const ids = useMemo(() => listed?.map(({ id }) => id) ?? [], [listed]);
  const selection = useSelection(ids);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const notTaken = useNotTaken();
  const [renaming, setRenaming] = useState<{ id: string; name: string } | null>(null);
  const failed = (error: Error) => message.error(error.message);

  const remove = useRushAction(rushActions.remove);
  const restore = useRushAction(rushActions.restore);
  const removeAll = useRushAction(rushActions.removeAll);
  const restoreAll = useRushAction(rushActions.restoreAll);
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
      onSuccess: () =>
        undo(t('rush-list.is-deleted', { name: rush.name }), () => restore.mutateAsync(rush.id)),
    });
  }

  function removeChosen() {
    const chosen = selection.chosen;
    removeAll.mutate(chosen, {
      onError: failed,
      onSuccess: () => {
        selection.clear();
        undo(t('rush-list.rushes-are-deleted', { chosen: chosen.length }), () =>
          restoreAll.mutateAsync(chosen),
        );
      },
    });
  }

  function menu(rush: RushSummary) {
    return {
      items: [
        {
          key: 'rename',
          label: t('rush-list.rename'),
          onClick: () => setRenaming({ id: rush.id, name: rush.name }),
        },
        {
          key: 'copy',
          label: t('rush-list.duplicate'),
          onClick: () => duplicate.mutate(rush.id, { onError: failed }),
        },
        {
          key: 'file',
          label: (
            <a href={`/api/rushes/${rush.id}/document`} download>
              {t('rush-list.download')}
            </a>
          ),
        },
        { type: 'divider' as const },
        { key: 'delete', label: t('rush-list.delete-one'), onClick: () => removeWithUndo(rush) },
      ],
    };
  }

  return (
    <div className="rushes-page">
      <TopBar />
      <main className="rushes">
        <div className="rushes-head">
          <h1>{t('rush-list.your-rushes')}</h1>
          <Input
            className="rushes-search"
            type="search"
            allowClear
            placeholder={t('rush-list.search-name-or-subject')}
            aria-label={t('rush-list.search-name-or-subject')}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <UploadButton
            label={t('rush-list.rush-document-to-upload')}
            busy={upload.isPending}
            onFile={(chosen) =>
              upload.mutate(chosen, {
                onError: (error) => notTaken(error),
                onSuccess: (saved) => message.success(t('rush-list.is-in-your-list', { name: saved.name })),
              })
            }
          >
            {t('rush-list.upload')}
          </UploadButton>
          <Button type="primary" onClick={() => navigate('/rushes/new')}>
            {t('rush-list.new-rush')}
          </Button>
        </div>

        <OneLine />
        <NearlyFull />
        {rushes.isPending && (
          <p className="quiet" role="status">
            {t('rush-list.loading')}
          </p>
        )}
        {rushes.isError && (
          <p role="alert">
            {rushes.error.message}{' '}
            <Button size="small" onClick={() => void rushes.refetch()}>
              {t('rush-list.try-again')}
            </Button>
          </p>
        )}
        {listed?.length === 0 &&
          (words || kind || tag ? (
            <p className="rushes-empty">
              {words ? t('rush-list.nothing-here-is-called', { words }) : t('rush-list.nothing-of-this-kind')}{' '}
              <Button
                onClick={() => {
                  setSearch('');
                  setKind(null);
                  setTag(null);
                }}
              >
                {t('rush-list.show-all')}
              </Button>
            </p>
          ) : (
            <div className="rushes-empty">
              <h2>{t('rush-list.nothing-here-yet')}</h2>
              <p className="quiet">{t('rush-list.a-rush-is-one')}</p>
              <Button type="primary" size="large" onClick={() => navigate('/rushes/new')}>
                {t('rush-list.describe-your-first-rush')}
              </Button>
            </div>
          ))}
        {selection.chosen.length > 0 ? (
          <div className="rushes-tools" role="toolbar" aria-label={t('rush-list.what-is-selected')}>
            <b>{t('rush-list.selected', { chosen: selection.chosen.length })}</b>
            <Button size="small" onClick={() => navigate(`/outings/new?rush=${selection.chosen.join(',')}`)}>
              {t('rush-list.plan-an-outing')}
            </Button>
            <Button
              size="small"
              href={`/api/rushes/file?${selection.chosen.map((id) => `rushes[]=${id}`).join('&')}`}
            >
              {t('rush-list.download')}
            </Button>
            <TagField selected={listed?.filter(({ id }) => selection.has(id)) ?? []} />
            <Button size="small" loading={removeAll.isPending} onClick={removeChosen}>
              {t('rush-list.delete')}
            </Button>
            <span className="rushes-tools-end">
              <Button size="small" type="link" onClick={selection.all}>
                {t('rush-list.select-all')}
              </Button>
              <Button size="small" type="link" onClick={selection.clear}>
                {t('rush-list.clear')}
              </Button>
            </span>
          </div>
        ) : (
          ((listed?.length ?? 0) > 1 || kind || tag) && (
            <div className="rushes-tools">
              <Select
                size="small"
                aria-label={t('rush-list.order')}
                popupMatchSelectWidth={false}
                value={sort}
                options={[
                  { value: 'changed', label: t('rush-list.last-changed-first') },
                  { value: 'name', label: t('rush-list.by-name') },
                  { value: 'subject', label: t('rush-list.by-subject') },
                ]}
                onChange={setSort}
              />
              <Select
                size="small"
                aria-label={t('rush-list.kind')}
                popupMatchSelectWidth={false}
                value={kind ?? ''}
                options={[{ value: '', label: t('rush-list.all-kinds') }, ...options('subject-kind')]}
                onChange={(to) => setKind((to || null) as RushKind | null)}
              />
              {tags.length > 0 && (
                <Select
                  size="small"
                  aria-label={t('rush-list.tagged')}
                  popupMatchSelectWidth={false}
                  value={tag ?? ''}
                  options={[
                    { value: '', label: t('rush-list.any-tag') },
                    ...tags.map((one) => ({ value: one, label: one })),
                  ]}
                  onChange={(to) => setTag(to || null)}
                />
              )}
            </div>
          )
        )}
        <ul className="rush-list" aria-busy={rushes.isFetching}>
          {listed?.map((rush) => (
            <li key={rush.id} className={selection.has(rush.id) ? 'rush-row chosen' : 'rush-row'}>
              <Checkbox
                className="rush-choose"
                aria-label={t('rush-list.select', { name: rush.name })}
                checked={selection.has(rush.id)}
                onChange={(event) => selection.toggle(rush.id, event.nativeEvent.shiftKey)}
              />
              <RushLink rush={rush} />
              <Dropdown trigger={['click']} menu={menu(rush)}>
                <Button type="text" aria-label={t('rush-list.more-for', { name: rush.name })}>
                  •••
                </Button>
              </Dropdown>
            </li>
          ))}
        </ul>
        {rushes.hasNextPage && (
          <p className="rushes-more">
            <Button onClick={() => void rushes.fetchNextPage()} loading={rushes.isFetchingNextPage}>
              {t('rush-list.show-more')}
            </Button>
          </p>
        )}
      </main>
      <Modal
        title={t('rush-list.rename')}
        open={renaming !== null}
        okText={t('rush-list.rename')}
        okButtonProps={{ disabled: !renaming?.name.trim(), loading: rename.isPending }}
        onCancel={() => setRenaming(null)}
        onOk={finishRenaming}
      >
        <Input
          aria-label={t('rush-list.name')}
          maxLength={120}
          value={renaming?.name ?? ''}
          onChange={(event) => renaming && setRenaming({ ...renaming, name: event.target.value })}
          onPressEnter={finishRenaming}
        />
      </Modal>
    </div>
  );
}
