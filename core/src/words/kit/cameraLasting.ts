import type { Sourced } from '../sourced/source';

/** How a camera is fed, warmed, wetted and started; its modes say what recording draws. */
export interface CameraLasting {
  /** Awake between takes, screen dark, watts. */
  readonly standbyW: Sourced;
  readonly screenW: Sourced;
  /** Linked to a phone or remote, watts. */
  readonly wirelessW: Sourced;
  /** Fed while it records: with its body still shut against rain, only with a door open, or not at all. */
  readonly fed: 'shut' | 'open' | 'none';
  /** Whether an empty battery can be changed for a full one. */
  readonly swaps: boolean;
  /** What water it bears. */
  readonly water: 'dips' | 'rain' | 'splashes' | 'none';
  /** Of the body as a whole, °C, at which it switches off. */
  readonly tooHotC: Sourced;
  /** Besides its own button. */
  readonly startedBy: readonly ('remote' | 'voice')[];
  /** Keeps the last half minute before the press. */
  readonly preRecords: boolean;
}
