/* What other parts of the application may use of this one. */

export { PutUp } from './shelf/PutUp';
