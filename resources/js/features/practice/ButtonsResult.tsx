import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { usePractice } from '../../api/practice';
import { label, within } from '../../lang/labels';
import { figures, inside } from '../../lang/language';
import { andDotted, listed } from '../../lang/lists';
import { t } from '../../lang/practice';
import { type Column, Table } from '../../ui/Table';
import type { HandKey } from './hand';
import { OfferCopy } from './OfferCopy';

type Pressed = NonNullable<KeptDrill['score']['keys']>[number];

/** Which were right, how soon, and what was taken for what. */
export function ButtonsResult({ kept, layout }: { kept: KeptDrill; layout: HandKey[] }) {
  const s = kept.score;
  const keys = s.keys ?? [];
  const beyond = (seconds: number | null) =>
    seconds === null || s.reaction_s == null ? null : Math.max(0, seconds - s.reaction_s);
  const columns: Column<Pressed>[] = [
    { head: t('buttons-result.called'), names: true, cell: (k) => label('call', k.call) },
    ...keys.map((other) => ({
      head: label('control-place', other.place),
      figures: true,
      as: (k: Pressed) => (other.key === k.key ? 'right' : k.pressed[String(other.key)] ? 'wrong' : ''),
      cell: (k: Pressed) => k.pressed[String(other.key)] || '',
    })),
    {
      head: t('buttons-result.none'),
      figures: true,
      as: (k) => (k.missed > 0 ? 'wrong' : ''),
      cell: (k) => k.missed || '',
    },
    {
      head: t('buttons-result.time'),
      figures: true,
      cell: (k) => (
        <>
          {k.median_s === null ? '' : t('buttons-result.s', { medianS: k.median_s.toFixed(2) })}
          {beyond(k.median_s) !== null && (
            <span className="quiet"> +{figures(beyond(k.median_s)?.toFixed(2) ?? '')}</span>
          )}
        </>
      ),
    },
  ];
  return (
    <section className="drill-result" aria-label={t('buttons-result.result')}>
      <p className="drill-verdict">
        {t.rich('buttons-result.right-at-once', {
          right: <strong className="drill-big">{Math.round((s.right ?? 0) * 100)}%</strong>,
          medianS: (
            <span className="quiet">
              {andDotted(
                s.median_s != null &&
                  listed(
                    t('buttons-result.s-until-it-was', { medianS: s.median_s.toFixed(2) }),
                    s.reaction_s != null &&
                      s.reaction_s < s.median_s &&
                      t('buttons-result.of-which-s-is', { reactionS: s.reaction_s.toFixed(2) }),
                  ),
              )}
            </span>
          ),
        })}
      </p>
      <Table
        caption={t('buttons-result.what-was-pressed-for')}
        columns={columns}
        rows={keys}
        of={(k) => k.key}
        scrolls
      />
      <MixedUp />
      {layout.length > 0 && (
        <OfferCopy kind="drill" id={kept.id} says={t('buttons-result.give-this-turn-to')} />
      )}
    </section>
  );
}

/** Two controls that are taken for each other again and again, and what could be changed. */
export function MixedUp() {
  const mixed = usePractice().data?.feeds.mixed;
  if (!mixed) return null;
  const [one, other] = [label('control-place', mixed.one), label('control-place', mixed.other)];
  return (
    <p className="mixed-up">
      {t.rich('buttons-result.and-were-taken-for', {
        one: <strong>{one}</strong>,
        other: <strong>{inside(other)}</strong>,
        times: mixed.times,
        asked: mixed.asked,
        isBetter: mixed.better === null ? 'yes' : 'no',
        isFree: mixed.free ? 'yes' : 'no',
        other2: within('control-place', mixed.other),
        better: within('control-place', mixed.better),
        link: (text) => <Link to="/kit/layouts">{text}</Link>,
      })}
    </p>
  );
}
