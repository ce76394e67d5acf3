import { transfer } from 'comlink';
import {
  partTops,
  surfaceAt,
  unprojectPixelToDirection,
  type Vec3,
  creaseEdges,
  ownParts,
  poseRig,
  poseStrut,
  resolveSetUp,
  SET_UP_STANCE_ID,
  shadedMesh,
  worldFromSpot,
  placedAt,
  placedSpot,
  placedSpots,
  slides,
  type Pose,
  type PosedPart,
  type RigSpec,
  type SetUp,
} from '@strut-spot/core';

export interface DrawnMesh {
  readonly id: string;
  readonly name: string;
  readonly group: string;
  readonly tone: PosedPart['tone'];
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  readonly edges: Float32Array;
  readonly worldFromPart: Pose;
}

const drawn = (part: PosedPart): DrawnMesh => {
  const { positions, normals } = shadedMesh(part.mesh);
  const { id, name, group, tone, worldFromPart } = part;
  return { id, name, group, tone, worldFromPart, positions, normals, edges: creaseEdges(part.mesh, 46) };
};

const send = (meshes: DrawnMesh[]) =>
  transfer(
    meshes,
    meshes.flatMap((m) => [m.positions.buffer, m.normals.buffer, m.edges.buffer]),
  );

/** Straight pieces that a stretch is drawn in. */
const STRETCH_STEPS = 12;

/** What the view in the round shows, and where things are on it. */
export const modelling = {
  carrierMeshes: (rig: RigSpec, stanceId: string) => send(poseRig(rig, stanceId).parts.map(drawn)),

  spotPlaces(rig: RigSpec, stanceId: string) {
    const posed = poseRig(rig, stanceId);
    return placedSpots(rig).map((placed) => {
      const { position, rotation } = worldFromSpot(posed, placed);
      const { id, name, note, surface, cautions, partId, zone } = placed.spot;
      return {
        id,
        name,
        note,
        surface,
        cautions,
        partId,
        zone,
        group: posed.byId.get(partId)!.group,
        position,
        normal: [rotation[1], rotation[4], rotation[7]] as const,
      };
    });
  },

  /** Places along the stretch of a spot, from one end to the other; null where it is a point or lost. */
  spotStretch(rig: RigSpec, spotId: string, stanceId: string) {
    const posed = poseRig(rig, stanceId);
    const zone = placedSpot(rig, spotId)?.spot.zone;
    if (!zone || !slides(zone)) return null;
    const length = zone.nearerM + zone.fartherM;
    const path = Array.from({ length: STRETCH_STEPS + 1 }, (_, i) => {
      const slideM = (i / STRETCH_STEPS) * length - zone.nearerM;
      return { slideM, position: worldFromSpot(posed, placedAt(rig, { spotId, slideM })!).position };
    });
    return { spotId, path };
  },

  /** Top of each part in its own frame: where a spot of one's own comes without a click. */
  partTops: (rig: RigSpec) => partTops(rig),

  /** What the surface is like at a place of a part, part frame; null where there is no such part. */
  surfaceAt: (rig: RigSpec, partId: string, point: Vec3, normal: Vec3) => surfaceAt(rig, partId, point, normal),

  /** The strut's meshes and its lens in one stance, for the view in the round. */
  strut(rig: RigSpec, setUp: SetUp, stanceId: string) {
    const resolved = resolveSetUp(rig, setUp);
    const posed = poseRig(rig, stanceId);
    const pose = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), posed);
    const { lens } = resolved;
    const corners = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ].flatMap(([u, v]): Vec3[] => {
      const direction = unprojectPixelToDirection(lens, { u: u! * lens.widthPx, v: v! * lens.heightPx });
      return direction ? [direction] : [];
    });
    return { meshes: ownParts(resolved, pose, posed).map(drawn), worldFromCamera: pose.worldFromCamera, corners };
  },
};
