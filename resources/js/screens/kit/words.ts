/** Our words for what bodies have, as people read them. */
export const areaLabels: Record<string, string> = {
  pinpoint: 'Pinpoint',
  point: 'Point',
  'point-4': 'Point + 4',
  'point-8': 'Point + 8',
  'point-8-medium': 'Point + 8, medium',
  'point-8-large': 'Point + 8, large',
  'zone-tall': 'Tall zone',
  'zone-wide': 'Wide zone',
  zone: 'Zone',
  'zone-side': 'Side zone',
  whole: 'Whole frame',
  follow: 'Pattern follow',
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

export const roleLabels: Record<string, string> = {
  general: 'General',
  'ignore-crossing': 'Ignore what crosses',
  grab: 'Grab what appears',
  'starts-stops': 'Starts and stops',
  erratic: 'Erratic',
  own: 'Own',
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
