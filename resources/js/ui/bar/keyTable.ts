import { t } from '../../lang/bar';
export type Key = [keys: string, does: string];

/** The address of the desk, which answers for itself. */
export const DESK = /^\/rushes\/[^/]+$/;

/** What keys do on the pages that have any, the more particular address first. */
const pages: { path: RegExp; name: string; keys: Key[] }[] = [
  {
    path: DESK,
    name: t('key-table.the-desk'),
    keys: [
      [t('key-table.space'), t('key-table.play-or-pause-the')],
      [t('key-table.and'), t('key-table.one-frame-back-or')],
      [t('key-table.j-and-k'), t('key-table.next-or-previous-line')],
      [t('key-table.and-2'), t('key-table.the-same-from-a')],
      ['P', t('key-table.pin-or-unpin-that')],
      ['O', t('key-table.preview-this-frame-as')],
      ['C', t('key-table.compare-the-best-with')],
      ['N', t('key-table.next-hold-to-compare')],
      [t('key-table.ctrl-s'), t('key-table.save')],
      [t('key-table.ctrl-z'), t('key-table.undo-with-shift-redo')],
    ],
  },
  {
    path: /^\/review\/bursts\/[^/]+\/why$|^\/review\/why$/,
    name: t('key-table.why-soft'),
    keys: [[t('key-table.1-to-9'), t('key-table.give-that-answer')]],
  },
  {
    path: /^\/review\/bursts\/[^/]+$/,
    name: t('key-table.a-burst'),
    keys: [
      [t('key-table.k-l-and-m'), t('key-table.keep-lose-or-leave')],
      ['Z', t('key-table.take-the-last-judgement')],
      [t('key-table.and-3'), t('key-table.frame-before-or-after')],
      [t('key-table.space'), t('key-table.next-frame-with-shift')],
      [t('key-table.home-and-end'), t('key-table.first-or-last-frame')],
      [t('key-table.n-and-p'), t('key-table.next-or-previous-burst')],
      ['F', t('key-table.next-filter')],
      ['B', t('key-table.hold-this-frame-beside')],
      [t('key-table.and-0'), t('key-table.larger-smaller-as-it')],
      ['A', t('key-table.all-frames-on-one')],
      ['S', t('key-table.split-the-burst-before')],
      [t('key-table.esc'), t('key-table.back-to-one-frame')],
    ],
  },
  {
    path: /^\/kit\/bench\/[^/]+$/,
    name: t('key-table.calibration'),
    keys: [
      [t('key-table.1-to-9'), t('key-table.score-this-picture-and')],
      [t('key-table.and-3'), t('key-table.picture-before-or-after')],
    ],
  },
  {
    path: /^\/practice\/ring$/,
    name: t('key-table.focusing-by-hand'),
    keys: [
      [t('key-table.and-3'), t('key-table.turn-the-ring-with')],
      [t('key-table.space'), t('key-table.the-shutter')],
    ],
  },
  {
    path: /^\/practice\/buttons$/,
    name: t('key-table.buttons'),
    keys: [[t('key-table.letters'), t('key-table.press-the-control-they')]],
  },
  {
    path: /^\/practice\/moment$/,
    name: t('key-table.the-moment'),
    keys: [[t('key-table.space'), t('key-table.the-shutter')]],
  },
  {
    path: /^\/practice\/first-sharp$/,
    name: t('key-table.first-sharp-frame'),
    keys: [
      [t('key-table.space'), t('key-table.start-and-stop')],
      ['M', t('key-table.it-went-wrong')],
    ],
  },
  {
    path: /^\/card\//,
    name: t('key-table.card'),
    keys: [[t('key-table.and-3'), t('key-table.rush-before-or-after')]],
  },
];

export const everywhere: Key[] = [
  ['/', t('key-table.search-for-rushes-outings')],
  ['?', t('key-table.these-keys')],
  [t('key-table.esc'), t('key-table.close-what-is-open')],
];

/** The keys of the page at an address; null where it has none of its own. */
export function keysAt(pathname: string): { name: string; keys: Key[] } | null {
  return pages.find(({ path }) => path.test(pathname)) ?? null;
}
