import { createContext, useContext } from 'react';
import { figures } from './language';
import { t } from './ui';

export type Units = 'metric' | 'kmh' | 'imperial';

/** What people choose among. */
export const unitNames: Record<Units, string> = {
  metric: t('units.metres-m-s'),
  kmh: t('units.metres-km-h'),
  imperial: t('units.feet-mph'),
};

export const UNITS = Object.keys(unitNames) as Units[];

/** What a number is, which decides its units. Values are kept in SI; only what is shown changes. */
export type Quantity =
  | 'length'
  | 'size'
  | 'speed'
  | 'time'
  | 'angle'
  | 'share'
  | 'ev'
  | 'stops'
  | 'rate'
  | 'iso'
  | 'mm'
  | 'fnumber'
  | 'times'
  | 'frames'
  | 'count'
  | 'fine mm'
  | 'short time'
  | 'shutter'
  | 'plain';

type Scale = { unit: string; factor: number; digits: number; step: number };

const scales: Record<Quantity, { metric: Scale; kmh?: Scale; imperial?: Scale }> = {
  length: {
    metric: { unit: 'm', factor: 1, digits: 1, step: 1 },
    imperial: { unit: 'ft', factor: 3.28084, digits: 0, step: 1 },
  },
  size: {
    metric: { unit: 'cm', factor: 100, digits: 1, step: 1 },
    imperial: { unit: 'in', factor: 39.3701, digits: 1, step: 0.5 },
  },
  speed: {
    metric: { unit: 'm/s', factor: 1, digits: 1, step: 0.5 },
    kmh: { unit: 'km/h', factor: 3.6, digits: 1, step: 1 },
    imperial: { unit: 'mph', factor: 2.236936, digits: 1, step: 1 },
  },
  time: { metric: { unit: 's', factor: 1, digits: 2, step: 0.1 } },
  angle: { metric: { unit: '°', factor: 1, digits: 0, step: 5 } },
  share: { metric: { unit: '%', factor: 100, digits: 0, step: 5 } },
  ev: { metric: { unit: 'EV', factor: 1, digits: 1, step: 0.5 } },
  stops: { metric: { unit: t('units.stops'), factor: 1, digits: 1, step: 0.5 } },
  rate: { metric: { unit: '/s', factor: 1, digits: 1, step: 0.1 } },
  iso: { metric: { unit: 'ISO', factor: 1, digits: 0, step: 100 } },
  mm: { metric: { unit: 'mm', factor: 1, digits: 0, step: 10 } },
  fnumber: { metric: { unit: 'f/', factor: 1, digits: 1, step: 0.1 } },
  times: { metric: { unit: '×', factor: 1, digits: 2, step: 0.1 } },
  frames: { metric: { unit: '/s', factor: 1, digits: 1, step: 1 } },
  count: { metric: { unit: '', factor: 1, digits: 0, step: 1 } },
  'fine mm': { metric: { unit: 'mm', factor: 1, digits: 1, step: 0.1 } },
  'short time': { metric: { unit: 'ms', factor: 1000, digits: 1, step: 1 } },
  shutter: { metric: { unit: 's', factor: 1, digits: 6, step: 1 / 3 } },
  plain: { metric: { unit: '', factor: 1, digits: 2, step: 0.1 } },
};

export function scaleOf(quantity: Quantity, units: Units): Scale {
  return scales[quantity][units] ?? scales[quantity].metric;
}

/** What is on a camera’s dial; an exact power of two is about as much. */
const SPEEDS = [
  4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000,
  1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 8000, 10000, 12800, 16000, 20000, 25600, 32000,
];
const ABOUT = 0.05;

/** An exposure as people say it: “1/2000”, “0.5”; “1/2500” for one of 1/2560 s. */
export function sayShutter(seconds: number): string {
  if (seconds >= 0.4) return figures(String(Number(seconds.toFixed(1))));
  const customary = SPEEDS.find((speed) => Math.abs(Math.log(speed * seconds)) < ABOUT);
  return `1/${customary ?? Math.round(1 / seconds)}`;
}

/** A number as it stands in a field, its unit beside it. */
export function shownIn(value: number, quantity: Quantity, units: Units): string {
  if (quantity === 'shutter') return sayShutter(value);
  const scale = scaleOf(quantity, units);
  return figures(String(Number((value * scale.factor).toFixed(Math.max(scale.digits, 2)))));
}

/** A number with its unit, rounded as people say it. */
export function say(value: number | null | undefined, quantity: Quantity, units: Units): string {
  if (value === null || value === undefined || !Number.isFinite(value)) return '∞';
  const scale = scaleOf(quantity, units);
  const shown = value * scale.factor;
  const digits =
    Math.abs(shown) >= 100 ? 0 : Math.abs(shown) >= 20 ? Math.min(1, scale.digits) : scale.digits;
  const text = figures(String(Number(shown.toFixed(digits))));
  return scale.unit === '°' || scale.unit === '%' ? `${text}${scale.unit}` : `${text} ${scale.unit}`;
}

/** A depth, small ones in the smaller unit: “38 cm” rather than “0.38 m”. */
export function sayDepth(metres: number | null, units: Units): string {
  if (metres === null || !Number.isFinite(metres)) return '∞';
  return Math.abs(metres) < 1 ? say(metres, 'size', units) : say(metres, 'length', units);
}

export const UnitsContext = createContext<Units>('metric');
export const useUnits = () => useContext(UnitsContext);
