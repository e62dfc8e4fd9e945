import type { Picture } from '../../api/pictures';
import { t } from '../../lang/pictures';

/** Below this the measuring is not sure of what it says. */
const SURE = 0.9;

/** How a frame stands: what the person says, or what was measured while they say nothing. */
export type Standing = 'kept' | 'lost' | 'untold' | 'open';

export function standing(picture: Picture, marked: boolean): Standing {
  if (picture.said !== null) return picture.said ? 'kept' : 'lost';
  if (picture.measured?.verdict === 'untold') return 'untold';
  if (picture.kept === null || !marked) return 'open';
  return picture.kept ? 'kept' : 'lost';
}

/** In words, for those who do not see beads. */
export const SAYS: Record<Standing, string> = {
  kept: 'kept',
  lost: 'lost',
  untold: t('filters.cannot-be-told'),
  open: t('filters.not-judged'),
};

export const FILTERS = [
  { key: 'all', label: t('filters.all') },
  { key: 'kept', label: t('filters.kept') },
  { key: 'lost', label: t('filters.lost') },
  { key: 'unsure', label: t('filters.not-sure') },
  { key: 'unsaid', label: t('filters.not-looked-at') },
] as const;
export type Filter = (typeof FILTERS)[number]['key'];

export function passes(picture: Picture, filter: Filter, marked: boolean): boolean {
  const now = standing(picture, marked);
  switch (filter) {
    case 'all':
      return true;
    case 'unsure':
      return (
        picture.said === null && (now === 'untold' || now === 'open' || (picture.measured?.sure ?? 0) < SURE)
      );
    case 'unsaid':
      return picture.said === null;
    default:
      return now === filter;
  }
}
