import { rod } from '../../mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../mathematics/geometry/mesh';
import { addScaled, ORIGIN, RIGHT, type Vec3 } from '../../mathematics/geometry/vec3';
import type { CameraDefinition } from '../../words/kit/camera';
import type { PosedPart } from '../../words/carrier/posedPart';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import type { Surface } from '../../words/carrier/surface';
import type { LinkUse } from '../../words/setUp/setUp';
import type { PosedRig } from '../rig/poseRig';
import { besideAt, besideKg, besideMesh } from './besideDevice';
import { armName, rodPose, standingArms } from './furtherArms';
import { linkMesh } from './linkMesh';
import { chainJoints, type StrutPose } from './kinematics';
import { tetherParts } from './tethering';
import type { ResolvedSetUp } from './resolvedSetUp';

const chains = keepLatest<Mesh>(600);
const bases = keepLatest<Mesh>(100);
const rods = keepLatest<Mesh>(100);
const surfaceKey = keyOf((surface: Surface) => surface);
const linksKey = keyOf((links: readonly LinkUse[]) => links);

const cameras = new WeakMap<CameraDefinition, { body: Mesh; glass: Mesh }>();

/** Half width of a joint's bolt, metres (estimate 0.009 to 0.013). */
const JOINT_HALF_M = 0.011;

const bolt = (joint: Vec3): Mesh =>
  rod(addScaled(joint, RIGHT, -JOINT_HALF_M), addScaled(joint, RIGHT, JOINT_HALF_M), { radiusM: 0.0065, segments: 12 });

/**
 * The strut's own meshes in one stance: what may come into its own picture.
 * @param rig in that stance: with it the tether is among them
 */
export function ownParts(resolved: ResolvedSetUp, pose: StrutPose, rig?: PosedRig): PosedPart[] {
  const { setUp, placed, base, camera } = resolved;
  const onSurface = `${base.id} ${base.heightM.value} ${surfaceKey(placed.spot.surface)} ${besideKg(resolved)} ${besideAt(resolved)}`;
  const chain = chains(`${onSurface} ${linksKey(setUp.links)}`, () => {
    const joints = chainJoints(resolved);
    const links = resolved.links.map(({ definition }, i) => linkMesh(definition, joints[i + 1]!, joints[i + 2]!));
    const bolts = joints.slice(1).map(bolt);
    const foot = bases(onSurface, () => mergeMeshes([base.mesh(placed.spot.surface), ...besideMesh(resolved)]));
    return mergeMeshes([foot, ...links, ...bolts]);
  });
  let body = cameras.get(camera);
  if (!body) cameras.set(camera, (body = camera.mesh()));
  // Between two lenses back to back the body is not seen: neither lens looks that way.
  const own = {
    group: 'own',
    worldFromPart: pose.worldFromBody,
    ...(camera.stitch ? { seeThrough: true } : {}),
  } as const;
  return [
    { id: 'ownStrut', name: 'strut', group: 'own', tone: 'hivis', mesh: chain, worldFromPart: pose.worldFromSpot },
    { ...own, id: 'ownCamera', name: 'camera', tone: 'hivis', mesh: body.body },
    { ...own, id: 'ownLens', name: 'camera lens', tone: 'lens', mesh: body.glass },
    ...(rig ? tetherParts(resolved, pose, rig) : []),
    ...standingArms(resolved, pose).flatMap((standing, i): PosedPart[] => {
      const { arm, surface, lengthM, worldFromBase } = standing;
      const part = { name: armName(i), group: 'own', tone: 'hivis' } as const;
      const stands = `${arm.base.id} ${arm.base.heightM.value} ${surfaceKey(surface)}`;
      return [
        {
          ...part,
          id: `ownBase${i + 2}`,
          mesh: bases(stands, () => arm.base.mesh(surface)),
          worldFromPart: worldFromBase,
        },
        {
          ...part,
          id: `ownArm${i + 2}`,
          mesh: rods(`${arm.link.radiusM} ${lengthM.toFixed(4)}`, () =>
            mergeMeshes([
              rod(ORIGIN, [0, lengthM, 0], { radiusM: arm.link.radiusM, segments: 10, power: 3 }),
              bolt(ORIGIN),
              bolt([0, lengthM, 0]),
            ]),
          ),
          worldFromPart: rodPose(standing),
        },
      ];
    }),
  ];
}
