import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import type { Finding } from '../../../words/check/result';

/** Covered for more of the ride than this nobody uses it. Estimate 0.03 to 0.1. */
const SPOILT = 0.05;

/** Share of the ride for which a leg that pedals covers more than half of the picture. */
export function legsOver({ stances }: Pick<FramedSetUp, 'stances'>): number {
  const ridden = stances.reduce((sum, s) => sum + s.share, 0) || 1;
  return stances.reduce((sum, s) => sum + s.share * s.legsCover, 0) / ridden;
}

/** Thighs that come up before the lens at each turn of the cranks; null where none does. */
export function legsFinding(framed: FramedSetUp): Finding | null {
  const over = legsOver(framed);
  if (over === 0) return null;
  const worst = framed.stances.filter((s) => s.share > 0).reduce((a, b) => (b.legsCover > a.legsCover ? b : a));
  return {
    id: 'legs',
    label: 'legs before the lens',
    verdict: over > SPOILT ? 'stop' : 'watch',
    value: over * 100,
    unit: '%',
    limit: [null, 0],
    margin: -over * 100,
    because: `as the legs pedal a thigh covers the picture for ${Math.round(worst.legsCover * 100)} % of each turn in ${worst.name.toLowerCase()}, ${Math.max(1, Math.round(over * 100))} % of the ride in all`,
    mend: { text: 'higher up on the chest, or on the machine' },
  };
}
