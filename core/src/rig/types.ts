import type { Mesh } from '../geometry/mesh';
import type { Pose } from '../geometry/pose';
import type { Vec3 } from '../geometry/vec3';

/** What a part counts as in the frame. */
export const PART_GROUPS = ['machine', 'hands', 'rider', 'face', 'subject', 'own'] as const;
export type PartGroup = (typeof PART_GROUPS)[number];

/** What a part is made of: decides its tone in drawings, not its strength. */
export type Tone =
  | 'frame'
  | 'metal'
  | 'black'
  | 'tyre'
  | 'rubber'
  | 'jersey'
  | 'trousers'
  | 'glove'
  | 'shoe'
  | 'skin'
  | 'shell'
  | 'trim'
  | 'lens'
  | 'strap'
  | 'hivis'
  | 'paint'
  | 'glass'
  | 'board'
  | 'sail'
  | 'rope'
  | 'wood';

/** One rigid part where it is in one stance. */
export interface PosedPart {
  readonly id: string;
  readonly name: string;
  readonly group: PartGroup;
  readonly tone: Tone;
  readonly mesh: Mesh;
  readonly worldFromPart: Pose;
  /** The machine's moving part that it belongs to. */
  readonly on?: string;
  /** Bent anew in every stance, and gives way: a cable. */
  readonly bends?: boolean;
  /** Runs along itself: a chain, a belt. */
  readonly runs?: boolean;
  /** Glass: drawn and mounted on, but looked through by lens and eyes. */
  readonly seeThrough?: boolean;
  /** Looked at to drive or fly by: a mirror, instruments. */
  readonly watched?: boolean;
}

/** What the land looks like in the picture; the shares need only its plane. */
export const WORLD_IDS = ['trail', 'road', 'snow', 'water', 'air'] as const;
export type WorldId = (typeof WORLD_IDS)[number];

/** The ground under the carrier: a plane through `point`, plus level country beyond it. */
export interface Ground {
  readonly point: Vec3;
  /** Unit normal, tilted where the stance is on a slope. */
  readonly normal: Vec3;
  /** Unit direction of travel over level ground. */
  readonly ahead: Vec3;
  readonly world: WorldId;
}
