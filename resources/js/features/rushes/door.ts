/* What other parts of the application may use of this one. */

export { OneLine } from './OneLine';
export { RushLink } from './RushLink';
export { Who } from './Who';
