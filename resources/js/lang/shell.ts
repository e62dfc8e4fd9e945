import type messages from '../../../lang/en/web/shell.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('shell');
