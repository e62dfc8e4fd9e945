import './jump.css';
import type { Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { Kept } from './Keepers';

const places = [
  { at: '.rush', label: t('jump.rush') },
  { at: '.desk-middle', label: t('jump.picture') },
  { at: '.hold', label: t('jump.hold') },
];
const settings = ['focus.area', 'exposure.shutter_s', 'exposure.aperture', 'exposure.iso'];

/** On a phone: the answer in one line at the thumb, whichever part of the desk is on the screen, and the way there. */
export function Jump({ plan }: { plan: Plan | undefined }) {
  const go = (at: string) =>
    document.querySelector(at)?.scrollIntoView({
      behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth',
    });
  return (
    <nav className="jump" aria-label={t('jump.parts-of-the-desk')}>
      <p className="jump-says">
        {plan?.best.keeper_rate !== undefined && plan.best.frames && (
          <em>
            <Kept rate={plan.best.keeper_rate} frames={plan.best.frames} />
          </em>
        )}
        <span>
          {settings
            .flatMap((setting) => plan?.lines.find((line) => line.setting === setting) ?? [])
            .map(({ setting, label }) => (setting === 'exposure.iso' ? t('jump.iso', { label }) : label))
            .join(' · ')}
        </span>
      </p>
      <div className="jump-places">
        {places.map((place) => (
          <button key={place.at} type="button" onClick={() => go(place.at)}>
            {place.label}
          </button>
        ))}
      </div>
    </nav>
  );
}
