import type messages from '../../../lang/en/web/practice.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('practice');
