/** Where a number comes from. */
export type Source =
  | { readonly kind: 'published'; readonly text: string }
  | { readonly kind: 'common practice' }
  | { readonly kind: 'estimate'; readonly low: number; readonly high: number };
