import type { Vec3 } from '../../mathematics/geometry/vec3';

/** What the land looks like in the picture; the shares need only its plane. */
export const WORLD_IDS = ['trail', 'road', 'snow', 'water', 'air'] as const;
export type WorldId = (typeof WORLD_IDS)[number];

/** What covers the land in the picture where that is not what its world usually shows: on gravel nobody paints lines, and on a footpath no car goes. */
export const COVERS = [
  'gravel',
  'setts',
  'track',
  'rocks',
  'path',
  'powder',
  'ice',
  'chopped',
  'glassy',
  'sea',
  'swell',
] as const;
export type Cover = (typeof COVERS)[number];

/** The ground under the carrier: a plane through `point`, plus level country beyond it. */
export interface Ground {
  readonly point: Vec3;
  /** Unit normal, tilted where the stance is on a slope. */
  readonly normal: Vec3;
  /** Unit direction of travel over level ground. */
  readonly ahead: Vec3;
  readonly world: WorldId;
  readonly cover?: Cover;
}
