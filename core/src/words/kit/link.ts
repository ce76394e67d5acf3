import type { Source, Sourced } from '../sourced/source';
import type { CostClass } from './cost';

export interface LinkDefinition {
  readonly id: string;
  readonly name: string;
  readonly kind:
    'riser' | 'arm' | 'hook' | 'goose neck' | 'pole' | 'damper' | 'pad' | 'spring arm' | 'release' | 'slide';
  readonly lengthM: { readonly low: number; readonly high: number; readonly source: Source };
  readonly massKg: Sourced;
  /** How far it can be bent away from the surface's normal, degrees either way; 0 for a riser. What slides lies along the surface. */
  readonly bendLimitDeg: number;
  readonly radiusM: number;
  /** Tip stiffness across it at its shortest length, newton per metre; of a damper or pad, its shear stiffness as pressed. */
  readonly stiffnessNM: Sourced;
  /** Of a damper: how far below the camera's middle its rubbers take hold, as a share of the whole distance; none = all of it. */
  readonly leverShare?: Sourced;
  /** Bending moment at which it gives way for good: a goose neck droops. */
  readonly droopNm?: Sourced;
  /** Of a spring arm, a parallelogram on a spring that is turned until it carries its load level, on upright hinges held by a band: it takes up what goes up, down and aside, turning it passes on. */
  readonly spring?: {
    readonly frequencyHz: Sourced;
    readonly dampingRatio: Sourced;
    /** What its spring can be turned to carry, all beyond it together. */
    readonly carriesKg: { readonly low: number; readonly high: number };
    /** Up and down from level, metres. */
    readonly travelM: number;
  };
  /** Its own joint on what carries it, where that is stouter than the camera's. */
  readonly joint?: { readonly slipNm: Sourced; readonly stiffnessNmRad: Sourced };
  /** Of a quick release: pulled with so many newtons its catch opens. */
  readonly catchN?: Sourced;
  /** Soft and cheap: neither school's way, it swings, above all where the camera hangs from it. */
  readonly halfMeasure?: true;
  /** Of a pole: what its drawn-tight section bears before it turns in its lock, or slides in. */
  readonly lock?: { readonly turnsNm: Sourced; readonly slidesN: Sourced };
  readonly cost: CostClass;
}
