import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { PosedPart } from '../../words/carrier/posedPart';
import { sweepsOf } from './sweeps';

interface Turning {
  readonly part: PosedPart;
  /** At each step of its turn. */
  readonly partFromWorld: readonly Pose[];
}

const known = new WeakMap<PosedRig, Map<string, readonly Turning[]>>();

/** Parts that turn all the way round or run, and do not carry what sits on a part. */
function turningAgainst(spec: RigSpec, setUpRig: PosedRig, partId: string): readonly Turning[] {
  const ofRig = known.get(setUpRig) ?? new Map<string, readonly Turning[]>();
  known.set(setUpRig, ofRig);
  const kept = ofRig.get(partId);
  if (kept) return kept;
  const carrier = setUpRig.byId.get(partId)!;
  const made = sweepsOf(spec, setUpRig, partId)
    .filter((sweep) => sweep.wholeTurn && !sweep.moves(carrier))
    .flatMap(({ moves, steps }) =>
      setUpRig.parts
        .filter((p) => p.id !== partId && p.group !== 'subject' && moves(p))
        .map((part) => ({
          part,
          partFromWorld: steps.map((step) => invert(compose(step(part), part.worldFromPart))),
        })),
    );
  ofRig.set(partId, made);
  return made;
}

/**
 * Nearest of what turns to a few points of a strut, set-up stance; null where nothing comes within the limit. Cheap: never nearer than `approaches`,
 * which looks at every corner, finds it.
 */
export function turningNear(
  spec: RigSpec,
  setUpRig: PosedRig,
  partId: string,
  points: readonly Vec3[],
  limitM: number,
): { readonly partName: string; readonly distanceM: number } | null {
  let best: { partName: string; distanceM: number } | null = null;
  for (const { part, partFromWorld } of turningAgainst(spec, setUpRig, partId)) {
    for (const fromWorld of partFromWorld) {
      for (const point of points) {
        const near = closestPoint(part.mesh, transformPoint(fromWorld, point), best?.distanceM ?? limitM);
        if (near) best = { partName: part.name, distanceM: near.distanceM };
      }
    }
  }
  return best;
}
