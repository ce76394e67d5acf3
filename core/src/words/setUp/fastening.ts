/** A strap, harness or clamp drawn tight or left loose stands at the ends of its range, loose beyond its lower end. */
export const FASTENINGS = ['tight', 'usual', 'loose'] as const;
export type Fastening = (typeof FASTENINGS)[number];
