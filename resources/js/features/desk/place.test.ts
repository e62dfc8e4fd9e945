import { describe, expect, it } from 'vitest';
import { minutesOf, offset, zonesAt } from './place';

describe('zones by name', () => {
  it('follows summer and winter time, halves and quarters of an hour, and both sides of the date line', () => {
    expect(minutesOf('Europe/London', '2026-01-10T08:00')).toBe(0);
    expect(minutesOf('Europe/London', '2026-06-10T08:00')).toBe(60);
    expect(minutesOf('America/St_Johns', '2026-01-10T08:00')).toBe(-210);
    expect(minutesOf('Asia/Kathmandu', '2026-06-10T23:50')).toBe(345);
    expect(minutesOf('Pacific/Kiritimati', '2026-06-10T00:10')).toBe(840);
    expect(minutesOf('Pacific/Pago_Pago', '2026-06-10T23:50')).toBe(-660);
  });

  it('has the hour after a change of the clocks right', () => {
    // Clocks went forward on 29 March 2026 at 01:00 UTC.
    expect(minutesOf('Europe/Paris', '2026-03-29T01:30')).toBe(60);
    expect(minutesOf('Europe/Paris', '2026-03-29T03:30')).toBe(120);
  });

  it('lists what the system knows, with the offset documents write', () => {
    const zones = zonesAt('2026-06-10T12:00');
    expect(zones.length).toBeGreaterThan(300);
    expect(zones.find((z) => z.value === 'Asia/Kolkata' || z.value === 'Asia/Calcutta')?.offset).toBe(
      '+05:30',
    );
    expect(offset(-570)).toBe('-09:30');
  });
});
