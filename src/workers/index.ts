export {
  assessAway,
  drawAway,
  judgeAway,
  nextRunAway,
  readLinesAway,
  readRecipeAway,
  releasesAway,
  runOffsAway,
  solveAway,
  stopSolving,
} from './client';
