import type { Learned } from '../../api/review';
import { sayDate } from '../../lang/dates';

export type Taught = NonNullable<Learned['learned']>;

/** A burst with what was predicted of it. */
export type Predicted = Taught['right']['bursts'][number];

export const percent = (share: number) => `${Math.round(100 * share)}%`;

export const day = (iso: string) => sayDate(iso, 'shortDate');
