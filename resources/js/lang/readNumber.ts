import { decimalComma, figures } from './language';
import { t } from './ui';
import { type Quantity, scaleOf, type Units } from './units';

export type Read =
  /** In SI, as it is kept. */
  | { value: number }
  /** Nothing to complain about yet: “12,”, “1/”, “-”. */
  | { half: true }
  | { problem: string };

type Dimension = 'length' | 'speed' | 'time' | 'angle' | 'share' | 'rate' | 'bare';

const dimensionOf: Record<Quantity, Dimension> = {
  length: 'length',
  size: 'length',
  mm: 'length',
  'fine mm': 'length',
  speed: 'speed',
  time: 'time',
  'short time': 'time',
  shutter: 'time',
  angle: 'angle',
  share: 'share',
  rate: 'rate',
  frames: 'rate',
  ev: 'bare',
  stops: 'bare',
  iso: 'bare',
  fnumber: 'bare',
  times: 'bare',
  count: 'bare',
  plain: 'bare',
};

/** Units as people write them, in SI; lengths in metres, speeds in metres a second. */
const spellings: Record<Dimension, [RegExp, number][]> = {
  length: [
    [/^(m|metres?|meters?)$/, 1],
    [/^(cm|centimet(re|er)s?)$/, 0.01],
    [/^(mm|millimet(re|er)s?)$/, 0.001],
    [/^(µm|um|microns?)$/, 1e-6],
    [/^(km|kilomet(re|er)s?)$/, 1000],
    [/^(ft|foot|feet|'|′|’)$/, 0.3048],
    [/^(yd|yds|yards?)$/, 0.9144],
    [/^(in|ins|inch|inches|"|″|”)$/, 0.0254],
    [/^(mi|miles?)$/, 1609.344],
  ],
  speed: [
    [/^(m\/s|mps|m\/sec|metres? (per|a) second|meters? (per|a) second)$/, 1],
    [/^(km\/h|kmh|kph|km\/hr|kilomet(re|er)s? (per|an) hour)$/, 1 / 3.6],
    [/^(mph|mi\/h|miles? (per|an) hour)$/, 0.44704],
    [/^(kn|kt|kts|knots?)$/, 0.514444],
    [/^(ft\/s|fps|feet (per|a) second)$/, 0.3048],
  ],
  time: [
    [/^(s|sec|secs|seconds?|")$/, 1],
    [/^(ms|msec|milliseconds?)$/, 0.001],
    [/^(min|mins|minutes?)$/, 60],
    [/^(h|hrs?|hours?)$/, 3600],
  ],
  angle: [
    [/^(°|deg|degs|degrees?)$/, 1],
    [/^(rad|radians?)$/, 180 / Math.PI],
  ],
  share: [
    [/^(%|percent|per cent|pc)$/, 0.01],
    [/^(of 100)$/, 0.01],
  ],
  rate: [[/^(\/s|\/sec|per second|a second|hz|fps|x a second)$/, 1]],
  bare: [],
};

/** Words that may stand beside a number without changing it. */
const ornaments: Partial<Record<Quantity, RegExp>> = {
  fnumber: /^(f\s*\/?|1\s*:)\s*|\s*(f)$/g,
  iso: /^(iso)\s*|\s*(iso)$/g,
  ev: /^(ev)\s*|\s*(ev|lv)$/g,
  stops: /\s*(stops?|ev)$/g,
  times: /^(x|×)\s*|\s*(x|×|times)$/g,
};

const names: Record<Dimension, string> = {
  length: t('read-number.a-length'),
  speed: t('read-number.a-speed'),
  time: t('read-number.a-time'),
  angle: t('read-number.an-angle'),
  share: t('read-number.a-share'),
  rate: t('read-number.a-rate'),
  bare: t('read-number.a-number'),
};

const likes: Record<Dimension, string> = {
  length: t('read-number.25-m-82-ft'),
  speed: t('read-number.12-m-s-43'),
  time: t('read-number.1-5-s-or'),
  angle: t('read-number.30-or-30'),
  share: t('read-number.25-percent-or-1'),
  rate: t('read-number.20-or-20-s'),
  bare: figures('12.5'),
};

const parts: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const DIGITS = /^[+-]?(\d[\d.,]*|[.,]\d+)/;

/** The number that digits, points and commas stand for; null where they stand for none. */
export function plainNumber(text: string): number | null {
  const t = text.trim();
  if (!/^[+-]?(\d[\d.,]*|[.,]\d+)$/.test(t)) return null;
  const point = t.lastIndexOf('.');
  const comma = t.lastIndexOf(',');
  const commas = t.split(',').length - 1;
  const points = t.split('.').length - 1;
  const grouped = (mark: string) => new RegExp(`^[+-]?\\d{1,3}(\\${mark}\\d{3})+$`);
  if (commas > 0 && points > 0) {
    // The last of the two is the decimal one; the other groups thousands.
    const [mark, decimal] = point > comma ? [',', '.'] : ['.', ','];
    const whole = t.slice(0, t.lastIndexOf(decimal));
    if (t.split(decimal).length > 2 || !grouped(mark).test(whole)) return null;
    return Number(`${whole.split(mark).join('')}.${t.slice(t.lastIndexOf(decimal) + 1)}`);
  }
  if (commas > 1 || points > 1) {
    const mark = commas > 1 ? ',' : '.';
    return grouped(mark).test(t) ? Number(t.split(mark).join('')) : null;
  }
  // “1,500” is fifteen hundred, “0,125” an eighth, “12,5” twelve and a half; where the comma is the decimal mark it is
  // “1.500” that is fifteen hundred.
  const thousands = decimalComma ? '.' : ',';
  if (commas + points === 1 && grouped(thousands).test(t) && !/^[+-]?0/.test(t))
    return Number(t.replace(thousands, ''));
  return Number(t.replace(',', '.'));
}

/** A number, a fraction or both: “12,5”, “3/4”, “1 1/2”. */
function amount(text: string): number | null {
  const t = text.trim();
  const mixed = /^([+-]?)(?:(\d+)[ -]+)?(\d[\d.,]*)\s*[/⁄]\s*(\d[\d.,]*)$/.exec(t);
  if (mixed) {
    const over = plainNumber(mixed[3] ?? '');
    const under = plainNumber(mixed[4] ?? '');
    if (over === null || under === null || under === 0) return null;
    return (mixed[1] === '-' ? -1 : 1) * (Number(mixed[2] ?? 0) + over / under);
  }
  return plainNumber(t);
}

/** “82 ft”, “5 ft 6 in”, “6'2"”: each amount with its unit, added up; null where a unit is none of these. */
function withUnits(text: string, dimension: Dimension): number | null {
  let rest = text;
  let sum = 0;
  let last = Infinity;
  while (rest !== '') {
    const digits =
      /^[+-]?(?:\d+[ -]+)?\d[\d.,]*\s*[/⁄]\s*\d[\d.,]*/.exec(rest)?.[0] ?? DIGITS.exec(rest)?.[0];
    if (digits === undefined) return null;
    const unit = /^[^\d+-]+/.exec(rest.slice(digits.length))?.[0] ?? '';
    const value = amount(digits);
    const factor = spellings[dimension].find(([spelling]) => spelling.test(unit.trim()))?.[1];
    // A smaller unit may follow a larger one: feet and inches, minutes and seconds.
    if (value === null || factor === undefined || factor >= last) return null;
    sum += value * factor;
    last = factor;
    rest = rest.slice(digits.length + unit.length);
  }
  return sum;
}

/** What a quantity is kept in, in SI: lenses are measured in millimetres. */
const kept = (quantity: Quantity) => (quantity === 'mm' || quantity === 'fine mm' ? 1000 : 1);

/** A number as somebody typed it, with or without a unit, for a field of a quantity. */
export function readNumber(typed: string, quantity: Quantity, units: Units): Read {
  const scale = scaleOf(quantity, units);
  const dimension = dimensionOf[quantity];
  let text = typed.replace(/[−–—]/g, '-').replace(/[  ]/g, ' ').trim().toLowerCase();
  text = text.replace(/(\d?)\s*([½¼¾⅓⅔⅛⅜⅝⅞])/g, (_, d: string, p: string) =>
    d ? `${d} ${parts[p]}` : `${parts[p]}`,
  );
  // Thousands may stand apart: “12 500”, “12'500”.
  while (/\d[ ']\d{3}(?!\d)/.test(text)) text = text.replace(/(\d)[ '](\d{3})(?!\d)/, '$1$2');
  const ornament = ornaments[quantity];
  if (ornament) text = text.replace(ornament, '').trim();
  // Only sensitivities are said in thousands; elsewhere “52 k” is on its way to a unit.
  const thousands = quantity === 'iso' ? /^(.*\d)\s*k$/.exec(text)?.[1] : undefined;
  const many = thousands === undefined ? null : plainNumber(thousands);
  if (many !== null) return { value: many * 1000 };
  if (text === '' || /^[+-]$/.test(text) || /[/⁄]$/.test(text)) return { half: true };
  const unready = /^[+-]?\d+[.,]$/.exec(text);
  if (unready) return { half: true };

  const bare = amount(text);
  if (bare !== null) {
    // Exposures and shares in fractions are what they say: 1/2000 s, 3/4 of all.
    const isWhole =
      /[/⁄]/.test(text) && (quantity === 'share' || quantity === 'shutter' || dimension === 'time');
    // “2000” for a shutter is a two-thousandth.
    if (quantity === 'shutter' && !isWhole && bare >= 2) return { value: 1 / bare };
    return {
      value: isWhole || quantity === 'shutter' ? bare : Number((bare / scale.factor).toPrecision(12)),
    };
  }
  const said = withUnits(text, dimension);
  if (said !== null) return { value: Number((said * kept(quantity)).toPrecision(12)) };
  return {
    problem: t('read-number.is-not-try', {
      typed: typed.trim(),
      names: names[dimension],
      likes: likes[dimension],
    }),
  };
}
