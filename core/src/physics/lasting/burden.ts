import type { MachineDefinition } from '../../words/carrier/machine';

const G = 9.80665;
/** What a strut costs whoever carries it through the air. */
export interface Burden {
  readonly massKg: number;
  readonly dragN: number;
  /** Drag times speed. */
  readonly dragW: number;
  /** Of what legs or arms give; null where an engine, wind or gravity drives. */
  readonly shareOfEffort: number | null;
  /** Points of the glide ratio that are lost; null where nothing glides. */
  readonly glideLost: number | null;
}

/** At a steady speed: P = F·v; a glide ratio E becomes 1 / (1/E + F/W) with a weight W. */
export function burdenOf(
  { drivenBy }: Pick<MachineDefinition, 'drivenBy'>,
  massKg: number,
  dragN: number,
  speedMps: number,
): Burden {
  const dragW = dragN * speedMps;
  return {
    massKg,
    dragN,
    dragW,
    shareOfEffort: drivenBy?.kind === 'muscle' ? dragW / drivenBy.watts.value : null,
    glideLost: drivenBy?.kind === 'glide' ? glideLost(drivenBy.ratio.value, drivenBy.massKg.value * G, dragN) : null,
  };
}

/** @param ratio of glide without it @param weightN of all that flies */
export const glideLost = (ratio: number, weightN: number, dragN: number): number =>
  ratio - 1 / (1 / ratio + dragN / weightN);
