export { readLike, type Like } from './like';
export { readLine, readLines, splitLines, type ReadsFor } from './line';
export { EXAMPLE_LINE, likened, renamed, type ReadLine } from './reword';
