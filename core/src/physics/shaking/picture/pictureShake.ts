import { variance, type Spectrum } from '../../../mathematics/spectra/spectrum';
import { sinc } from '../../../mathematics/numbers/sinc';

/** What shaking does to a picture, rms, in the unit of the spectrum's signal (pixels of the picture). */
export interface PictureShake {
  /** From picture to picture. */
  readonly jump: number;
  /** Within a picture, line by line. */
  readonly jelly: number;
  /** Within a line's exposure. */
  readonly blur: number;
}

export interface Shutter {
  readonly exposureS: number;
  /** First line to last. */
  readonly readoutS: number;
}

/**
 * Splits shaking (pixel density over frequency) by what the shutter makes of it:
 *   blur² = ∫ S·(1 − sinc²(f·t_e)),  jelly² = ∫ S·sinc²(f·t_e)·(1 − sinc²(f·t_r)),  jump² = ∫ S·sinc²(f·t_e)·sinc²(f·t_r)·R.
 * Without a stabiliser (R = 1) the squares add up to the whole. That is why a longer shutter turns jelly into blur.
 * @param left share of a movement's amplitude squared that the stabiliser leaves at a frequency, 0 to 1
 */
export function pictureShake(
  shake: Spectrum,
  { exposureS, readoutS }: Shutter,
  left: (frequencyHz: number) => number = () => 1,
): PictureShake {
  const part = (share: (f: number) => number): number =>
    Math.sqrt(
      Math.max(0, variance({ ...shake, density: shake.density.map((s, i) => s * share(shake.frequencyHz[i]!)) })),
    );
  const exposed = (f: number) => sinc(f * exposureS) ** 2;
  const read = (f: number) => sinc(f * readoutS) ** 2;
  return {
    blur: part((f) => 1 - exposed(f)),
    jelly: part((f) => exposed(f) * (1 - read(f))),
    jump: part((f) => exposed(f) * read(f) * left(f)),
  };
}
