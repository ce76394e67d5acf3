/** How much brighter than on average a lamp on the mains gets in each half of its wave: fluorescent tubes and cheap LED lamps 0.3 to 1. Estimate. */
const LAMP_SWING = 0.6;

/** What lamps that hang on the mains do to film. */
export interface LampFlicker {
  /** Of the lamps: twice the mains. */
  readonly lampHz: number;
  /** How much the light of a picture's lines swings about its mean, 0 to 1. */
  readonly swing: number;
  /** Bands across the picture while it is read from its first line to its last. */
  readonly bands: number;
  /** How often a second the bands wander through one place, or the whole picture pulses. */
  readonly wanderHz: number;
}

/**
 * An exposure means the light over its time: of a wave of f Hz |sin(πft)/(πft)| is left, nothing where it lasts whole waves.
 * @param exposureS seconds @param readoutS first line to last, seconds
 */
export function lampFlicker(
  mainsHz: number,
  { exposureS, readoutS, framesPerSecond }: Readonly<Record<'exposureS' | 'readoutS' | 'framesPerSecond', number>>,
): LampFlicker {
  const lampHz = 2 * mainsHz;
  const turned = Math.PI * lampHz * exposureS;
  return {
    lampHz,
    swing: LAMP_SWING * (turned < 1e-9 ? 1 : Math.abs(Math.sin(turned) / turned)),
    bands: lampHz * readoutS,
    wanderHz: Math.abs(lampHz - Math.round(lampHz / framesPerSecond) * framesPerSecond),
  };
}

/** The longest exposure of whole waves of such lamps that a rate allows, seconds. */
export function steadyExposureS(mainsHz: number, framesPerSecond: number): number | null {
  const waves = Math.floor((2 * mainsHz) / framesPerSecond + 1e-9);
  return waves < 1 ? null : waves / (2 * mainsHz);
}
