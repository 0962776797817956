/** The three walks of the Help page: what to do, in the order in which an evening goes. */
export interface Walk {
  readonly name: string;
  readonly href: string;
  readonly goTo: string;
  readonly steps: readonly string[];
}

export const WALKS: readonly Walk[] = [
  {
    name: 'Plan',
    href: '/desk',
    goTo: 'Plan a batch',
    steps: [
      'Paste a recipe, type what goes in, or begin from a dish.',
      'Read the three answers: will it fit, when is it ready, is everything right?',
      'Look at the warnings, the worst first. Each has buttons that fix it.',
      'Press “Fix the timing for me” if a food would come out under or over.',
      'Say when you want to eat. The Bench then tells you when to start.',
    ],
  },
  {
    name: 'Cook',
    href: '/stove',
    goTo: 'To the Stove',
    steps: [
      'Press “Start cooking”, and tick each food when it is in.',
      'Press a mark when it happens: lid locked, at pressure, pin down. Every mark makes the clock more exact.',
      'Keep the page open. It calls you when something is due, until you touch it.',
      'When the lid is off, test the slowest food and say how it is. Retort shows what to do next.',
      'Read each caution before you touch the valve or the lid. Your pot’s manual comes first.',
    ],
  },
  {
    name: 'After',
    href: '/larder',
    goTo: 'To the Larder',
    steps: [
      'Cool what is left: in shallow pans or ice, to 5 °C (41 °F) within 6 hours in all.',
      'Fill jars, and label them. The Larder counts their days.',
      'Say in the Log how each food came out. Two or three cooks teach Retort your pot and your taste.',
      'Cook it again: what was learned is in the plan already.',
      'Export everything to a file now and then. It is yours.',
    ],
  },
];
