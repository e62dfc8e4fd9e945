import type messages from '../../../lang/en/web/bar.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('bar');
