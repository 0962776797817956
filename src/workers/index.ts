export {
  assessAway,
  drawAway,
  judgeAway,
  nextRunAway,
  readFileAway,
  readLinesAway,
  readRecipeAway,
  releasesAway,
  runOffsAway,
  solveAway,
  stopSolving,
} from './client';
