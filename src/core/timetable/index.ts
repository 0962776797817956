export { happened, stagesOf, standing, type Happened, type Stage, type Standing } from './stages';
export { wordsOf, type Words } from './words';
export { cookAgain, fishOutOf, startCook, type Start } from './cook';
export { movesOf, type Move, type MoveKind } from './moves';
export { runOffAt, withYield, yieldOf } from './yields';
