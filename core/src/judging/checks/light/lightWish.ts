import type { LightWish } from '../../../words/shot/ask';
import type { LightFound } from './lightFound';

/** How far a wish for the sun comes true, 0 to 1, and in words what is there; null where nobody knows how it stands. */
export function wishMet({ met, toSunDeg }: Pick<LightFound, 'met' | 'toSunDeg'>, wish: LightWish): number | null {
  if (!met || toSunDeg === null) return null;
  switch (wish) {
    case 'out':
      return 1 - met.share;
    case 'in':
      return met.share;
    case 'front':
      return ramp(toSunDeg, 80, 140);
    case 'behind':
      return ramp(-toSunDeg, -90, -50);
    case 'side':
      return Math.min(ramp(toSunDeg, 35, 65), ramp(-toSunDeg, -145, -115));
  }
}

/** 0 up to a, 1 from b, between them straight. */
const ramp = (value: number, a: number, b: number): number => Math.max(0, Math.min(1, (value - a) / (b - a)));

export const WISH_WORDS: Readonly<Record<LightWish, string>> = {
  out: 'the sun out of the picture',
  in: 'the sun in the picture',
  front: 'the sun at the camera’s back',
  side: 'light from the side',
  behind: 'back light',
};
