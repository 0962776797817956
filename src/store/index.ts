export { change, changeQuietly, changeWithBackup, dismissNotice } from './actions';
export { readAsItIs } from './backups';
export {
  backups,
  begin,
  forgetAside,
  goOnWithout,
  keepAgain,
  setAside,
  settled,
  start,
  startOver,
} from './connection';
export { asideName } from './quarantine';
export type { Backup, SetAside } from './db';
export { openEarly } from './opening';
export { useApp } from './state';
export { readWorkedEarly, workedAtHand, workedOut } from './worked';
