/** What is open over the Bench. */
export type Editing =
  | { readonly item: string }
  | { readonly step: string }
  | 'new step'
  | 'solve'
  | 'clock'
  | 'scale'
  | 'schools'
  | 'help'
  | null;
