import type messages from '../../../lang/en/web/layouts.json';
import { words } from './words';

export const t = await words<keyof typeof messages>('layouts');
