import type { Mesh } from '../../mathematics/geometry/mesh';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { Grip } from './grip';
import type { BaseKind, Surface, SurfaceMaterial } from '../carrier/surface';
import type { Sourced } from '../sourced/source';
import type { CostClass } from './cost';

/** What a base can stand on; see baseRefusal for the words when it cannot. */
interface BaseFits {
  readonly shapes: readonly Surface['shape'][];
  /** Diameters that it closes on with its shims, metres. */
  readonly tubeM?: { readonly low: number; readonly high: number };
  /** Smallest radius of curvature and even area that it needs, metres and square metres. */
  readonly leastRadiusM?: number;
  readonly leastAreaM2?: number;
  /** Straight length of a tube that it needs, metres. */
  readonly leastStraightM?: number;
  /** What it sits on gives: the longest reach on it, all links together, metres, and why. Common practice, no source. */
  readonly mostOutM?: { readonly value: number; readonly because: string };
  /** It holds on what stands still only. */
  readonly stillOnly?: true;
  /** Why it goes nowhere: in the list so that whoever has it reads the reason. */
  readonly never?: string;
  /** Materials it does not hold on or harms, with the reason. */
  readonly notOn?: Partial<Readonly<Record<SurfaceMaterial, string>>>;
}

export interface BaseDefinition {
  readonly id: string;
  readonly name: string;
  readonly kind: BaseKind;
  /** Kinds of surface for which it is the first choice. */
  readonly madeFor: readonly Surface['shape'][];
  readonly fits: BaseFits;
  /** Surface to the middle of its joint, along the normal, metres. */
  readonly heightM: Sourced;
  readonly massKg: Sourced;
  /** Against bending over, on a surface that does not give; newton metres per radian. */
  readonly stiffnessNmRad: Sourced;
  /** What it holds on with. */
  readonly grip: Grip;
  /** A pole goes into it as one piece with it, no joint between: level with the surface as well, or only out of a socket. */
  readonly holdsPole?: 'any way' | 'out of a socket';
  /** Borne for minutes only: teeth, an outstretched hand. */
  readonly forMinutes?: true;
  /** For a camera of about this mass without anything else, whatever it bears at once: it holds or lets go, and nothing tells beforehand. Kilograms. */
  readonly lightKg?: Sourced;
  /** Room for another device beside a camera that stands upright: where the middle of that is, spot frame, metres; a hanging one has it on the other side. */
  readonly besideAt?: Vec3;
  readonly cost: CostClass;
  /** Spot frame: +y along the normal, +x along the spot's reference. */
  readonly mesh: (surface: Surface) => Mesh;
}
