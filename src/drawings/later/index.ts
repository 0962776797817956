export { later } from './later';
