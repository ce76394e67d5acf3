import { tetherReach } from '../../physics/clearance/tetherReach';
import { kitWith } from '../../posing/lookup/kit';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { tetherAnchors, tetherLengthM } from '../../posing/strut/tethering';
import type { SetUp, TetherUse } from '../../words/setUp/setUp';
import type { ShotScene } from '../scene/shotScene';
import type { Attempt } from './check';

/** Ways to tie it that are told at once; more is no help. */
const MOST = 2;

/** Tethers that reach something near and let the camera get at nothing that turns, the shortest first. */
export function tetherAttempts({ question: { rig, setUp }, resolved }: ShotScene): readonly Attempt[] {
  const { tethers } = kitWith(rig.ownKit);
  const ways = tetherAnchors(rig, resolved).flatMap((anchor) =>
    tethers.flatMap((definition) => {
      const lengthM = tetherLengthM(definition, anchor);
      if (lengthM < anchor.farM) return [];
      const tether: TetherUse = {
        tetherId: definition.id,
        ...(anchor.partId === undefined ? {} : { partId: anchor.partId }),
        lengthM,
      };
      return [{ tether, name: definition.name.toLowerCase(), anchor }];
    }),
  );
  const out: Attempt[] = [];
  for (const { tether, name, anchor } of ways.sort((a, b) => a.tether.lengthM - b.tether.lengthM)) {
    const tied: SetUp = { ...setUp, tether };
    const reach = tetherReach(rig, resolveSetUp(rig, tied));
    if (!reach || reach === 'lost' || (reach.turning && reach.turning.leftM < 0) || reach.tight) continue;
    out.push({
      id: `tether-${tether.tetherId}-${tether.partId ?? 'pad'}`,
      text: `a ${name} of ${Math.round(tether.lengthM * 1000)} mm to the ${anchor.name}`,
      setUp: tied,
      effort: 1,
      costs: 'a minute',
    });
    if (out.length === MOST) break;
  }
  return out;
}
