export type Key = [keys: string, does: string];

/** The address of the desk, which answers for itself. */
export const DESK = /^\/rushes\/[^/]+$/;

/** What keys do on the pages that have any, the more particular address first. */
const pages: { path: RegExp; name: string; keys: Key[] }[] = [
  {
    path: DESK,
    name: 'The desk',
    keys: [
      ['Space', 'Play or pause the rush'],
      [', and .', 'One frame back or on'],
      ['J and K', 'Next or previous line of the hold'],
      ['↑ and ↓', 'The same, from a line'],
      ['P', 'Pin or unpin that line'],
      ['O', 'Preview: this frame as the camera would make it'],
      ['C', 'Compare the best with the next best; again to close'],
      ['N', 'Next hold to compare with; with Shift, the one before'],
      ['Ctrl S', 'Save'],
      ['Ctrl Z', 'Undo; with Shift, redo'],
    ],
  },
  {
    path: /^\/review\/bursts\/[^/]+\/why$|^\/review\/why$/,
    name: 'Why soft?',
    keys: [['1 to 9', 'Give that answer']],
  },
  {
    path: /^\/review\/bursts\/[^/]+$/,
    name: 'A burst',
    keys: [
      ['K, L and M', 'Keep, lose, or leave to what was measured; with Shift, all that are shown'],
      ['Z', 'Take the last judgement back'],
      ['← and →', 'Frame before or after; with Shift, choose several'],
      ['Space', 'Next frame; with Shift, the one before'],
      ['Home and End', 'First or last frame'],
      ['N and P', 'Next or previous burst'],
      ['F', 'Next filter'],
      ['B', 'Hold this frame beside the next'],
      ['+, − and 0', 'Larger, smaller, as it was'],
      ['A', 'All frames on one sheet'],
      ['S', 'Split the burst before this frame'],
      ['Esc', 'Back to one frame'],
    ],
  },
  {
    path: /^\/kit\/bench\/[^/]+$/,
    name: 'Calibration',
    keys: [
      ['1 to 9', 'Score this picture and go on'],
      ['← and →', 'Picture before or after'],
    ],
  },
  {
    path: /^\/practice\/ring$/,
    name: 'Focusing by hand',
    keys: [
      ['← and →', 'Turn the ring; with Shift, finely'],
      ['Space', 'The shutter'],
    ],
  },
  {
    path: /^\/practice\/buttons$/,
    name: 'Buttons',
    keys: [['Letters', 'Press the control they are written on']],
  },
  { path: /^\/practice\/moment$/, name: 'The moment', keys: [['Space', 'The shutter']] },
  {
    path: /^\/practice\/first-sharp$/,
    name: 'First sharp frame',
    keys: [
      ['Space', 'Start and stop'],
      ['M', 'It went wrong'],
    ],
  },
  {
    path: /^\/card\//,
    name: 'Card',
    keys: [['← and →', 'Rush before or after']],
  },
];

export const everywhere: Key[] = [
  ['/', 'Search for rushes, outings, kit, subjects and your own words'],
  ['?', 'These keys'],
  ['Esc', 'Close what is open'],
];

/** The keys of the page at an address; null where it has none of its own. */
export function keysAt(pathname: string): { name: string; keys: Key[] } | null {
  return pages.find(({ path }) => path.test(pathname)) ?? null;
}
