import type messages from '../../../lang/en/web/card.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('card');
