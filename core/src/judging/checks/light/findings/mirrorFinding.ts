import type { Finding } from '../../../../words/check/result';
import type { LightAt } from '../found/lightFound';
import { MIRROR_SHARE } from '../limits';
import { percent } from './words';

const OUTSIDE: ReadonlySet<string> = new Set(['sky', 'ground']);

/** What glass before the lens mirrors into the picture. */
export function mirrorFinding({ mirror }: LightAt): Finding | null {
  if (!mirror) return null;
  const { throughGlass, veiledShare, veil, of } = mirror;
  const seen = veiledShare > MIRROR_SHARE;
  const outside = OUTSIDE.has(of);
  return {
    id: 'mirror',
    label: 'mirrored in the glass',
    verdict: seen ? 'watch' : 'good',
    value: veiledShare * 100,
    unit: '%',
    limit: [null, MIRROR_SHARE * 100],
    margin: (MIRROR_SHARE - veiledShare) * 100,
    because: seen
      ? `the glass mirrors the ${of} over ${percent(veiledShare)} of the picture, on average ${Math.round(veil * 100)} % of the light that comes from it (estimate)`
      : `${percent(throughGlass)} of the picture is seen through glass; what it mirrors does not show (estimate)`,
    mend: seen
      ? {
          text: outside
            ? 'a polarising filter, another angle to the glass, or the camera on the other side of it'
            : `a dark, dull cloth over what it mirrors, the lens close to the glass with a soft hood, a polarising filter, or another angle`,
        }
      : null,
  };
}
