import type messages from '../../../lang/en/web/outing.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('outing');
