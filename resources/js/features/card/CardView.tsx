import { type ReactNode, type TouchEvent, useEffect, useRef } from 'react';
import type { Card } from '../../field/db';
import { t } from '../../lang/card';
import { within } from '../../lang/labels';
import { Face } from './Face';
import { useAwake } from './useAwake';
import { useNow } from './useNow';
import { clockAt, dayOf, quarterAt } from './when';

const SWIPE = 60;

type Props = {
  card: Card;
  at: number;
  onTurn: (to: number) => void;
  /** How old it is, and what waits. */
  state: ReactNode;
  back: ReactNode;
  /** What the thumb can do beside turning. */
  actions?: ReactNode;
};

/** One rush to a screen, clock and light running on, next and previous under the thumb. */
export function CardView({ card, at, onTurn, state, back, actions }: Props) {
  useAwake();
  const now = useNow();
  const began = useRef<[number, number] | null>(null);
  const last = card.rushes.length - 1;
  const turn = (by: number) => onTurn(Math.max(0, Math.min(last, at + by)));
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (document.querySelector('dialog[open]') || (event.target as HTMLElement).matches('input')) return;
      const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
      if (by !== 0) onTurn(Math.max(0, Math.min(last, at + by)));
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [at, last, onTurn]);
  const light = quarterAt(card.light, now);
  const rush = card.rushes[at];
  const swipe = {
    onTouchStart: (event: TouchEvent) => {
      const touch = event.touches[0];
      began.current = touch ? [touch.clientX, touch.clientY] : null;
    },
    onTouchEnd: (event: TouchEvent) => {
      const touch = event.changedTouches[0];
      if (!began.current || !touch) return;
      const [right, down] = [touch.clientX - began.current[0], touch.clientY - began.current[1]];
      if (Math.abs(right) > SWIPE && Math.abs(right) > 2 * Math.abs(down)) turn(right < 0 ? 1 : -1);
    },
  };

  return (
    <div className="card-page">
      <header className="card-head">
        {back}
        <p className="card-clock">
          {/* A day ahead or past has its date over the clock of now. */}
          <b>{light ? clockAt(now, card.zone) : dayOf(card.from)}</b>
          <span>
            {light && card.metered
              ? t('card-view.ev-as-metered', { ev100: light.ev100.toFixed(1) })
              : light
                ? t('card-view.ev-sun', {
                    ev100: light.ev100.toFixed(1),
                    sunHeightDeg: Math.round(light.sun_height_deg),
                    part: within('day-part', light.part),
                  })
                : t('card-view.now', { now: clockAt(now, card.zone) })}
          </span>
        </p>
        <p className="card-state">
          {last >= 0 && (
            <b>
              {t.rich('card-view.rush-of', {
                span: (text) => <span className="sr-only">{text}</span>,
                at: at + 1,
                last: last + 1,
              })}
            </b>
          )}
          <span>{state}</span>
        </p>
      </header>
      <main className="card-body" {...swipe}>
        {rush ? (
          <Face rush={rush} now={now} learned={card.learned} />
        ) : (
          <article className="card-face">
            <h1>{card.name || t('card-view.outing')}</h1>
            <p className="card-quiet">{t('card-view.there-is-no-rush')}</p>
          </article>
        )}
      </main>
      <nav className="card-foot" aria-label={t('card-view.card')}>
        <button
          type="button"
          onClick={() => turn(-1)}
          disabled={at <= 0}
          aria-label={t('card-view.previous-rush')}
        >
          ‹
        </button>
        {actions}
        <button
          type="button"
          onClick={() => turn(1)}
          disabled={at >= last}
          aria-label={t('card-view.next-rush')}
        >
          ›
        </button>
      </nav>
    </div>
  );
}
