import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { usePractice } from '../../api/practice';
import { label, within } from '../../lang/labels';
import { figures, inside } from '../../lang/language';
import { andDotted, listed } from '../../lang/lists';
import { t } from '../../lang/practice';
import type { HandKey } from './hand';
import { OfferCopy } from './OfferCopy';

/** Which were right, how soon, and what was taken for what. */
export function ButtonsResult({ kept, layout }: { kept: KeptDrill; layout: HandKey[] }) {
  const s = kept.score;
  const keys = s.keys ?? [];
  const beyond = (seconds: number | null) =>
    seconds === null || s.reaction_s == null ? null : Math.max(0, seconds - s.reaction_s);
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
      <section
        className="confusions-scroll"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it
        tabIndex={0}
        aria-label={t('buttons-result.what-was-pressed-for')}
      >
        <table className="confusions">
          <caption className="sr-only">{t('buttons-result.what-was-pressed-for')}</caption>
          <thead>
            <tr>
              <th scope="col">{t('buttons-result.called')}</th>
              {keys.map((k) => (
                <th key={k.key} scope="col">
                  {label('control-place', k.place)}
                </th>
              ))}
              <th scope="col">{t('buttons-result.none')}</th>
              <th scope="col">{t('buttons-result.time')}</th>
            </tr>
          </thead>
          <tbody>
            {keys.map((k) => (
              <tr key={k.key}>
                <th scope="row">{label('call', k.call)}</th>
                {keys.map((other) => {
                  const times = k.pressed[String(other.key)] ?? 0;
                  const right = other.key === k.key;
                  return (
                    <td key={other.key} className={right ? 'right' : times > 0 ? 'wrong' : ''}>
                      {times || ''}
                    </td>
                  );
                })}
                <td className={k.missed > 0 ? 'wrong' : ''}>{k.missed || ''}</td>
                <td>
                  {k.median_s === null ? '' : t('buttons-result.s', { medianS: k.median_s.toFixed(2) })}
                  {beyond(k.median_s) !== null && (
                    <span className="quiet"> +{figures(beyond(k.median_s)?.toFixed(2) ?? '')}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
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
