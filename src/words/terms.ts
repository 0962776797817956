/**
 * The terms of the interface: one name for one thing. Their explanations are apart (`meanings`), so that a page
 * loads them only when somebody asks.
 */
export interface Term {
  /** Name in a US kitchen. */
  readonly us: string;
  /** In a UK kitchen; as in the US where it is missing. */
  readonly uk?: string;
  /** Names that the interface used before, for docs/words.md. */
  readonly before?: readonly string[];
}

export const TERMS = {
  // Places
  batches: { us: 'Batches' },
  desk: { us: 'Plan a batch' },
  bench: { us: 'Bench' },
  stove: { us: 'Stove' },
  larder: { us: 'Larder' },
  log: { us: 'Log' },
  kitchen: { us: 'Kitchen' },
  help: { us: 'Help' },
  // The plan
  batch: { us: 'batch' },
  serving: { us: 'servings', before: ['bowls', 'Bowls in all'] },
  makes: { us: 'Makes', before: ['Bowls in all'] },
  roomLeft: { us: 'Room left', before: ['Fits', '... to the foam line'] },
  totalTime: { us: 'Total time', before: ['To the table (on the Bench)'] },
  usually: { us: 'usually', before: ['8 in 10', '8 times in 10'] },
  release: { us: 'Release', before: ['Valve'] },
  brothLeft: { us: 'Broth left', before: ['strained'] },
  warnings: { us: 'Warnings', before: ['Calls'] },
  dismiss: { us: 'dismiss', before: ['put by'] },
  fixTiming: { us: 'Fix the timing for me', before: ['Find the order', 'Look for one'] },
  startCooking: { us: 'Start cooking', before: ['Take it to the stove'] },
  timetable: { us: 'Timetable', before: ['By the clock'] },
  habits: { us: 'Our habits', before: ['How we do it'] },
  practiceRun: { us: 'Practice run', before: ['Rehearse it', 'Rehearsal'] },
  practicePot: { us: 'practice pot', before: ['stand-in'] },
  drill: { us: 'drill' },
  // The pot
  levels: { us: 'How full, when', before: ['lid on / hottest / swollen / valve / strained'] },
  fillLine: { us: 'fill line' },
  foamLine: { us: 'foam line' },
  minimumLiquid: { us: 'minimum liquid' },
  headspace: { us: 'headspace' },
  regulator: { us: 'regulator' },
  pin: { us: 'pin' },
  ring: { us: 'sealing ring' },
  electric: { us: 'electric' },
  stovetop: { us: 'stovetop', uk: 'hob' },
  kettleTest: { us: 'kettle test' },
  strength: {
    us: 'How strong your pot really is',
    before: ['Its heat, by its cooks', 'Heat that arrives'],
  },
  // Steps
  stage: { us: 'stage', before: ['as the lid goes on', 'when opened', 'second closing'] },
  warmUp: { us: 'warm-up' },
  hold: { us: 'hold' },
  naturalRelease: { us: 'natural release' },
  quickRelease: { us: 'quick release' },
  timedRelease: { us: 'timed release' },
  pulsedRelease: { us: 'pulsed release', before: ['in bursts'] },
  deglaze: { us: 'deglaze' },
  skim: { us: 'skim' },
  alongside: { us: 'alongside' },
  separately: { us: 'cooked separately', before: ['apart, joined in the bowl'] },
  remove: { us: 'remove before serving', before: ['fish out'] },
  plate: { us: 'on a plate' },
  // Doneness
  doneRange: { us: 'done range', before: ['the copper bracket', 'wish'] },
  forFlavor: { us: 'for flavor only', uk: 'for flavour only' },
  dissolves: { us: 'dissolves', before: ['melts in', 'melted in'] },
  thin: { us: 'thin', before: ['like water'] },
  veryThick: { us: 'very thick', before: ['a spoon stands'] },
  absorbed: { us: 'absorbed by tomorrow', before: ['drunk by tomorrow'] },
  salt: { us: 'Salt' },
  // Bones
  broths: { us: 'Broths', before: ['Run-offs', 'runs'] },
  bonesAgain: { us: 'Use the bones again', before: ['Run again'] },
  gelatin: { us: 'gelatin', uk: 'gelatine' },
  whenCold: { us: 'when cold', before: ['sets'] },
  wobbly: { us: 'wobbly', before: ['trembles'] },
  softJelly: { us: 'soft jelly', before: ['soft set'] },
  firmJelly: { us: 'firm jelly', before: ['holds a cut'] },
  // Cooking
  mark: { us: 'mark' },
  somethingHappened: { us: 'Something happened', before: ['Mark what you see'] },
  taste: { us: 'Taste: is it done?', before: ['Try something'] },
  asPlanned: { us: 'Continue as planned', before: ['Leave it as it is'] },
  readyAt: { us: 'Ready at', before: ['On the table'] },
  predicted: { us: 'predicted', before: ['foretold', 'believed'] },
  // After
  useBy: { us: 'use by' },
  bag: { us: 'bag of bones' },
  learned: { us: 'learned' },
  verdict: { us: 'verdict' },
  accuracy: { us: 'How accurate has Retort been?', before: ['Is Retort to be believed?'] },
  myFoods: { us: 'My foods', before: ['Foods of this kitchen'] },
  unknownFood: { us: 'I do not know this food', before: ['is no food of the table'] },
  backup: { us: 'backup' },
} as const satisfies Readonly<Record<string, Term>>;

export type TermId = keyof typeof TERMS;

/** Which English a kitchen speaks. */
export type English = 'us' | 'uk';

/** A term's name. @example termName('stovetop', 'uk') // "hob" */
export function termName(id: TermId, english: English): string {
  const term: Term = TERMS[id];
  return english === 'uk' ? (term.uk ?? term.us) : term.us;
}
