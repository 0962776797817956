export { assessAway, drawAway, releasesAway } from './client';
