export {
  changeWords,
  FAULT_WORDS,
  lastOfHand,
  listedMarks,
  markWords,
  nameOf,
  type StepEvent,
  SCRAPED,
} from './marks';
export { isDeclined, planNow, type Move } from './plan';
export {
  changedAt,
  ended,
  heardBy,
  mendedAt,
  moveMark,
  notOver,
  pressed,
  sameHeard,
  startMark,
  takeBack,
  untick,
  withLog,
  withoutReadings,
  type Pressed,
} from './ingest';
export {
  linkOf,
  MESSAGE_KINDS,
  writeMessages,
  type Message,
  type MessageKind,
  type PotLink,
} from './potLink';
export { readMessages, type Messages } from './readMessages';
export {
  firstOpened,
  known,
  stepIn,
  timelineOf,
  type How,
  type Observation,
  type Second,
  type SeenKind,
  type StepTimeline,
  type TaskTimeline,
  type Timeline,
  type TriedFood,
} from './timeline';
export { doubtOf, type Doubt } from './doubt';
export { historyOf, howWarmAsked, stoodOf } from './history';
export {
  endOf,
  asPresumed,
  isPresumed,
  stagesOf,
  standing,
  type Stage,
  type StageKind,
  type Standing,
} from './stage';
export { happened, lidS, realTotalMin, type Happened } from './happened';
export { asOf, secondsOf } from './time';
