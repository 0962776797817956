/** Kinds of marks and what they may say, as lists: pages need them without the schemas. */
/** In the order in which they happen in a cook. */
export const MARKS = [
  'started',
  'lid-locked',
  'pin-up',
  'at-pressure',
  'hold-over',
  'valve-opened',
  'valve-closed',
  'pin-down',
  'lid-off',
  'step-done',
  'ticked',
  'left-out',
  'task-begun',
  'task-done',
  'tested',
  'temperature',
  'level',
  'scorch',
  'heat-down',
  'heat-off',
  'put-right',
  'changed',
  'declined',
  'done',
] as const;

/** Faults of a lid that did not seal, or of a pot that switched itself off. */
export const FAULTS = ['valve', 'ring', 'bottom'] as const;

/** The small moves by which a plan is changed while it is cooked. */
export const CHANGES = ['hold', 'close-again', 'simmer-on', 'release-now', 'as-it-is'] as const;

/** Mishaps of a practice run; each changes the true state of the practice pot, and nothing else. */
export const MISHAPS = [
  'valve-open',
  'ring',
  'bottom',
  'old-beans',
  'frozen',
  'foam',
  'power-lost',
  'called-away',
  'altitude',
  'too-early',
  'overfilled',
] as const;
