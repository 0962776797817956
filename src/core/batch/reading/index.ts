export { readLike, type Like } from './like';
export { Claims, joinMarks, tokensOf, unusedIn, type Fate, type Mark } from './marks';
export { readFoods, readLine, readLines, splitLines, type ReadsFor } from './line';
export type { LineAnswer, LineAsk } from './asks';
export { learnt, withWord } from './learnt';
export { EXAMPLE_LINE, likened, newItem, putRight, renamed, type ReadLine } from './reword';
