import type { Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE, type Pose } from '../../mathematics/geometry/pose';
import { rotate } from '../../mathematics/geometry/rotation';
import { dot, UP } from '../../mathematics/geometry/vec3';
import type { Fold, Mark, PartGroup, PosedPart, Tone } from '../../words/carrier/posedPart';
import { handMesh, shoeMesh } from './meshes/extremities';
import { headMarks, headMesh } from './meshes/head';
import { forearmMesh, shankMesh, thighMesh, upperArmMesh } from './meshes/limbs';
import { abdomenMesh, neckMesh, pelvisMesh, ribcageMesh } from './meshes/torso';
import { SIDES, type PosedBody } from '../../words/carrier/posture';
import type { BodySegments } from '../../words/carrier/bodySegments';

interface RiderMeshes {
  pelvis: Mesh;
  ribcage: Mesh;
  upperArm: Mesh;
  forearm: Mesh;
  thigh: Mesh;
  shank: Mesh;
  shoe: Mesh;
  head: Mesh;
  marks: readonly Mark[];
  hand: { left: Mesh; right: Mesh };
}

const built = new Map<number, RiderMeshes>();

function riderMeshes(body: BodySegments): RiderMeshes {
  const known = built.get(body.statureM);
  if (known) return known;
  const meshes: RiderMeshes = {
    pelvis: pelvisMesh(body),
    ribcage: ribcageMesh(body),
    upperArm: upperArmMesh(body),
    forearm: forearmMesh(body),
    thigh: thighMesh(body),
    shank: shankMesh(body),
    shoe: shoeMesh(body),
    head: headMesh(body),
    marks: headMarks(body),
    hand: { left: handMesh(body, 'left'), right: handMesh(body, 'right') },
  };
  built.set(body.statureM, meshes);
  return meshes;
}

/** Along a limb creases are seen so far from its joint, metres. */
const FOLDS_REACH_M = 0.085;
const foldAt = (y: number, depth: number): Fold => ({ y, depth, reachM: FOLDS_REACH_M });

/** How far two limbs are bent against each other: 0 = straight, 1 = at a right angle and beyond. @param sense -1 where the first one's y points away from the joint */
const bentBy = (upper: Pose, lower: Pose, sense: 1 | -1 = 1): number => {
  const along = ({ rotation }: Pose) => rotate(rotation, UP);
  const straight = sense * dot(along(upper), along(lower));
  return Math.min(1, Math.sqrt(Math.max(0, (1 - straight) / 2)) * Math.SQRT2);
};

/** The rider's parts where the posture puts them. Rigid parts keep one mesh in all stances; waist and neck are bent anew. @param prefix before the ids, for a second person */
export function riderParts(body: BodySegments, posed: PosedBody, prefix = ''): PosedPart[] {
  const meshes = riderMeshes(body);
  const parts: PosedPart[] = [];
  const add = (
    id: string,
    name: string,
    group: PartGroup,
    tone: Tone,
    mesh: Mesh,
    worldFromPart: Pose,
    drawn: Pick<PosedPart, 'marks' | 'folds' | 'sewn'> = {},
  ) => parts.push({ id: prefix + id, name, group, tone, mesh, worldFromPart, ...drawn });
  add('pelvis', 'hips', 'rider', 'trousers', meshes.pelvis, posed.pelvis);
  add('ribcage', 'chest', 'rider', 'jersey', meshes.ribcage, posed.ribcage, { sewn: `${prefix}shirt` });
  add('abdomen', 'belly', 'rider', 'jersey', abdomenMesh(body, posed.pelvis, posed.ribcage), IDENTITY_POSE, {
    sewn: `${prefix}shirt`,
  });
  add('neck', 'neck', 'rider', 'skin', neckMesh(body, posed.ribcage, posed.neckBase, posed.head), IDENTITY_POSE);
  add('head', 'face', 'face', 'skin', meshes.head, posed.head, { marks: meshes.marks });
  for (const side of SIDES) {
    const suffix = side === 'left' ? 'Left' : 'Right';
    const [sleeve, leg] = [`${prefix}sleeve${suffix}`, `${prefix}leg${suffix}`];
    const elbow = bentBy(posed.upperArm[side], posed.forearm[side]);
    const knee = bentBy(posed.thigh[side], posed.shank[side]);
    add(`upperArm${suffix}`, `${side} upper arm`, 'rider', 'jersey', meshes.upperArm, posed.upperArm[side], {
      folds: [foldAt(0, 0.35), foldAt(body.upperArmM, elbow)],
      sewn: sleeve,
    });
    add(`forearm${suffix}`, `${side} forearm`, 'hands', 'jersey', meshes.forearm, posed.forearm[side], {
      folds: [foldAt(0, elbow), foldAt(body.forearmM * 0.94, 0.3)],
      sewn: sleeve,
    });
    add(`hand${suffix}`, `${side} hand`, 'hands', 'glove', meshes.hand[side], posed.hand[side]);
    add(`thigh${suffix}`, `${side} thigh`, 'rider', 'trousers', meshes.thigh, posed.thigh[side], {
      folds: [foldAt(0, bentBy(posed.pelvis, posed.thigh[side], -1)), foldAt(body.thighM, knee)],
      sewn: leg,
    });
    add(`shank${suffix}`, `${side} shin`, 'rider', 'trousers', meshes.shank, posed.shank[side], {
      folds: [foldAt(0, knee), foldAt(body.shankM * 0.95, 0.5)],
      sewn: leg,
    });
    add(`shoe${suffix}`, `${side} shoe`, 'rider', 'shoe', meshes.shoe, posed.foot[side]);
  }
  return parts;
}
