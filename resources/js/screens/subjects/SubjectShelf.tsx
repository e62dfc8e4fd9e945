import { App, Input } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { kitActions, type Listed, useKitAction } from '../../api/kit';
import { calledBy, finds } from '../../parts/find';
import { Silhouette } from '../../parts/Silhouette';
import { UploadButton } from '../../parts/UploadButton';
import { useNotTaken } from '../../parts/useUndo';
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
  const groups = useMemo(() => [...new Set(items.map((s) => s.outline.group ?? 'Own'))], [items]);
  return (
    <section className="subject-list" aria-label="Subjects">
      <div className="subject-head">
        <h1>Subjects</h1>
        <UploadButton
          label="Subject document to upload"
          busy={upload.isPending}
          onFile={(file) =>
            upload.mutate(
              { type: 'subjects', file },
              {
                onError: (error) => notTaken(error),
                onSuccess: (item) => {
                  message.success(`“${item.name}” is among your subjects.`);
                  navigate(`/subjects/${item.id}`);
                },
              },
            )
          }
        >
          Upload
        </UploadButton>
        <NewSubject />
      </div>
      <Input
        type="search"
        allowClear
        aria-label="Search subjects"
        placeholder={`Search ${subjects?.length ?? ''} subjects`}
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
      {error && <p role="alert">{error.message}</p>}
      {!subjects && !error && <p className="quiet">Loading…</p>}
      {groups.map((group) => (
        <div key={group}>
          <h2>{group}</h2>
          <ul>
            {items
              .filter((s) => (s.outline.group ?? 'Own') === group)
              .map((s) => (
                <li key={s.id}>
                  <Link to={`/subjects/${s.id}`} aria-current={s.id === chosen ? 'true' : undefined}>
                    <Silhouette figure={s.outline.subject?.figure ?? 'plain'} />
                    <span>{s.name}</span>
                    {!s.sample && <em>yours</em>}
                  </Link>
                </li>
              ))}
          </ul>
        </div>
      ))}
      {subjects && items.length === 0 && <p className="quiet">Nobody here is called “{search}”.</p>}
    </section>
  );
}
