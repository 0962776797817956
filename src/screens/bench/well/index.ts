export { WellSide } from './WellSide';
