import { hypotenuse } from '../../../mathematics/numbers/hypotenuse';
import type { Surface } from '../../../words/carrier/surface';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { Sourced } from '../../../words/sourced/source';
import type { SurfaceLoad } from '../loads/loads';
import type { GripConditions, HoldLimit, LetsGo } from './letGo';
import { estimated } from '../../../words/sourced/estimated';
import { FRICTION } from './pressed';

/** Force of a screw drawn with a torque: F = T/(K·d), K = 0.2 dry (Shigley). */
export const screwForceN = (torqueNm: number, diameterM: number): number => torqueNm / (0.2 * diameterM);

/** Thin carbon is not clamped hard: so much and no more. Estimate. */
const CARBON_CLAMP_N = estimated(600, 300, 1000);

/** What the screw of a clamp presses with on what it goes round. */
const screwedOn = (
  { screwNm, screwM }: { readonly screwNm: Sourced; readonly screwM: number },
  { material }: Surface,
  pick: RangeEnd,
): number => {
  const forceN = screwForceN(pick(screwNm), screwM);
  return material === 'carbon' ? Math.min(forceN, pick(CARBON_CLAMP_N)) : forceN;
};

export const clamp: LetsGo<'clamp'> = (grip, load, c, pick) => {
  const forceN = screwedOn(grip, c.surface, pick);
  const diameterM = c.surface.tubeDiameterM ?? 0.02;
  return [
    // Two halves press with F each: friction along 2μF, about the tube μF·D, across by the width of the jaws.
    {
      mode: 'slides along',
      demand: hypotenuse(load.shearN, Math.max(0, load.pullN)),
      limit: 2 * pick(FRICTION.jaw) * forceN,
      unit: 'N',
    },
    ...turnsOnTube(load, c, pick(FRICTION.jaw) * forceN * diameterM, (forceN * grip.widthM) / 4),
  ];
};

/** About the tube friction holds, the other ways the jaws' width; where the tube's direction is not known both of it together. */
function turnsOnTube(
  { tipNm, twistNm, tips }: SurfaceLoad,
  { tubeAxis }: GripConditions,
  byFrictionNm: number,
  byWidthNm: number,
): HoldLimit[] {
  if (!tips || !tubeAxis) {
    return [
      { mode: 'turns on the tube', demand: hypotenuse(tipNm, twistNm), limit: byFrictionNm + byWidthNm, unit: 'N·m' },
    ];
  }
  const about = Math.abs(tips.aboutAheadNm * tubeAxis.ahead + tips.aboutAsideNm * tubeAxis.aside);
  const rocks = hypotenuse(tips.aboutAheadNm * tubeAxis.aside - tips.aboutAsideNm * tubeAxis.ahead, twistNm);
  return [
    { mode: 'turns about the tube', demand: about, limit: byFrictionNm, unit: 'N·m' },
    // Each half is pressed on over the jaws' width.
    { mode: 'rocks along the tube', demand: rocks, limit: 2 * byWidthNm, unit: 'N·m' },
  ];
}

/**
 * Two plates on a pair of rails, drawn together by one screw with F: it rocks when pull and couple open a plate, F = N + M/b with b half the
 * shorter of gauge and length; slides along with μ on both plates, 2μF; the rails' own gauge takes a twist, 2μF·½gauge at least.
 */
export const rails: LetsGo<'rails'> = (grip, load, c, pick) => {
  const forceN = screwedOn(grip, c.surface, pick);
  const pull = Math.max(0, load.pullN);
  const along = 2 * pick(FRICTION.metal) * Math.max(0, forceN - pull / 2);
  return [
    {
      mode: 'rocks on the rails',
      demand: pull + load.tipNm / (Math.min(grip.gaugeM, grip.lengthM) / 2),
      limit: forceN,
      unit: 'N',
    },
    { mode: 'slides along the rails', demand: load.shearN, limit: along, unit: 'N' },
    { mode: 'twists on the rails', demand: load.twistNm, limit: (along * grip.gaugeM) / 2, unit: 'N·m' },
  ];
};
