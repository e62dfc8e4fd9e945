import type messages from '../../../lang/en/web/kit.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('kit');
