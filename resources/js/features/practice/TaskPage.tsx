import './practice.css';
import { App, Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { taskActions, usePracticeAction, useTask } from '../../api/practice';
import { dayOf } from '../../lang/days';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { copied, useTakeCopy } from './useTakeCopy';

/** Something a teacher gave: what it is, and doing it. */
export default function TaskPage() {
  const { id = '' } = useParams();
  const given = useTask(id);
  const { message } = App.useApp();
  const { busy, takeIt } = useTakeCopy();
  const [share, setShare] = useState(false);
  const done = usePracticeAction(taskActions.done);
  const again = usePracticeAction(taskActions.again);
  const failed = { onError: (error: Error) => void message.error(error.message) };
  const task = given.data?.task;
  const name = task && (task.kind === 'drill' ? label('exercise', task.name) : task.name);
  useTitle(name ?? t('task-page.from-your-teacher'));
  const shoots = task?.kind === 'rush' || task?.kind === 'hold';

  const begin = () =>
    given.data &&
    task &&
    void takeIt({ kind: task.kind, document: given.data.document }, id, (made) =>
      done.mutateAsync({ id, ...(made.rush ? { rush: made.rush, share } : {}) }),
    );
  return (
    <>
      <TopBar />
      <main className="page task-page">
        {given.isError && <Failed message={given.error.message} missing={given.error.status === 404} />}
        {task && (
          <>
            <p className="quiet">
              {t('task-page.gave', {
                teacher: task.teacher,
                name: task.group.name,
                copied: copied[task.kind],
                isDueOn: task.due_on ? 'yes' : 'no',
                dueOn: task.due_on ? dayOf(task.due_on) : '',
              })}
            </p>
            <h1>{name}</h1>
            {task.note && <blockquote className="task-note">{task.note}</blockquote>}
            {task.done_at && (
              <p>
                {t.rich('task-page.you-did-it-on', {
                  span: <span aria-hidden="true">✓</span>,
                  doneAt: dayOf(task.done_at),
                })}{' '}
                <Button size="small" loading={again.isPending} onClick={() => again.mutate(id, failed)}>
                  {t('task-page.not-done-after-all')}
                </Button>
              </p>
            )}
            {shoots && (
              <Checkbox checked={share} onChange={(event) => setShare(event.target.checked)}>
                {t('task-page.sees-the-bursts-i', { teacher: task.teacher })}
              </Checkbox>
            )}
            <div className="task-actions">
              <Button type={task.done_at ? 'default' : 'primary'} size="large" loading={busy} onClick={begin}>
                {task.kind === 'drill' ? t('task-page.play-it') : t('task-page.copy-it-into-my')}
              </Button>
              {!task.done_at && task.kind !== 'drill' && (
                <Button size="large" loading={done.isPending} onClick={() => done.mutate({ id }, failed)}>
                  {t('task-page.done')}
                </Button>
              )}
            </div>
            <p className="quiet">
              {t.rich('task-page.sees-that-you-did', {
                teacher: task.teacher,
                isKind: task.kind === 'drill' ? 'yes' : 'no',
                link: (text) => <Link to="/practice/groups">{text}</Link>,
              })}
            </p>
          </>
        )}
      </main>
    </>
  );
}
