import { App, Checkbox } from 'antd';
import { type Practice, practiceActions, usePracticeAction } from '../../api/practice';
import { label } from '../../lang/labels';
import { listed } from '../../lang/lists';
import { t } from '../../lang/practice';
import { percent } from './drills';

type Name = keyof Practice['settings']['feeds'];

const said: Record<Name, string> = {
  controls: t('feeds.layouts-reckon-with-my'),
  hand: t('feeds.plans-move-with-my'),
  first_sharp: t('feeds.plans-use-my-times'),
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
      : `${name} ${listed(
          way.median_s !== null
            ? t('feeds.s-median-of', { medianS: way.median_s.toFixed(2), trials: way.trials })
            : way.trials < first.fewest
              ? t('feeds.of-trials-so-far', { trials: way.trials, fewest: first.fewest })
              : t('feeds.missed-more-often-than'),
          way.missed > 0 && t('feeds.with-missed', { missed: way.missed }),
        )}`;
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
                void message.success(next ? t('feeds.from-now-on-untick') : t('feeds.as-it-was')),
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
                .map((c) =>
                  t('feeds.s-trials-guessed-s', {
                    name: c.name,
                    seconds: c.seconds.toFixed(2),
                    trials: c.trials,
                    usualS: c.usual_s.toFixed(1),
                  }),
                )
                .join(' · ')
            : t('feeds.some-rounds-of-buttons'))}
        {feed === 'hand' &&
          (known
            ? t('feeds.focus-by-hand-you', {
                said: percent(feeds.hand.said),
                at: percent(feeds.hand.at ?? 0),
                days: feeds.hand.days.length,
              })
            : t('feeds.some-rounds-with-the'))}
        {feed === 'first_sharp' &&
          ([time(first.auto, t('feeds.autofocus')), time(first.by_hand, t('feeds.by-hand'))]
            .filter(Boolean)
            .join(' · ') ||
            t('feeds.some-trials-with-the'))}
      </p>
    </div>
  );
}

/** All that practice could move. */
export function Feeds({ practice }: { practice: Practice }) {
  return (
    <section aria-labelledby="feeds">
      <h2 id="feeds">{t('feeds.what-practice-changes')}</h2>
      <p className="quiet">{t('feeds.nothing-unless-you-say')}</p>
      <Feed feed="controls" practice={practice} />
      <Feed feed="hand" practice={practice} />
      <Feed feed="first_sharp" practice={practice} />
    </section>
  );
}
