import { compose, invert, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig, type PosedRig } from '../rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { kitWith, pieceOf } from '../lookup/kit';
import { FOOT_M } from '../building/cameraMesh';
import { poseStrut } from './kinematics';
import { resolveSetUp } from './resolveSetUp';
import type { ResolvedSetUp } from './resolvedSetUp';
import type { SetUp } from '../../words/setUp/setUp';

/** Corners of the camera's box in its body frame, metres. */
export function bodyCorners({ camera }: ResolvedSetUp): Vec3[] {
  const [depth, height, width] = camera.bodyM;
  return [-0.5, 0.5].flatMap((x) =>
    [0, 1].flatMap((y) => [-0.5, 0.5].map((z): Vec3 => [x * depth, FOOT_M + y * height, z * width])),
  );
}

/** Least height of the camera's body over the plane that touches the surface at the spot; negative = it would cut in. Metres. */
export function surfaceGapM(resolved: ResolvedSetUp, setUpRig: PosedRig): number {
  const { worldFromSpot, worldFromBody } = poseStrut(resolved, setUpRig, setUpRig);
  const spotFromBody = compose(invert(worldFromSpot), worldFromBody);
  return Math.min(...bodyCorners(resolved).map((corner) => transformPoint(spotFromBody, corner)[1]));
}

/** Air that the plainest strut leaves under the body (estimate 1 to 5 mm), and how risers are cut. */
const LEAST_GAP_M = 0.002;
const RISER_STEP_M = 0.005;

/** The same set-up with a riser under the camera where its body would cut into the surface as it points. */
export function clearOfSurface(spec: RigSpec, setUp: SetUp): SetUp {
  if (setUp.links.length > 0) return setUp;
  const missing = LEAST_GAP_M - surfaceGapM(resolveSetUp(spec, setUp), poseRig(spec, SET_UP_STANCE_ID));
  if (missing <= 0) return setUp;
  const riser = pieceOf(kitWith(spec.ownKit).links, 'riser', ({ kind }) => kind === 'riser');
  const { low, high } = riser.lengthM;
  const lengthM = Math.min(high, Math.max(low, Math.ceil(missing / RISER_STEP_M) * RISER_STEP_M));
  return { ...setUp, links: [{ linkId: riser.id, lengthM, bendDeg: 0, turnDeg: 0 }] };
}
