import type messages from '../../../lang/en/web/subjects.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('subjects');
