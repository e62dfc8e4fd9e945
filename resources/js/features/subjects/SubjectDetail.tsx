import { App, Button, Dropdown } from 'antd';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { SubjectProfile } from '../../api/client';
import { useSession } from '../../api/hooks';
import { type Item, kitActions, useKitAction, useSaveKit } from '../../api/kit';
import { t } from '../../lang/subjects';
import { Restored } from '../../ui/Restored';
import { useEditor } from '../../ui/useEditor';
import { useUndo } from '../../ui/useUndo';
import { PutUp } from '../kit/door';
import { SubjectFacts } from './SubjectFacts';
import { SubjectFields } from './SubjectFields';
import { TrueScale } from './TrueScale';

/** What else can be done with a subject: copying, deleting with a way back. */
function useSubjectActions(item: Item<'subjects'>) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const save = useSaveKit('subjects');
  const remove = useKitAction(kitActions.remove);
  const restore = useKitAction(kitActions.restore);
  const failed = (error: Error) => message.error(error.message);
  return {
    copy: (profile: SubjectProfile) =>
      save.mutate(
        {
          document: {
            ...profile,
            group: t('subject-detail.own'),
            subject: { ...profile.subject, name: t('subject-detail.copy', { name: profile.subject.name }) },
          },
        },
        { onError: failed, onSuccess: (made) => navigate(`/subjects/${made.id}`) },
      ),
    remove: () => {
      const which = { type: 'subjects' as const, id: item.id };
      remove.mutate(which, {
        onError: failed,
        onSuccess: () => {
          navigate(item.based_on ? `/subjects/${item.based_on}` : '/subjects');
          undo(
            item.based_on
              ? t('subject-detail.your-version-is-deleted')
              : t('subject-detail.is-deleted', { name: item.name }),
            () => restore.mutateAsync(which),
          );
        },
      });
    },
  };
}

/** One subject: what is known of it, and correcting it. */
export function SubjectDetail({ item }: { item: Item<'subjects'> }) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const actions = useSubjectActions(item);
  const [editing, setEditing] = useState(false);
  const [putting, setPutting] = useState(false);
  const demo = useSession().data?.user?.is_demo;
  const editor = useEditor({
    type: 'subjects',
    what: `subject.${item.id}`,
    base: item.document,
    item,
    asCheck: (d) => (editing ? d : undefined),
  });
  const { draft } = editor;
  useEffect(() => {
    if (editor.dirty) setEditing(true);
  }, [editor.dirty]);
  if (!draft) return null;

  async function keep() {
    const saved = await editor.keep();
    if (!saved) return;
    setEditing(false);
    message.success(item.sample ? t('subject-detail.saved-yours-now-stands') : t('subject-detail.saved'));
    navigate(`/subjects/${saved.id}`);
  }

  return (
    <section className="page subject-detail" aria-label={item.name}>
      <div className="page-head">
        <h2 className="subject-name">{draft.subject.name}</h2>
        <Button onClick={() => navigate(`/rushes/new?subject=${item.id}`)}>
          {t('subject-detail.new-rush-with-it')}
        </Button>
        {editing ? (
          <>
            <Button
              onClick={() => {
                editor.revert();
                setEditing(false);
              }}
            >
              {t('subject-detail.cancel')}
            </Button>
            <Button
              type="primary"
              loading={editor.busy}
              disabled={editor.refused !== null}
              onClick={() => void keep()}
            >
              {t('subject-detail.save')}
            </Button>
          </>
        ) : (
          <Button type="primary" onClick={() => setEditing(true)}>
            {t('subject-detail.correct-it')}
          </Button>
        )}
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              {
                key: 'copy',
                label: t('subject-detail.make-another-from-it'),
                onClick: () => actions.copy(draft),
              },
              {
                key: 'file',
                label: (
                  <a href={`/api/kit/subjects/${item.id}/document`} download>
                    {t('subject-detail.download')}
                  </a>
                ),
              },
              ...(item.sample
                ? []
                : [
                    {
                      key: 'shelf',
                      label: t('subject-detail.put-it-on-the'),
                      disabled: demo === true,
                      onClick: () => setPutting(true),
                    },
                    { key: 'delete', label: t('subject-detail.delete'), onClick: actions.remove },
                  ]),
            ],
          }}
        >
          <Button type="text" aria-label={t('subject-detail.more-for-this-subject')}>
            •••
          </Button>
        </Dropdown>
      </div>
      {putting && (
        <PutUp type="subjects" id={item.id} name={draft.subject.name} onClose={() => setPutting(false)} />
      )}
      <Restored
        shown={editor.restored}
        onDrop={() => {
          setEditing(false);
          return editor.revert();
        }}
      />
      <TrueScale profile={draft} />
      {editing ? (
        <SubjectFields profile={draft} refused={editor.refused} onChange={editor.change} />
      ) : (
        <SubjectFacts profile={draft} />
      )}
    </section>
  );
}
