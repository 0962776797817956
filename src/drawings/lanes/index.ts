export { LaneBar } from './LaneBar';
export { asWished, outcomeWords, wantedSpan } from './spans';
