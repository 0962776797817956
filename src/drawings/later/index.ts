export { later } from './later';
export { lazyPart } from './lazyPart';
