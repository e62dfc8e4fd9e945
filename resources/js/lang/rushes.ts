import type messages from '../../../lang/en/web/rushes.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('rushes');
