import type messages from '../../../lang/en/web/pictures.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('pictures');
