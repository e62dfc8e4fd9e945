import type messages from '../../../lang/en/web/desk.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('desk');
