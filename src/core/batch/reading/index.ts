export { groupOf, isStepLine } from './groups';
export { readLike, type Like } from './like';
export { Claims, joinMarks, tokensOf, unusedIn, type Fate, type Mark } from './marks';
export { readLine, type ReadsFor } from './line';
export { readFoods, readLines, splitLines } from './lines';
export type { LineAnswer, LineAsk } from './asks';
export { learnt } from './learnt';
export { EXAMPLE_LINE, likened, newItem, putRight, renamed, type ReadLine } from './reword';
