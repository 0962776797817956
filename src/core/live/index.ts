export { tableDoor, type TableDoor } from './mend';
export { dangersAtTable } from './tableDoor';
export { courseOf, type Course } from './course';
export { hotSOf, resultAt } from './observe';
export { beliefOf, worldsOf, type Belief, type BelieveOptions, type World } from './believe';
export {
  endsOnStandIn,
  standInAt,
  truthAt,
  truthOf,
  type Face,
  type StandIn,
  type StandInNow,
} from './standIn';
export { DRILLS, drillsFor, type Drill } from './drills';
export { debriefOf, worthOf, type Debrief, type Decision, type Outcome } from './debrief';
export { awayUntilS, MISHAP, type Fault, type Mishap } from './mishaps';
export {
  choicesAt,
  costOfLeaving,
  proposalOf,
  weighed,
  type Cost,
  type Moment,
  type Option,
  type Proposal,
} from './propose';
