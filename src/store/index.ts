export { change, changeQuietly, changeWithBackup, dismissNotice } from './actions';
export { readAsItIs } from './backups';
export { backups, begin, goOnWithout, keepAgain, settled, start, startOver } from './connection';
export type { Backup } from './db';
export { openEarly } from './opening';
export { useApp } from './state';
export { readWorkedEarly, workedAtHand, workedOut } from './worked';
