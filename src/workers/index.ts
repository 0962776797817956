export { assessAway, drawAway, releasesAway, solveAway, stopSolving } from './client';
