/** A fine-tune value with its sign, as cameras show it. */
export const signed = (value: number): string =>
  value > 0 ? `+${value}` : value < 0 ? `−${Math.abs(value)}` : '0';
