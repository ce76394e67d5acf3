import type { Surface } from '../../src/words/carrier/surface';

/** A surface that nobody puts a bolt through. @param because said where a bolted base is asked for */
export const notDrilled = (because: string): { readonly mustNot: NonNullable<Surface['mustNot']> } => ({
  mustNot: [{ kind: 'bolt', because }],
});
