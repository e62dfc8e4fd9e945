import { label } from '../../lang/labels';

/** Where the controls lie under a hand, on a field 100 wide and 60 high, and the keys that stand for them. */
export type Spot = { x: number; y: number; key: string; code: string };

const spots: Record<string, Spot> = {
  'half-press': { x: 62, y: 8, key: 'I', code: 'KeyI' },
  'thumb-1': { x: 69, y: 27, key: 'K', code: 'KeyK' },
  'thumb-2': { x: 88, y: 43, key: 'L', code: 'KeyL' },
  'thumb-3': { x: 68, y: 55, key: 'O', code: 'KeyO' },
  'front-1': { x: 42, y: 24, key: 'J', code: 'KeyJ' },
  'front-2': { x: 42, y: 46, key: 'M', code: 'KeyM' },
  lens: { x: 13, y: 34, key: 'F', code: 'KeyF' },
  stick: { x: 56, y: 40, key: 'H', code: 'KeyH' },
  touch: { x: 28, y: 54, key: 'G', code: 'KeyG' },
};

export const spotOf = (place: string): Spot => spots[place] ?? { x: 50, y: 30, key: '?', code: '' };

/** The control of a layout that a key stands for; −1 where it stands for none. */
export const keyOf = (places: string[], code: string): number =>
  places.findIndex((p) => spotOf(p).code === code);

/** A control of a layout: what it does, and what the set it holds is. */
export type HandKey = {
  place: string;
  duty: string;
  mode?: string | null;
  area?: string | null;
  detect?: string | null;
};

/** What a control does, in words. */
export function doesOf(key: HandKey): string {
  if (key.duty !== 'stored-set') return label('duty', key.duty);
  // Who focuses by hand uses no area.
  if (key.mode === 'manual') return label('focus-mode', key.mode);
  const parts = [
    key.area && label('area', key.area),
    key.detect && key.detect !== 'off' && label('detection', key.detect),
    key.mode && label('focus-mode', key.mode),
  ];
  return parts.filter(Boolean).join(', ') || label('duty', key.duty);
}
