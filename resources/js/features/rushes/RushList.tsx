import './rushes.css';
import { App, Button, Input } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { type RushSort, rushActions, useRushAction, useRushes, useTags } from '../../api/hooks';
import { t } from '../../lang/rushes';
import { TopBar } from '../../ui/bar/TopBar';
import { NearlyFull } from '../../ui/NearlyFull';
import { UploadButton } from '../../ui/UploadButton';
import { useSelection } from '../../ui/useSelection';
import { useStored } from '../../ui/useStored';
import { useTitle } from '../../ui/useTitle';
import { useNotTaken } from '../../ui/useUndo';
import { OneLine } from './OneLine';
import { Rename } from './Rename';
import { RushRow } from './RushRow';
import { type Filters, ListTools, SelectedTools } from './RushTools';

const SORTS: RushSort[] = ['changed', 'name', 'subject'];
const ALL: Filters = { kind: null, tag: null };

export default function RushList() {
  useTitle(t('rush-list.rushes'));
  const [search, setSearch] = useState('');
  const words = useDeferredValue(search.trim());
  const [sort, setSort] = useStored<RushSort>('rush-hold.rushes.sort', 'changed', SORTS);
  const [filters, setFilters] = useState(ALL);
  const tags = useTags().data ?? [];
  const rushes = useRushes(words, sort, filters.kind, filters.tag);
  const listed = rushes.data?.pages.flatMap((page) => page.items);
  const ids = useMemo(() => listed?.map(({ id }) => id) ?? [], [listed]);
  const selection = useSelection(ids);
  const [renaming, setRenaming] = useState<{ id: string; name: string } | null>(null);
  const narrowed = filters.kind !== null || filters.tag !== null;
  const showAll = () => {
    setSearch('');
    setFilters(ALL);
  };

  return (
    <div className="rushes-page">
      <TopBar />
      <main className="rushes">
        <Head search={search} onSearch={setSearch} />
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
        {listed?.length === 0 && (words || narrowed ? <NoneSuch words={words} onAll={showAll} /> : <None />)}
        {selection.chosen.length > 0 ? (
          <SelectedTools selection={selection} listed={listed ?? []} />
        ) : (
          ((listed?.length ?? 0) > 1 || narrowed) && (
            <ListTools sort={sort} filters={filters} tags={tags} onSort={setSort} onFilter={setFilters} />
          )
        )}
        <ul className="rush-list" aria-busy={rushes.isFetching}>
          {listed?.map((rush) => (
            <RushRow
              key={rush.id}
              rush={rush}
              chosen={selection.has(rush.id)}
              onChoose={(through) => selection.toggle(rush.id, through)}
              onRename={() => setRenaming({ id: rush.id, name: rush.name })}
            />
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
      {renaming && <Rename key={renaming.id} {...renaming} onDone={() => setRenaming(null)} />}
    </div>
  );
}

function Head({ search, onSearch }: { search: string; onSearch: (search: string) => void }) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const upload = useRushAction(rushActions.upload);
  return (
    <div className="rushes-head">
      <h1>{t('rush-list.your-rushes')}</h1>
      <Input
        className="rushes-search"
        type="search"
        allowClear
        placeholder={t('rush-list.search-name-or-subject')}
        aria-label={t('rush-list.search-name-or-subject')}
        value={search}
        onChange={(event) => onSearch(event.target.value)}
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
  );
}

/** Nothing is called so, or is of that kind. */
function NoneSuch({ words, onAll }: { words: string; onAll: () => void }) {
  return (
    <p className="rushes-empty">
      {words ? t('rush-list.nothing-here-is-called', { words }) : t('rush-list.nothing-of-this-kind')}{' '}
      <Button onClick={onAll}>{t('rush-list.show-all')}</Button>
    </p>
  );
}

function None() {
  const navigate = useNavigate();
  return (
    <div className="rushes-empty">
      <h2>{t('rush-list.nothing-here-yet')}</h2>
      <p className="quiet">{t('rush-list.a-rush-is-one')}</p>
      <Button type="primary" size="large" onClick={() => navigate('/rushes/new')}>
        {t('rush-list.describe-your-first-rush')}
      </Button>
    </div>
  );
}
