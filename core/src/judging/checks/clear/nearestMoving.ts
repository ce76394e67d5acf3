import { movingAgainst } from '../../../posing/rig/movingAgainst';
import type { CarrierScene } from '../../../posing/scene/carrierScene';
import { seenIn, type Sightlines } from '../../../physics/framing/sightlines';
import type { VisibilityCube } from '../../../physics/framing/visibilityCube';
import { isSoft } from '../../../physics/clearance/strikes';

interface NearestMoving {
  readonly partName: string;
  readonly distanceM: number;
  readonly stanceName: string;
  readonly soft: boolean;
}

/** What comes nearest of all, and how near what does not give way; Infinity where nothing does. */
interface Nearest {
  readonly near: NearestMoving | null;
  readonly hardM: number;
}

const moving = ({ setUpRig, ridden }: CarrierScene, partId: string): ReadonlySet<string> =>
  movingAgainst(
    setUpRig,
    ridden.map((p) => p.rig),
    partId,
  );

const known = new WeakMap<Sightlines, Nearest>();

/**
 * What of all that moves against the spot's part comes nearest to the lens, over the stances: the least distance in its visibility
 * cubes. Coarse: hidden things and the sweeps between stances are left to the exact check.
 */
export function nearestMoving(sightlines: Sightlines, partId: string): Nearest {
  const kept = known.get(sightlines);
  if (kept) return kept;
  const ids = moving(sightlines.scene, partId);
  let near: NearestMoving | null = null;
  let hardM = Infinity;
  for (const posed of sightlines.scene.ridden) {
    const { parts, cube } = seenIn(sightlines, posed);
    const counts = Uint8Array.from(parts, (p) => (ids.has(p.id) ? (isSoft(p) ? SOFT : HARD) : 0));
    const found = nearestIn(cube, counts);
    hardM = Math.min(hardM, found.hardM);
    if (found.at < 0 || cube.distanceM[found.at]! >= (near?.distanceM ?? Infinity)) continue;
    const part = parts[cube.part[found.at]!]!;
    near = {
      partName: part.name,
      distanceM: cube.distanceM[found.at]!,
      stanceName: posed.stance.name,
      soft: isSoft(part),
    };
  }
  const made = { near, hardM };
  known.set(sightlines, made);
  return made;
}

const SOFT = 1;
const HARD = 2;

/** Direction of a cube in which the nearest part that counts is seen, −1 where there is none; and how near the nearest hard one is. */
function nearestIn({ part, distanceM }: VisibilityCube, counts: Uint8Array): { at: number; hardM: number } {
  let [best, at, hardM] = [Infinity, -1, Infinity];
  for (let i = 0; i < part.length; i++) {
    const index = part[i]!;
    if (index < 0 || counts[index] === 0) continue;
    const far = distanceM[i]!;
    if (far < best) [best, at] = [far, i];
    if (far < hardM && counts[index] === HARD) hardM = far;
  }
  return { at, hardM };
}
