import { App, Button, Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import { type Practice, practiceActions, today, usePracticeAction } from '../../api/practice';
import { sayDate } from '../../lang/dates';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';

/** A day so many days after another. */
function daysAfter(day: string, days: number): string {
  const at = new Date(`${day}T12:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

const mondayBefore = (day: string) => daysAfter(day, -((new Date(`${day}T12:00Z`).getUTCDay() + 6) % 7));

const DAYS = [
  t('calendar-view.mon'),
  t('calendar-view.tue'),
  t('calendar-view.wed'),
  t('calendar-view.thu'),
  t('calendar-view.fri'),
  t('calendar-view.sat'),
  t('calendar-view.sun'),
];

/** The coming four weeks, and when one wants to practise. */
export function CalendarView({ practice }: { practice: Practice }) {
  const { habit } = practice.settings;
  const [changing, setChanging] = useState(false);
  const { message } = App.useApp();
  const save = usePracticeAction(practiceActions.settings);
  const put = (next: Partial<typeof habit>) =>
    save.mutate(
      { ...practice.settings, habit: { ...habit, ...next } },
      { onError: (error) => void message.error(error.message) },
    );
  const monday = mondayBefore(today());
  const sessions = new Map(practice.ladder.calendar.map((s) => [s.day, s]));
  const isOff = (day: string) => habit.off.some((o) => day >= o.from && day <= o.to);
  return (
    <section aria-labelledby="calendar">
      <div className="today-head">
        <h2 id="calendar">{t('calendar-view.four-weeks')}</h2>
        <Button onClick={() => setChanging(!changing)} aria-expanded={changing}>
          {changing ? t('calendar-view.done') : t('calendar-view.change-days')}
        </Button>
        <a
          className="ant-btn ant-btn-default calendar-file"
          href={`/api/practice/calendar?day=${today()}`}
          download
        >
          {t('calendar-view.for-my-calendar')}
        </a>
      </div>
      {changing && (
        <div className="calendar-settings">
          <Checkbox.Group
            aria-label={t('calendar-view.days')}
            value={habit.weekdays}
            options={DAYS.map((name, i) => ({ value: i + 1, label: name }))}
            onChange={(days) => days.length > 0 && put({ weekdays: [...days].sort((a, b) => a - b) })}
          />
          <div className="drill-setting">
            <span>{t('calendar-view.at-most')}</span>
            <Select
              aria-label={t('calendar-view.at-most')}
              value={habit.minutes}
              options={[5, 8, 12, 20].map((m) => ({ value: m, label: t('calendar-view.minutes', { m }) }))}
              onChange={(minutes) => put({ minutes })}
            />
          </div>
          <div className="drill-setting">
            <span>{t('calendar-view.reminder-at')}</span>
            <Input
              aria-label={t('calendar-view.reminder-at')}
              type="time"
              defaultValue={habit.at}
              onBlur={(event) =>
                event.target.value && event.target.value !== habit.at && put({ at: event.target.value })
              }
            />
          </div>
          <div className="drill-setting">
            <span>{t('calendar-view.days-off')}</span>
            <DaysOff onAdd={(from, to) => put({ off: [...habit.off, { from, to }] })} />
          </div>
          {habit.off.length > 0 && (
            <ul className="calendar-off">
              {habit.off.map((off) => (
                <li key={off.from + off.to}>
                  {t('calendar-view.to', { from: off.from, to: off.to })}
                  <Button
                    size="small"
                    type="text"
                    aria-label={t('calendar-view.practise-from-to-after', { from: off.from, to: off.to })}
                    onClick={() => put({ off: habit.off.filter((o) => o !== off) })}
                  >
                    ×
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
      <ol className="calendar">
        {Array.from({ length: 28 }, (_, i) => daysAfter(monday, i)).map((day, i) => {
          const date = new Date(`${day}T12:00`);
          const session = sessions.get(day);
          return (
            <li
              key={day}
              className={`calendar-day${day === today() ? ' now' : ''}${isOff(day) ? ' off' : ''}${day < today() ? ' past' : ''}`}
            >
              <span className="calendar-date">
                {sayDate(date, date.getDate() === 1 || i === 0 ? 'shortDay' : 'dayOfMonth')}
              </span>
              {session && (
                <span className="calendar-what">
                  {session.turns.map((t) => (
                    <span key={t.drill} className={t.refresher ? 'refresher' : undefined}>
                      {label('exercise', t.drill)}
                      {t.turns > 1 && ` ×${t.turns}`}
                    </span>
                  ))}
                  {session.field && <span className="field">{t('calendar-view.and-in-the-field')}</span>}
                </span>
              )}
              {isOff(day) && <span className="quiet">{t('calendar-view.off')}</span>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function DaysOff({ onAdd }: { onAdd: (from: string, to: string) => void }) {
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const last = to || from;
  return (
    <span className="days-off">
      <Input
        aria-label={t('calendar-view.off-from')}
        type="date"
        value={from}
        onChange={(e) => setFrom(e.target.value)}
      />
      <Input
        aria-label={t('calendar-view.off-until')}
        type="date"
        value={to}
        min={from}
        onChange={(e) => setTo(e.target.value)}
      />
      <Button
        disabled={from === '' || last < from}
        onClick={() => {
          onAdd(from, last);
          setFrom('');
          setTo('');
        }}
      >
        {t('calendar-view.add')}
      </Button>
    </span>
  );
}
