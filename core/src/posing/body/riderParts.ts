import type { Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE, type Pose } from '../../mathematics/geometry/pose';
import type { Mark, PartGroup, PosedPart, Tone } from '../../words/carrier/posedPart';
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
    marks?: readonly Mark[],
  ) => parts.push({ id: prefix + id, name, group, tone, mesh, worldFromPart, ...(marks ? { marks } : {}) });
  add('pelvis', 'hips', 'rider', 'trousers', meshes.pelvis, posed.pelvis);
  add('ribcage', 'chest', 'rider', 'jersey', meshes.ribcage, posed.ribcage);
  add('abdomen', 'belly', 'rider', 'jersey', abdomenMesh(body, posed.pelvis, posed.ribcage), IDENTITY_POSE);
  add('neck', 'neck', 'rider', 'skin', neckMesh(body, posed.ribcage, posed.neckBase, posed.head), IDENTITY_POSE);
  add('head', 'face', 'face', 'skin', meshes.head, posed.head, meshes.marks);
  for (const side of SIDES) {
    const suffix = side === 'left' ? 'Left' : 'Right';
    add(`upperArm${suffix}`, `${side} upper arm`, 'rider', 'jersey', meshes.upperArm, posed.upperArm[side]);
    add(`forearm${suffix}`, `${side} forearm`, 'hands', 'jersey', meshes.forearm, posed.forearm[side]);
    add(`hand${suffix}`, `${side} hand`, 'hands', 'glove', meshes.hand[side], posed.hand[side]);
    add(`thigh${suffix}`, `${side} thigh`, 'rider', 'trousers', meshes.thigh, posed.thigh[side]);
    add(`shank${suffix}`, `${side} shin`, 'rider', 'trousers', meshes.shank, posed.shank[side]);
    add(`shoe${suffix}`, `${side} shoe`, 'rider', 'shoe', meshes.shoe, posed.foot[side]);
  }
  return parts;
}
