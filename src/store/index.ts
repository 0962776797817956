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
export { readAsItIs } from './backups';
export { useApp } from './state';
export type { Backup } from './db';
