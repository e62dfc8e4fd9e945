import { App, Button } from 'antd';
import { type GroupResults, taskActions, usePracticeAction } from '../../api/practice';
import { t } from '../../lang/practice';
import { percent } from './drills';
import { DueOn, nameOf } from './Tasks';
import { copied } from './useTakeCopy';

type Task = GroupResults['tasks'][number];
type Member = GroupResults['members'][number];

/** What a group was given, and who did it. */
export function GivenTasks({ group }: { group: GroupResults }) {
  if (group.tasks.length === 0) return null;
  return (
    <section aria-labelledby="given">
      <h2 id="given">{t('given-tasks.given-to-do')}</h2>
      <ul className="rush-list">
        {group.tasks.map((task) => (
          <Given key={task.id} group={group.id} task={task} members={group.members} />
        ))}
      </ul>
    </section>
  );
}

function Given({ group, task, members }: { group: string; task: Task; members: Member[] }) {
  const { message } = App.useApp();
  const back = usePracticeAction(taskActions.back);
  const doneBy = (member: Member) => task.done.find((d) => d.member === member.id);
  return (
    <li className="rush-row given-row">
      <div>
        <strong>{nameOf(task)}</strong>
        <span className="quiet">
          {copied[task.kind]} <DueOn day={task.due_on} />
        </span>
        {task.note && <span className="given-note">{task.note}</span>}
      </div>
      <div className="given-who">
        <strong className="figures">
          {t('given-tasks.of', { done: task.done.length, members: members.length })}
        </strong>{' '}
        <span className="quiet">{t('given-tasks.did-it')}</span>
        <ul aria-label={t('given-tasks.who-did', { task: nameOf(task) })}>
          {members.map((member) => {
            const done = doneBy(member);
            return (
              <li key={member.id} className={done ? 'did' : 'quiet'}>
                <span aria-hidden="true">{done ? '●' : '○'}</span> {member.name}
                {done?.value != null && ` ${percent(done.value)}`}
                <span className="sr-only">, {done ? t('given-tasks.done') : t('given-tasks.not-yet')}</span>
              </li>
            );
          })}
        </ul>
      </div>
      <Button
        size="small"
        loading={back.isPending}
        onClick={() =>
          back.mutate(
            { group, task: task.id },
            {
              onError: (error) => void message.error(error.message),
              onSuccess: () => void message.success(t('given-tasks.taken-back-copies-that')),
            },
          )
        }
      >
        {t('given-tasks.take-back')}
      </Button>
    </li>
  );
}
