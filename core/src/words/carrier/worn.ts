import type { Mesh } from '../../mathematics/geometry/mesh';
import type { BodySegments } from './bodySegments';
import type { PartGroup, Tone } from './posedPart';
import type { Spot } from './spot';

export interface WornPart {
  readonly id: string;
  readonly name: string;
  readonly group: PartGroup;
  readonly tone: Tone;
  readonly mesh: Mesh;
  /** The body part whose frame the mesh is in. */
  readonly on: string;
}

/** Something worn, or the body itself: parts fixed to the rider's parts, with their spots. */
export interface WornDefinition {
  readonly kind: 'worn';
  readonly id: string;
  readonly name: string;
  /** Before the mouth: it muffles the voice outside. */
  readonly closesMouth?: true;
  /** Only one thing is worn on the head at a time. */
  readonly place: 'head' | 'body';
  readonly parts: (body: BodySegments) => readonly WornPart[];
  readonly spots: (body: BodySegments) => readonly Spot[];
}
