/** What is open over a plan. */
export type Opened =
  | { readonly item: string }
  | { readonly step: string }
  | 'new step'
  | 'solve'
  | 'clock'
  | 'scale'
  | 'schools'
  | 'help'
  | null;
