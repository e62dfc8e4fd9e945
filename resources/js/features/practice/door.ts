/* What other parts of the application may use of this one. */

export { Due } from './Due';
export { OfferCopy, OfferModal } from './OfferCopy';
export { OwnTimes } from './OwnTimes';
export { Tasks } from './Tasks';
