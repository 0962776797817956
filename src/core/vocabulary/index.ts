export {
  afterWait,
  LONGEST_WAIT_MIN,
  RELEASE_METHODS,
  RELEASES,
  releaseBy,
  releaseOf,
  releasesFor,
  waitOf,
  type Letting,
  type Release,
  type ReleaseDefinition,
  type ReleaseMethod,
} from './releases';
export {
  STEP_KINDS,
  STEPS,
  stepOf,
  type PlainKind,
  type StepDefinition,
  type StepKind,
} from './steps';
export {
  isFrozen,
  JAR_PLACES,
  jarPlaceOf,
  type JarPlace,
  type JarPlaceDefinition,
} from './jarPlaces';
export { POT_KINDS, potKindOf, type PotKind, type PotKindDefinition } from './pots';
export { coolingOf, type CoolingKey } from './coolings';
export { doingOf, type Doing } from './doing';
export {
  hasShoulders,
  HOLDER_KINDS,
  holderName,
  HOLDERS,
  usableL,
  type HolderKind,
} from './holders';
export {
  HALF_CUP_ML,
  HANDLING,
  handlingOf,
  surroundingsOf,
  VESSELS,
  waterLost,
  WAYS_DONE,
  type Surroundings,
  type VesselName,
  type WayDone,
} from './handling';
export { gradeName, setName, thickName } from './states';
