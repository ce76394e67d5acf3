import type { BaseDefinition } from '../../words/kit/base';
import type { LinkDefinition } from '../../words/kit/link';

/** Why a strut is too long for what its base sits on: teeth, a belt, a boot give; null where it is not. Lengths in metres. */
export function leverRefusal(
  { name, fits: { mostOutM } }: Pick<BaseDefinition, 'name' | 'fits'>,
  links: readonly { readonly definition: Pick<LinkDefinition, 'name'>; readonly use: { readonly lengthM: number } }[],
): string | null {
  if (!mostOutM) return null;
  const outM = links.reduce((sum, { use }) => sum + use.lengthM, 0);
  if (outM <= mostOutM.value + 1e-9) return null;
  const centimetres = (m: number) => `${Math.round(m * 100)} cm`;
  return `${centimetres(outM)} of ${links.map(({ definition }) => definition.name.toLowerCase()).join(' and ')} on a ${name.toLowerCase()}: ${mostOutM.because}; ${centimetres(mostOutM.value)} at most`;
}
