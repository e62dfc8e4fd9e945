import type messages from '../../../lang/en/web/today.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('today');
