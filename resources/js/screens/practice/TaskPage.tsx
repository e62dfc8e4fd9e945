import './practice.css';
import { App, Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { taskActions, usePracticeAction, useTask } from '../../api/practice';
import { dayOf } from '../../parts/days';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
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
  useTitle(name ?? 'From your teacher');
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
              {task.teacher} gave {task.group.name} {copied[task.kind]}
              {task.due_on && `, to be done by ${dayOf(task.due_on)}`}
            </p>
            <h1>{name}</h1>
            {task.note && <blockquote className="task-note">{task.note}</blockquote>}
            {task.done_at && (
              <p>
                <span aria-hidden="true">✓</span> You did it on {dayOf(task.done_at)}.{' '}
                <Button size="small" loading={again.isPending} onClick={() => again.mutate(id, failed)}>
                  Not done after all
                </Button>
              </p>
            )}
            {shoots && (
              <Checkbox checked={share} onChange={(event) => setShare(event.target.checked)}>
                {task.teacher} sees the bursts I log of it
              </Checkbox>
            )}
            <div className="task-actions">
              <Button type={task.done_at ? 'default' : 'primary'} size="large" loading={busy} onClick={begin}>
                {task.kind === 'drill' ? 'Play it' : 'Copy it into my account'}
              </Button>
              {!task.done_at && task.kind !== 'drill' && (
                <Button size="large" loading={done.isPending} onClick={() => done.mutate({ id }, failed)}>
                  Done
                </Button>
              )}
            </div>
            <p className="quiet">
              {task.teacher} sees that you did it.{' '}
              {task.kind === 'drill'
                ? 'What it came to, only if you share your drills with the group.'
                : 'It becomes yours: what you change stays with you.'}{' '}
              <Link to="/practice/groups">What you share</Link>
            </p>
          </>
        )}
      </main>
    </>
  );
}
