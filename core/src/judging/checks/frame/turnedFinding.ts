import type { TurnedIn } from '../../../physics/clearance/turnedIntoPicture';
import type { IntentDefinition } from '../../../words/shot/intent';
import type { Finding } from '../../../words/check/result';

/** More of the picture than this swinging across it is worth a look before the ride, less is part of riding. Estimate 2 to 6 %. */
const CROSSES = 0.03;
/** So many are named. */
const NAMED = 3;

/** Bars, cables or a boom that swing across the picture when they are turned; null where nothing does, or the machine is what the shot is to show. */
export function turnedFinding(
  turnedIn: readonly TurnedIn[],
  { wants }: Pick<IntentDefinition, 'wants'>,
): Finding | null {
  const [most] = turnedIn;
  const machineWanted = wants.some(({ of, share }) => share[0] > 0 && of.groups?.includes('machine'));
  if (!most || machineWanted) return null;
  const named = turnedIn
    .slice(0, NAMED)
    .map(
      ({ partName, fromDeg, share }) =>
        `${partName} ${fromDeg < 1 ? 'straight on already' : `from about ${Math.round(fromDeg)}° on`}, up to ${(share * 100).toFixed(share < 0.095 ? 1 : 0)} % of it`,
    );
  const crosses = most.share > CROSSES;
  return {
    id: 'turned',
    label: 'turned into the picture',
    verdict: crosses ? 'watch' : 'good',
    value: most.share * 100,
    unit: '%',
    limit: [null, CROSSES * 100],
    margin: (CROSSES - most.share) * 100,
    because: `across the picture as the ${most.by.toLowerCase()}: ${named.join('; ')}`,
    mend: crosses ? { text: `a place that goes along as the ${most.by.toLowerCase()}, or lies away from there` } : null,
  };
}
