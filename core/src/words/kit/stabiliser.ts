import type { Sourced } from '../sourced/source';

export interface StabiliserLevel {
  readonly id: string;
  readonly name: string;
  /** Linear share of the picture that is left. */
  readonly crop: Sourced;
  /** What it does against shaking; none = nothing. */
  readonly steadies?: Steadying;
  /** Turns the picture level afterwards: as far as its crop allows, a whole sphere all the way round. */
  readonly levels?: true;
}

/** How a stabiliser works: by turning the picture afterwards, or by moving lens or sensor while the light falls. */
export interface Steadying {
  readonly kind: 'picture' | 'optics' | 'sphere';
  /** Share of a movement's amplitude that is left between the two frequencies. */
  readonly left: Sourced;
  /** Slower movement is taken for camera work and followed; faster movement is beyond it. */
  readonly fromHz: number;
  readonly toHz: number;
  /** What it makes of movement faster than that: 1 = passes it, more = rattles with it. */
  readonly beyond: Sourced;
  /** How far it can go each way, degrees; none = what the crop leaves. */
  readonly reachDeg?: Sourced;
}
