export { BenchSheets } from './BenchSheets';
export { useShortcuts, type Shortcut } from './shortcuts';
