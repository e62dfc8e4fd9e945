import { sayDate } from '../../lang/dates';

/** Times of pictures, in the zone of their outing or of this device. */
export const dayOf = (at: string, zone: string | null) => sayDate(at, 'weekdayDate', zone);
export const clockOf = (at: string, zone: string | null) => sayDate(at, 'exactClock', zone);
