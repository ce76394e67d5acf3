/** Where a number comes from. */
export type Source =
  | { readonly kind: 'published'; readonly text: string }
  | { readonly kind: 'common practice' }
  | { readonly kind: 'estimate'; readonly low: number; readonly high: number };

/** A figure of a catalogue entry with where it comes from. */
export interface Sourced {
  readonly value: number;
  readonly source: Source;
}
