import type messages from '../../../lang/en/web/review.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('review');
