import type { Mesh } from '../../mathematics/geometry/mesh';
import type { Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';

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
  | 'lining'
  | 'glass'
  | 'board'
  | 'sail'
  | 'rope'
  | 'wood'
  | 'leaf';

/** Where the surface of a part lies within an ellipsoid it has another colour: an eye, hair. Only drawn, never measured. Part frame, metres. */
export interface Mark {
  readonly tone: Tone;
  readonly at: Vec3;
  /** Half axes along x, y and z. */
  readonly half: Vec3;
}

/** How a hollow part is clad inside: where its surface faces its middle line, which runs along x at a height. Only drawn; part frame, metres. */
export interface Lining {
  readonly tone: Tone;
  readonly y: number;
}

/** Where the cloth of a limb folds: creases across it that die away from a joint. Only drawn; part frame, metres, the limb along y. */
export interface Fold {
  readonly y: number;
  /** How far along the limb they are seen. */
  readonly reachM: number;
  /** How deep: 0 = smooth, 1 = bent sharply. */
  readonly depth: number;
}

/** Turned by the engine so fast that its blades are seen as a disc; part frame. */
export interface Spin {
  readonly at: Vec3;
  readonly axis: Vec3;
  readonly blades: number;
}

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
  /** Only drawn so, never measured. */
  readonly spins?: Spin;
  /** Colours on it; the first that a point lies in counts. */
  readonly marks?: readonly Mark[];
  readonly lining?: Lining;
  readonly folds?: readonly Fold[];
  /** One piece of cloth with all parts that say the same: no line is drawn where they meet. */
  readonly sewn?: string;
}
