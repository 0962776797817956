export { wordsOf, type Words } from './words';
export { cookAgain, startCook, type Start } from './cook';
export { cookInPot } from './inPot';
export { aheadOf, beginsOf, clashesOf, type Ahead, type AheadKind } from './ahead';
export { eveningClashes, eveningOf, type Clash, type Dated, type EveningMove } from './evening';
export { movesOf, sideWords, type Move, type MoveKind } from './moves';
export { taskSpans, type TaskSpan } from './alongside';
export { runOffAt, withYield, yieldOf } from './yields';
export { kettleBatch, kettleTold } from './kettle';
