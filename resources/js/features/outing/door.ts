/* What other parts of the application may use of this one. */

export { carriedOuting } from './fresh';
export { LogByHand } from './LogByHand';
export { saidOf } from './Logged';
export { whenOf } from './OutingList';
export { ShareCard } from './ShareCard';
