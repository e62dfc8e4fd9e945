import { Fragment, type KeyboardEvent, type ReactNode, useState } from 'react';
import type { Plan, PlanLine } from '../../api/client';
import { t } from '../../lang/desk';
import { inside } from '../../lang/language';
import type { HoldOrder } from './holdOrder';

/** How much of what is allowed is used; past the mark it does not fit. */
function MarginBar({ margin }: { margin: PlanLine['margin'] }) {
  if (!margin) return <span className="margin-bar none" />;
  const share = Math.min(1.25, margin.share);
  return (
    <span
      className={margin.share > 1.02 ? 'margin-bar over' : 'margin-bar'}
      role="img"
      aria-label={t('hold-lines.percent-used', { value: Math.round(Math.min(9.99, margin.share) * 100) })}
    >
      <span style={{ width: `${share * 80}%` }} />
    </span>
  );
}

/** Shows for a second that it is another one than before; not on the first sight of it. */
function Changing({ value }: { value: string }) {
  const [before, setBefore] = useState(value);
  const [turn, setTurn] = useState(0);
  if (value !== before) {
    setBefore(value);
    setTurn(turn + 1);
  }
  return (
    <span key={turn} className={turn > 0 ? 'just-changed' : undefined}>
      {value}
    </span>
  );
}

/** How many frames of a pass are lost where it is set most wrongly. */
function Stake({ plan, setting }: { plan: Plan; setting: string }) {
  const worst = Math.min(
    0,
    ...(plan.why ?? [])
      .filter((w) => w.setting === setting && -w.keeper_rate_change > 2 * w.standard_error)
      .map((w) => w.keeper_rate_change),
  );
  const frames = Math.round(-worst * (plan.best.frames ?? 0));
  return (
    <span className="stake" title={frames > 0 ? t('hold-lines.set-otherwise-up-to', { frames }) : undefined}>
      {frames > 0 && `−${frames}`}
      {frames > 0 && <span className="sr-only"> {t('hold-lines.frames-where-it-is')}</span>}
    </span>
  );
}

type Props = {
  plan: Plan;
  order: HoldOrder;
  chosen: string | undefined;
  onChoose: (setting: string) => void;
  onPin: (setting: string, value: unknown) => void;
  /** What is said of the chosen line, where it opens below it. */
  explanation: ReactNode;
};

/** Up and down go from line to line, so that the hold is one stop of the Tab key. */
function walk(event: KeyboardEvent<HTMLElement>) {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  const here = (event.target as HTMLElement).closest('.hold-open');
  if (!step || !here) return;
  const lines = [...event.currentTarget.querySelectorAll<HTMLElement>('.hold-open')];
  const next = lines[lines.indexOf(here as HTMLElement) + step];
  if (!next) return;
  event.preventDefault();
  next.focus();
  next.click();
}

/** The settings of the hold: the three that matter most large, then focus by lines, exposure and shooting side by side. */
export function HoldLines({ plan, order, chosen, onChoose, onPin, explanation }: Props) {
  const [idleShown, setIdleShown] = useState(false);
  // A pin shows where the hand is, and where one is set.
  const [under, setUnder] = useState<string | null>(null);
  const first = chosen ?? [...order.important, ...order.focus][0]?.setting;
  const own = (line: PlanLine) => line.own && <em title={line.own.where}>{line.own.label}</em>;
  const line = (l: PlanLine, look: 'important' | 'hold-row' | 'cell') => (
    // biome-ignore lint/a11y/noStaticElementInteractions: what is under the mouse only shows its pin
    <div
      key={l.setting}
      className={`hold-line ${look}${l.setting === chosen ? ' chosen' : ''}`}
      onMouseEnter={() => setUnder(l.setting)}
      onMouseLeave={() => setUnder(null)}
    >
      <button
        type="button"
        className="hold-open"
        tabIndex={l.setting === first ? 0 : -1}
        aria-pressed={l.setting === chosen}
        onClick={() => onChoose(l.setting)}
        data-setting={l.setting}
      >
        <span className="hold-name">{l.name}</span>
        <span className="hold-value">
          <Changing value={l.label} />
          {own(l)}
        </span>
        {look === 'important' ? <Stake plan={plan} setting={l.setting} /> : <MarginBar margin={l.margin} />}
      </button>
      {(l.pinned || l.setting === chosen || l.setting === under) && (
        <button
          type="button"
          className={l.pinned ? 'pin on' : 'pin'}
          aria-pressed={l.pinned}
          aria-label={`${l.pinned ? t('hold-lines.unpin') : t('hold-lines.pin')} ${l.name}`}
          title={l.pinned ? t('hold-lines.unpin') : t('hold-lines.pin')}
          onClick={() => onPin(l.setting, l.pinned ? undefined : l.value)}
        >
          <svg viewBox="0 0 12 16" width="9" height="13" aria-hidden="true">
            <path d="M6 15V9M2.5 9h7L8.4 6V2h.8V1H2.8v1h.8v4Z" />
          </svg>
        </button>
      )}
    </div>
  );
  const opened = (lines: PlanLine[]) => lines.some((l) => l.setting === chosen) && explanation;
  const rows = (lines: PlanLine[], look: 'important' | 'hold-row') =>
    lines.map((l) => (
      <Fragment key={l.setting}>
        {line(l, look)}
        {l.setting === chosen && explanation}
      </Fragment>
    ));
  const cells = (lines: PlanLine[]) => (
    <>
      <div className="cells">{lines.map((l) => line(l, 'cell'))}</div>
      {opened(lines)}
    </>
  );

  return (
    <div
      className="hold-lines"
      role="toolbar"
      aria-orientation="vertical"
      aria-label={t('hold-lines.settings-of-the-hold')}
      onKeyDown={walk}
    >
      <section aria-label={t('hold-lines.matters-most-here')} className="most">
        <h3>
          {t('hold-lines.matters-most-here')}
          {plan.why && <span aria-hidden="true">{t('hold-lines.frames-at-stake')}</span>}
        </h3>
        {rows(order.important, 'important')}
      </section>
      <section aria-label={t('hold-lines.focus')}>
        <h3>{t('hold-lines.focus')}</h3>
        {rows(order.focus, 'hold-row')}
      </section>
      {order.exposure.length > 0 && (
        <section aria-label={t('hold-lines.exposure')}>
          <h3>{t('hold-lines.exposure')}</h3>
          {cells(order.exposure)}
        </section>
      )}
      {order.shooting.length > 0 && (
        <section aria-label={t('hold-lines.shooting')}>
          <h3>{t('hold-lines.shooting')}</h3>
          {cells(order.shooting)}
        </section>
      )}
      {order.idle.length > 0 && (
        <section aria-label={t('hold-lines.not-in-play')} className="idle">
          <button type="button" aria-expanded={idleShown} onClick={() => setIdleShown(!idleShown)}>
            {t('hold-lines.not-in-play-2')} {order.idle.map((l) => inside(l.name)).join(', ')}
          </button>
          {idleShown && rows(order.idle, 'hold-row')}
        </section>
      )}
    </div>
  );
}
