/** What a shutter makes of blades that turn. */
export interface BladeSlices {
  /** Blades that pass a place in a second. */
  readonly passesHz: number;
  /** Blades that the picture shows cut or bent while it is read from its first line to its last: passes within the readout. */
  readonly slices: number;
  /** How much of the way from blade to blade is blurred within the exposure; from 1 on a blade is a veil. */
  readonly blurred: number;
}

/** @param rpm of the engine @param turns of the blades for one of the engine */
export function bladeSlices(
  rpm: number,
  { turns, blades }: { readonly turns: number; readonly blades: number },
  exposureS: number,
  readoutS: number,
): BladeSlices {
  const passesHz = (rpm / 60) * turns * blades;
  return { passesHz, slices: passesHz * readoutS, blurred: passesHz * exposureS };
}
