import type messages from '../../../lang/en/web/habits.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('habits');
