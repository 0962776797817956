export { assessAway, drawAway } from './client';
