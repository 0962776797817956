export {
  backups,
  begin,
  change,
  changeWithBackup,
  dismissNotice,
  goOnWithout,
  keepAgain,
  settled,
  start,
  startOver,
} from './app';
export { openEarly } from './opening';
export { readAsItIs } from './backups';
export { useApp } from './state';
export type { Backup } from './db';
