/** Sheet that is open over a plan. */
export type Opened =
  | { readonly item: string }
  | { readonly step: string }
  | { readonly task: string }
  | 'new step'
  | 'solve'
  | 'clock'
  | 'scale'
  | 'schools'
  | 'phone'
  | 'recipe'
  | 'rehearse'
  | 'help'
  | null;
