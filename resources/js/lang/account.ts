import type messages from '../../../lang/en/web/account.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('account');
