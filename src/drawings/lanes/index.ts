export { LaneBar, laneWords } from './LaneBar';
export { asWished, outcomeWords, wantedSpan } from './spans';
