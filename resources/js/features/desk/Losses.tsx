import type { Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { label, within } from '../../lang/labels';
import { beadsOf } from './beads';

type WhatIf = NonNullable<Plan['what_if']>[number];

/** What a change of the situation would bring. */
function Help({ what, frames }: { what: WhatIf; frames: number }) {
  return (
    <p className="help-against">
      <b>+{Math.max(1, Math.round(what.keeper_rate_change * frames))}</b> {what.sentence}
    </p>
  );
}

/** The frames of a pass as beads: those kept, and those lost by what loses them, with what would help against it. */
export function Losses({ plan }: { plan: Plan }) {
  const frames = plan.best.frames ?? 1;
  const { kept, lost, each } = beadsOf(plan.best.keeper_rate ?? 0, plan.best.losses ?? {}, frames);
  // What takes less than a frame of a pass is told together.
  const whole = lost.filter((l) => l.frames >= 0.95);
  const little = lost.filter((l) => l.frames < 0.95);
  const helpful = (plan.what_if ?? []).filter((w) => w.helps);
  const elsewhere = helpful.filter((w) => !whole.some((l) => l.cause === w.against));
  return (
    <section className="hold-detail losses" aria-label={t('losses.lost-frames')}>
      <p className="quiet">
        {t('losses.a-pass-of-frames', { frames, isEach: each > 1 ? 'yes' : 'no', each })}
      </p>
      <div className="loss">
        <h3>{t('losses.kept')}</h3>
        <b>{Math.round((plan.best.keeper_rate ?? 0) * frames)}</b>
        <span className="beads" aria-hidden="true">
          {Array.from({ length: kept }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: beads are alike
            <i key={i} className="key-kept" />
          ))}
        </span>
      </div>
      {whole.map(({ cause, frames: many, beads }) => (
        <div className="loss" key={cause}>
          <h3>{label('loss-cause', cause)}</h3>
          <b>{Math.round(many)}</b>
          <span className="beads" aria-hidden="true">
            {Array.from({ length: beads }, (_, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: beads are alike
              <i key={i} className="key-lost" />
            ))}
          </span>
          {helpful
            .filter((w) => w.against === cause)
            .map((w) => (
              <Help key={w.change} what={w} frames={frames} />
            ))}
        </div>
      ))}
      {little.length > 0 && (
        <div className="loss little">
          <h3>{t('losses.less-than-one-each')}</h3>
          <b />
          <span className="quiet">{little.map((l) => within('loss-cause', l.cause)).join(', ')}</span>
        </div>
      )}
      {lost.length === 0 && <p>{t('losses.hardly-any-frame-is')}</p>}
      {elsewhere.map((w) => (
        <Help key={w.change} what={w} frames={frames} />
      ))}
      {plan.what_if && helpful.length === 0 && lost.length > 0 && (
        <p className="quiet">{t('losses.nothing-about-the-place')}</p>
      )}
    </section>
  );
}
