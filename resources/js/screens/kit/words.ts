/** Our words for what bodies have, as people read them. */
export const areaLabels: Record<string, string> = {
  speck: 'Speck',
  point: 'Point',
  plus: 'Plus',
  'ring-small': 'Small ring',
  'ring-medium': 'Medium ring',
  'ring-large': 'Large ring',
  column: 'Column',
  band: 'Band',
  block: 'Block',
  side: 'Side',
  whole: 'Whole frame',
  follow: 'Pattern',
};

export const modeLabels: Record<string, string> = {
  single: 'Single',
  'single-then-ring': 'Single, then ring',
  continuous: 'Continuous',
  'auto-switch': 'Auto-switch',
};

export const kindLabels: Record<string, string> = {
  bird: 'Bird',
  animal: 'Animal',
  person: 'Person',
  vehicle: 'Vehicle',
};

export const winsLabels: Record<string, string> = {
  held: 'What is held',
  middle: 'The middle one',
  nearest: 'The nearest',
};

export const placeLabels: Record<string, string> = {
  'half-press': 'Shutter, half pressed',
  'thumb-1': 'Thumb button',
  'thumb-2': 'Second thumb button',
  'thumb-3': 'Third thumb button',
  'front-1': 'Front button',
  'front-2': 'Second front button',
  lens: 'Button on the lens',
  stick: 'Stick, pressed',
  touch: 'Touch screen',
};

export const dutyLabels: Record<string, string> = {
  'start-focus': 'Start focus',
  'stored-set': 'Stored set while held',
  'lock-exposure': 'Lock exposure',
  'recall-area': 'Recall an area',
  'switch-detection': 'Switch detection',
  'toggle-manual': 'Manual on and off',
  magnify: 'Magnify',
  'preview-depth': 'Preview depth',
};

export const options = (labels: Record<string, string>) =>
  Object.entries(labels).map(([value, label]) => ({ value, label }));
