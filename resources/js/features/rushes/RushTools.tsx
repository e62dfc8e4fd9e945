import { App, Button, Select } from 'antd';
import { useNavigate } from 'react-router';
import type { RushSummary } from '../../api/client';
import { type RushKind, type RushSort, rushActions, useRushAction } from '../../api/hooks';
import { options } from '../../lang/labels';
import { t } from '../../lang/rushes';
import type { useSelection } from '../../ui/useSelection';
import { useUndo } from '../../ui/useUndo';
import { TagField } from './TagField';

type Selection = ReturnType<typeof useSelection>;

/** What can be done with all that are selected. */
export function SelectedTools({ selection, listed }: { selection: Selection; listed: RushSummary[] }) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const removeAll = useRushAction(rushActions.removeAll);
  const restoreAll = useRushAction(rushActions.restoreAll);
  const { chosen } = selection;

  const onDelete = () =>
    removeAll.mutate(chosen, {
      onError: (error) => void message.error(error.message),
      onSuccess: () => {
        selection.clear();
        undo(t('rush-list.rushes-are-deleted', { chosen: chosen.length }), () =>
          restoreAll.mutateAsync(chosen),
        );
      },
    });

  return (
    <div className="rushes-tools" role="toolbar" aria-label={t('rush-list.what-is-selected')}>
      <b>{t('rush-list.selected', { chosen: chosen.length })}</b>
      <Button size="small" onClick={() => navigate(`/outings/new?rush=${chosen.join(',')}`)}>
        {t('rush-list.plan-an-outing')}
      </Button>
      <Button size="small" href={`/api/rushes/file?${chosen.map((id) => `rushes[]=${id}`).join('&')}`}>
        {t('rush-list.download')}
      </Button>
      <TagField selected={listed.filter(({ id }) => selection.has(id))} />
      <Button size="small" loading={removeAll.isPending} onClick={onDelete}>
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
  );
}

export type Filters = { kind: RushKind | null; tag: string | null };

type FilterProps = {
  sort: RushSort;
  filters: Filters;
  tags: string[];
  onSort: (sort: RushSort) => void;
  onFilter: (filters: Filters) => void;
};

/** In which order they stand, and which of them. */
export function ListTools({ sort, filters, tags, onSort, onFilter }: FilterProps) {
  const { kind, tag } = filters;
  return (
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
        onChange={onSort}
      />
      <Select
        size="small"
        aria-label={t('rush-list.kind')}
        popupMatchSelectWidth={false}
        value={kind ?? ''}
        options={[{ value: '', label: t('rush-list.all-kinds') }, ...options('subject-kind')]}
        onChange={(to) => onFilter({ kind: (to || null) as RushKind | null, tag })}
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
          onChange={(to) => onFilter({ kind, tag: to || null })}
        />
      )}
    </div>
  );
}
