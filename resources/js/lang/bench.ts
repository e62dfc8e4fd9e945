import type messages from '../../../lang/en/web/bench.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('bench');
