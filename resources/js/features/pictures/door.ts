/* What other parts of the application may use of this one. */

export { Close } from './Close';
