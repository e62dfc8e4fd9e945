import type messages from '../../../lang/en/web/parts.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('parts');
