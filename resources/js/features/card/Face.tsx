import type { CardRush } from '../../field/db';
import { t } from '../../lang/card';
import { within } from '../../lang/labels';
import { listed } from '../../lang/lists';
import { type LearnedShare, standsOn } from '../../ui/learned';
import { clockOf, exposureAt } from './when';

/** What stands large, before all else is looked for. */
const FIRST = ['focus.area', 'focus.detect', 'focus.start_at_m', 'focus.range_m', 'aim', 'focus.patience_s'];

/** What the first lines say already. */
const SAID = ['focus.technique', 'focus.eye', 'focus.nimble', 'focus.wins'];

type Line = CardRush['lines'][number];

function Setting({ line, large = false }: { line: Line; large?: boolean }) {
  return (
    <div className={large ? 'card-line large' : 'card-line'}>
      <dt>{line.own_setting?.label ?? line.name}</dt>
      <dd>
        {line.own?.label ?? line.label}
        {line.own && line.own.label !== line.label && <small>{line.label}</small>}
      </dd>
    </div>
  );
}

/** One rush as it is carried: the button first, then what to expose by, then where it focuses. */
export function Face({ rush, now, learned }: { rush: CardRush; now: number; learned?: LearnedShare }) {
  const exposure = exposureAt(rush, now);
  const byHand =
    rush.hold.focus?.technique === 'auto'
      ? undefined
      : rush.lines.find((l) => l.setting === 'focus.technique');
  const first = FIRST.flatMap((setting) => rush.lines.filter((l) => l.setting === setting));
  const others = rush.lines.filter((l) => !FIRST.includes(l.setting) && !SAID.includes(l.setting));
  const left = rush.press.filter((p) => p.setting !== null);
  const kept = t('face.percent-kept', {
    keeperRate: Math.round(100 * rush.keeper_rate),
    isLearned: learned ? 'yes' : 'no',
    learned: standsOn(learned),
  });
  return (
    <article className="card-face" aria-label={rush.name}>
      <h1>{rush.name}</h1>
      <p className="card-when">
        {rush.planned ? (
          <>
            <b>
              {clockOf(rush.planned.from)}–{clockOf(rush.planned.to)}
            </b>
            {', '}
            {listed(
              rush.best.at !== rush.planned.from && t('face.best-about', { at: clockOf(rush.best.at) }),
              kept,
            )}
          </>
        ) : (
          listed(t('face.no-time-planned-best', { at: clockOf(rush.best.at) }), kept)
        )}
      </p>
      {rush.changes && (rush.changes.says.length > 0 || rush.changes.kit.length > 0) && (
        <div className="card-changes">
          <h2>
            {t.rich('face.change-first-s', {
              span: (text) => <span>{text}</span>,
              seconds: Math.round(rush.changes.seconds),
            })}
          </h2>
          <ul>
            {rush.changes.kit.map((k) => (
              <li key={k.part}>{t('face.to', { part: k.part, to: k.to })}</li>
            ))}
            {rush.changes.says.map((says) => (
              <li key={says}>{says}</li>
            ))}
          </ul>
        </div>
      )}
      <p className="card-press">
        <span>{byHand ? t('face.focus') : rush.by ? t('face.hold') : t('face.press')}</span>
        <b>{byHand ? byHand.label : rush.by ? (rush.by.own?.label ?? rush.by.name) : t('face.as-usual')}</b>
        {!byHand && rush.by?.own && <small>{rush.by.name}</small>}
      </p>
      <p className="card-exposure">
        <b>{exposure.shutter}</b>
        <b>{exposure.aperture}</b>
        <b>{exposure.iso}</b>
        <span>
          {exposure.now
            ? t('face.for-the-light-now')
            : t('face.for-the-light-at', { at: clockOf(exposure.at) })}
        </span>
      </p>
      <dl className="card-lines">
        {first.map((line) => (
          <Setting key={line.setting} line={line} large />
        ))}
      </dl>
      {rush.habit !== '' && (
        <p className="card-habit">
          <span>{t('face.before-it-moves')}</span> {rush.habit}
        </p>
      )}
      <dl className="card-lines others">
        {others.map((line) => (
          <Setting key={line.setting} line={line} />
        ))}
      </dl>
      {rush.lost_to && rush.keeper_rate < 0.95 && (
        <p className="card-quiet">
          {t('face.most-of-the-rest', { lostTo: within('loss-cause', rush.lost_to) })}
        </p>
      )}
      {left.length > 0 && rush.by && (
        <p className="card-quiet">
          {t('face.still-to-set-with')} {left.map((p) => p.says).join(', ')}.
        </p>
      )}
      {rush.cautions.map((c) => (
        <p key={c} className="card-caution">
          {c}
        </p>
      ))}
    </article>
  );
}
