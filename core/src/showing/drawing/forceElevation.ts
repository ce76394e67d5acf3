import { length, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { HoldReport } from '../../physics/holding/holdReport';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { flattened, sideElevation, type DrawingPoint, type SideElevation } from './sideElevation';

/** A force as it is drawn: where it acts, its size, and what of it lies in the plane of the drawing, newton. */
export interface DrawnForce {
  readonly name: 'weight' | 'drag' | 'thrown' | 'held';
  readonly at: DrawingPoint;
  readonly newton: number;
  readonly vector: DrawingPoint;
}

/** The side drawing with what acts on the strut in the moment that is worst for its base: held at the spot it stands in balance. */
interface ForceElevation {
  readonly drawing: SideElevation;
  readonly forces: readonly DrawnForce[];
  /** What the base has to hold beside the force: the moment about the spot, N·m. */
  readonly momentNm: number;
}

export function forceElevation(spec: RigSpec, setUp: SetUp, stanceId: string, hold: HoldReport): ForceElevation {
  const drawing = sideElevation(spec, setUp, stanceId);
  const strut = poseStrut(resolveSetUp(spec, setUp), poseRig(spec, SET_UP_STANCE_ID), poseRig(spec, stanceId));
  const spot = strut.worldFromSpot.position;
  const { acting } = hold;
  const [surface] = hold.interfaces;
  const drawn = (name: DrawnForce['name'], at: Vec3, force: Vec3): DrawnForce => ({
    name,
    at: flattened(drawing.view, subtract(at, spot)),
    newton: length(force),
    vector: flattened(drawing.view, force),
  });
  return {
    drawing,
    forces: [
      drawn('weight', acting.at, acting.weight),
      drawn('drag', acting.at, acting.drag),
      drawn('thrown', acting.at, acting.inertia),
      drawn('held', spot, subtract([0, 0, 0], surface!.load.force)),
    ].filter((force) => force.newton > 0.05),
    momentNm: length(surface!.load.moment),
  };
}
