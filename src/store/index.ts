export {
  backups,
  begin,
  change,
  changeWithBackup,
  dismissNotice,
  settled,
  start,
  startOver,
  useApp,
  type StorageTrouble,
} from './app';
export type { Backup } from './db';
