import type { Mesh } from '../../mathematics/geometry/mesh';
import type { Pose } from '../../mathematics/geometry/pose';

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
  /** Reaches out of every picture taken on board, and is not missed there: mast, sails. The craft is whole without it. */
  readonly aloft?: boolean;
}
