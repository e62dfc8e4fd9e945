import type messages from '../../../lang/en/web/ui.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('ui');
