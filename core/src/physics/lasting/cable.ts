import { meshBounds } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import { distance, mix, type Vec3 } from '../../mathematics/geometry/vec3';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { Feed } from '../../words/shot/use';
import type { PosedRig } from '../../posing/rig/poseRig';

/** The way of a cable from what feeds a camera. */
export interface CableWay {
  readonly from: string;
  /** Along what it is tied to, with a loop against pulling; metres. */
  readonly lengthM: number;
  /** What moves between its two ends; null where nothing does. */
  readonly crosses: string | null;
}

/** Along bars and seams it goes farther than straight, and a hand's width is left for the loop. Common practice, no source. */
const DETOUR = 1.3;
const LOOP_M = 0.1;
/** A power bank tied down right beside the camera. */
const BESIDE_M = 0.15;

const middleOf = ({ mesh, worldFromPart }: PosedPart): Vec3 => {
  const { min, max } = meshBounds(mesh);
  return transformPoint(worldFromPart, mix(min, max, 0.5));
};

/**
 * @param camera where its port is @param partId what it sits on @param worn whether that is on the rider: then the bank is in the pocket, else beside it
 * null where there is nothing to feed from.
 */
export function cableWay(
  feed: Feed,
  rig: PosedRig,
  { noise }: Pick<MachineDefinition, 'noise'>,
  { camera, partId, worn }: { readonly camera: Vec3; readonly partId: string; readonly worn: boolean },
): CableWay | null {
  if (feed === 'power bank') {
    const pocket = worn ? rig.byId.get('pelvis') : undefined;
    if (!pocket) return { from: 'the power bank beside it', lengthM: BESIDE_M + LOOP_M, crosses: null };
    return { from: 'the pocket', lengthM: distance(middleOf(pocket), camera) * DETOUR + LOOP_M, crosses: null };
  }
  const source = rig.byId.get('dash') ?? (noise ? rig.byId.get(noise.partId) : undefined);
  if (!source) return null;
  const on = rig.byId.get(partId)?.on;
  return {
    from: `the ${source.name}`,
    lengthM: distance(middleOf(source), camera) * DETOUR + LOOP_M,
    crosses: worn
      ? 'you, who gets off'
      : on && on !== source.on
        ? `the ${rig.byId.get(partId)!.name}, which moves`
        : null,
  };
}
