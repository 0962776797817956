export { linkOf, newId, readCode, type Code } from './code';
export {
  forget,
  joinIn,
  leave,
  lookFor,
  rename,
  share,
  type Host,
  type JoinEvents,
  type Joining,
} from './joining';
export { useMeeting, type Present } from './state';
export { startMeeting, stopMeeting } from './tabs';
