import { App, Input } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { kitActions, type Listed, useKitAction } from '../../api/kit';
import { t } from '../../lang/subjects';
import { calledBy, finds } from '../../ui/find';
import { Silhouette } from '../../ui/Silhouette';
import { UploadButton } from '../../ui/UploadButton';
import { useNotTaken } from '../../ui/useUndo';
import { NewSubject } from './NewSubject';

/** Those whose name, other names, group or kind has every word. */
const matching = (subjects: Listed<'subjects'>[], search: string) =>
  subjects.filter((s) => finds(search, calledBy(s)));

type Props = {
  subjects: Listed<'subjects'>[] | undefined;
  chosen: string | undefined;
  error: Error | null;
};

/** All subjects, by group, to search and choose from. */
export function SubjectShelf({ subjects, chosen, error }: Props) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const [search, setSearch] = useState('');
  const upload = useKitAction(kitActions.upload);
  const items = useMemo(() => matching(subjects ?? [], search), [subjects, search]);
  const groups = useMemo(
    () => [...new Set(items.map((s) => s.outline.group ?? t('subject-shelf.own')))],
    [items],
  );
  return (
    <section className="subject-list" aria-label={t('subject-shelf.subjects')}>
      <div className="subject-head">
        <h1>{t('subject-shelf.subjects')}</h1>
        <UploadButton
          label={t('subject-shelf.subject-document-to-upload')}
          busy={upload.isPending}
          onFile={(file) =>
            upload.mutate(
              { type: 'subjects', file },
              {
                onError: (error) => notTaken(error),
                onSuccess: (item) => {
                  message.success(t('subject-shelf.is-among-your-subjects', { name: item.name }));
                  navigate(`/subjects/${item.id}`);
                },
              },
            )
          }
        >
          {t('subject-shelf.upload')}
        </UploadButton>
        <NewSubject />
      </div>
      <Input
        type="search"
        allowClear
        aria-label={t('subject-shelf.search-subjects')}
        placeholder={t('subject-shelf.search-subjects-2', { subjects: subjects?.length ?? '' })}
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
      {error && <p role="alert">{error.message}</p>}
      {!subjects && !error && <p className="quiet">{t('subject-shelf.loading')}</p>}
      {groups.map((group) => (
        <div key={group}>
          <h2>{group}</h2>
          <ul>
            {items
              .filter((s) => (s.outline.group ?? t('subject-shelf.own')) === group)
              .map((s) => (
                <li key={s.id}>
                  <Link to={`/subjects/${s.id}`} aria-current={s.id === chosen ? 'true' : undefined}>
                    <Silhouette figure={s.outline.subject?.figure ?? 'plain'} />
                    <span>{s.name}</span>
                    {!s.sample && <em>{t('subject-shelf.yours')}</em>}
                  </Link>
                </li>
              ))}
          </ul>
        </div>
      ))}
      {subjects && items.length === 0 && (
        <p className="quiet">{t('subject-shelf.nobody-here-is-called', { search })}</p>
      )}
    </section>
  );
}
