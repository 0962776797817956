export { change, changeQuietly, changeWithBackup, dismissNotice, say } from './actions';
export { readAsItIs } from './backups';
export { begin, goOnWithout, start, startOver } from './connection';
export { backups, forgetAside, setAside } from './putBy';
export { keepAgain, settled } from './writing';
export { asideName } from './quarantine';
export type { Backup, SetAside } from './db';
export { openEarly } from './opening';
export { useApp } from './state';
export { readWorkedEarly, workedAtHand, workedOut } from './worked';
export type { OtherDevice, Sharing } from './db';
export {
  exchange,
  joinHousehold,
  knowledge,
  putSharing,
  readSharing,
  wholes,
  type Whole,
} from './sharing';
