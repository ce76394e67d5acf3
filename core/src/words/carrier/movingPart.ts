import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Source } from '../sourced/source';

/** Something that moves against the machine, with how far it can: a turn about an axis or a slide along it. */
export interface MovingPart {
  readonly id: string;
  readonly name: string;
  readonly kind: 'turn' | 'slide';
  /** What it does, as a verb after its name, where that is neither turning nor sliding: dips, is steered. */
  readonly does?: string;
  /** A point on the axis and its unit direction, machine frame, everything at zero. */
  readonly at: Vec3;
  readonly axis: Vec3;
  /** Degrees for a turn (right-handed about the axis), metres for a slide. A wheel or propeller turns from -180 to 180. */
  readonly low: number;
  readonly high: number;
  /** The moving part that carries this one. */
  readonly on?: string;
  /** Turned by hand and back again, however far: it winds nothing up. */
  readonly steered?: true;
  /** Opened on the ground alone: a canopy. */
  readonly onlyAtRest?: true;
  /** Swung to and fro by hand all the time that it is ridden: a paddle. */
  readonly swung?: true;
  /** Driven by the engine: a propeller, a rotor. Its turns for one of the engine's, and how many blades it has. */
  readonly driven?: { readonly turns: number; readonly blades: number };
  /** Stances in which feet turn it: cranks. */
  readonly pedalledIn?: readonly string[];
  readonly source: Source;
}

/** Where each moving part stands, by id; what is missing stands at zero. */
export type MovingState = Readonly<Record<string, number>>;
