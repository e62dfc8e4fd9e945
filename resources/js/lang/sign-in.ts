import type messages from '../../../lang/en/web/sign-in.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('sign-in');
