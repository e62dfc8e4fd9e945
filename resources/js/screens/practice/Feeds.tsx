import { App, Checkbox } from 'antd';
import { type Practice, practiceActions, usePracticeAction } from '../../api/practice';
import { label } from '../../parts/words';
import { percent } from './drills';

type Name = keyof Practice['settings']['feeds'];

const said: Record<Name, string> = {
  controls: 'Layouts reckon with my times',
  hand: 'Plans move with my hand',
  first_sharp: 'Plans use my times to the first sharp frame',
};

/** What one kind of practice could move in plans, how far, and whether it may. */
export function Feed({ feed, practice }: { feed: Name; practice: Practice }) {
  const { message } = App.useApp();
  const save = usePracticeAction(practiceActions.settings);
  const on = practice.settings.feeds[feed];
  const { feeds } = practice;
  const first = feeds.first_sharp;
  const known =
    feed === 'controls'
      ? feeds.controls.length + feeds.moves.length > 0
      : feed === 'hand'
        ? feeds.hand.at !== null
        : first.auto.median_s !== null || first.by_hand.median_s !== null;
  const time = (way: Practice['feeds']['first_sharp']['auto'], name: string) =>
    way.trials === 0
      ? null
      : `${name} ${way.median_s === null ? (way.trials < first.fewest ? `${way.trials} of ${first.fewest} trials so far` : 'missed more often than not') : `${way.median_s.toFixed(2)} s, median of ${way.trials}`}${way.missed ? ` with ${way.missed} missed` : ''}`;
  return (
    <div className="feed">
      <Checkbox
        checked={on}
        disabled={(!known && !on) || save.isPending}
        onChange={(event) => {
          const next = event.target.checked;
          save.mutate(
            { ...practice.settings, feeds: { ...practice.settings.feeds, [feed]: next } },
            {
              onError: (error) => void message.error(error.message),
              onSuccess: () =>
                void message.success(next ? 'From now on. Untick it, and all is as it was.' : 'As it was.'),
            },
          );
        }}
      >
        {said[feed]}
      </Checkbox>
      <p className="quiet">
        {feed === 'controls' &&
          (known
            ? [
                ...feeds.controls.map((c) => ({ ...c, name: label('control-place', c.place) })),
                ...feeds.moves.map((m) => ({ ...m, name: label('area-move', m.move) })),
              ]
                .map(
                  (c) =>
                    `${c.name} ${c.seconds.toFixed(2)} s (${c.trials} trials; guessed ${c.usual_s.toFixed(1)} s)`,
                )
                .join(' · ')
            : 'Some rounds of buttons by touch, or of moving the area, are needed first.')}
        {feed === 'hand' &&
          (known
            ? `Focus by hand: you said ${percent(feeds.hand.said)}, practice has brought it to ${percent(feeds.hand.at ?? 0)} over ${feeds.hand.days.length === 1 ? 'a day' : `${feeds.hand.days.length} days`}, three points a day at most. What the log knows of your hand counts for more.`
            : 'Some rounds with the slow swimmer or in free flight are needed first.')}
        {feed === 'first_sharp' &&
          ([time(first.auto, 'Autofocus:'), time(first.by_hand, 'By hand:')].filter(Boolean).join(' · ') ||
            'Some trials with the stopwatch are needed first.')}
      </p>
    </div>
  );
}

/** All that practice could move. */
export function Feeds({ practice }: { practice: Practice }) {
  return (
    <section aria-labelledby="feeds">
      <h2 id="feeds">What practice changes</h2>
      <p className="quiet">Nothing, unless you say so; and unticked again, everything is as it was.</p>
      <Feed feed="controls" practice={practice} />
      <Feed feed="hand" practice={practice} />
      <Feed feed="first_sharp" practice={practice} />
    </section>
  );
}
