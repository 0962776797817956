export { BEFORE_ALL, isStamp, laterOf, nextStamp, type Stamp } from './stamp';
export { swept, type Edit, type Replica, type Taken } from './replica';
export { digestOf, replicaOf, stampsOf, type Stamps } from './stamps';
export { editsOf, isKey, recordsOf, withRecords, type Key, type RecordEdit } from './records';
export {
  joined,
  stamped,
  stampsInAll,
  type Joined,
  type Replicas,
  type StampedEdits,
  type StampsByKey,
} from './joined';
