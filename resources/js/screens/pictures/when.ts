/** Times of pictures, in the zone of their outing or of this device. */
const format = (options: Intl.DateTimeFormatOptions) => {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (at: string, zone: string | null) => {
    const known = made.get(zone ?? '') ?? formatter(options, zone);
    made.set(zone ?? '', known);
    return known.format(new Date(at));
  };
};

/** A zone that this browser does not know yet is taken for its own. */
function formatter(options: Intl.DateTimeFormatOptions, zone: string | null): Intl.DateTimeFormat {
  try {
    return new Intl.DateTimeFormat('en-GB', { ...options, ...(zone ? { timeZone: zone } : {}) });
  } catch {
    return new Intl.DateTimeFormat('en-GB', options);
  }
}

export const dayOf = format({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' });
export const clockOf = format({ hour: '2-digit', minute: '2-digit', second: '2-digit' });
