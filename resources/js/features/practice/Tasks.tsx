import './practice.css';
import { Link } from 'react-router';
import { type GroupTask, today, useTasks } from '../../api/practice';
import { dayOf } from '../../lang/days';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { copied } from './useTakeCopy';

/** So many are shown at once. */
const MOST = 4;

export const nameOf = (task: Pick<GroupTask, 'kind' | 'name'>) =>
  task.kind === 'drill' ? label('exercise', task.name) : task.name;

/** When something is due, and whether that is past. */
export function DueOn({ day }: { day: string | null }) {
  if (!day) return null;
  return (
    <span className={day < today() ? 'task-late' : undefined}>
      {day < today() ? t('tasks.was-due') : t('tasks.by')} {dayOf(day)}
    </span>
  );
}

/** What the teachers of one’s groups have given and is not done yet; of one group where it is named. */
export function Tasks({ group }: { group?: string }) {
  const open = (useTasks().data ?? []).filter(
    (task) => task.done_at === null && (group === undefined || task.group.id === group),
  );
  if (open.length === 0) return null;
  // What is due first comes first.
  const sorted = [...open].sort((a, b) => (a.due_on ?? '9').localeCompare(b.due_on ?? '9'));
  return (
    <section aria-labelledby={`tasks-${group ?? 'all'}`} className="tasks">
      <div className="today-head">
        <h2 id={`tasks-${group ?? 'all'}`}>{t('tasks.from-your-teacher')}</h2>
        {group === undefined && <Link to="/practice/groups">{t('tasks.groups')}</Link>}
      </div>
      <ul className="rush-list">
        {sorted.slice(0, MOST).map((task) => (
          <li key={task.id} className="rush-row waits-row">
            <Link to={`/tasks/${task.id}`}>{nameOf(task)}</Link>
            <span className="quiet">
              {t('tasks.for', { copied: copied[task.kind], name: task.group.name })}{' '}
              <DueOn day={task.due_on} />
            </span>
          </li>
        ))}
      </ul>
      {sorted.length > MOST && (
        <p className="quiet">{t('tasks.and-more', { sorted: sorted.length - MOST })}</p>
      )}
    </section>
  );
}
