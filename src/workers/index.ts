export {
  assessAway,
  drawAway,
  judgeAway,
  nextRunAway,
  releasesAway,
  runOffsAway,
  solveAway,
  stopSolving,
} from './client';
