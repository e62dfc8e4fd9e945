import { App, Button } from 'antd';
import { type GroupResults, taskActions, usePracticeAction } from '../../api/practice';
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
      <h2 id="given">Given to do</h2>
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
          {task.done.length} of {members.length}
        </strong>{' '}
        <span className="quiet">did it</span>
        <ul aria-label={`Who did ${nameOf(task)}`}>
          {members.map((member) => {
            const done = doneBy(member);
            return (
              <li key={member.id} className={done ? 'did' : 'quiet'}>
                <span aria-hidden="true">{done ? '●' : '○'}</span> {member.name}
                {done?.value != null && ` ${percent(done.value)}`}
                <span className="sr-only">{done ? ', done' : ', not yet'}</span>
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
              onSuccess: () => void message.success('Taken back. Copies that were taken stay.'),
            },
          )
        }
      >
        Take back
      </Button>
    </li>
  );
}
