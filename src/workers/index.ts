export {
  assessAway,
  drawAway,
  nextRunAway,
  releasesAway,
  runOffsAway,
  solveAway,
  stopSolving,
} from './client';
