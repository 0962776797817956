export { BenchSheets } from './BenchSheets';
export { Gate } from './Gate';
export { useShortcuts, type Shortcut } from './shortcuts';
