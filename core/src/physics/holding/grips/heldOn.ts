import { hypotenuse } from '../../../mathematics/numbers/hypotenuse';
import type { Surface } from '../../../words/carrier/surface';
import { estimated } from '../../../words/sourced/estimated';
import type { LetsGo } from './letGo';
import { FRICTION, pressed } from './pressed';

export const jaw: LetsGo<'jaw'> = (grip, load, _, pick) =>
  pressed(
    load,
    2 * pick(FRICTION.jaw) * pick(grip.forceN) + pick(grip.forceN) / 2,
    grip.widthM / 2,
    pick(FRICTION.jaw),
  );

const CLOTH: readonly Surface['material'][] = ['fabric', 'webbing', 'skin', 'shell', 'rubber'];

/** Two straps apart bear tipping as a couple, as far as what they hold lies along the tube. */
export const strap: LetsGo<'strap'> = (grip, load, { surface, alongTube }, pick) =>
  pressed(
    load,
    2 * pick(grip.tensionN),
    ((grip.apartM ?? 0) * alongTube + grip.widthM) / 2,
    pick(CLOTH.includes(surface.material) ? FRICTION.cloth : FRICTION.rubber),
  );

/** Proof load of a steel screw of class 8.8 is 580 MPa (ISO 898-1); what it is screwed into tears out at about a tenth (estimate). */
const TEARS_OUT_PA = estimated(58e6, 25e6, 120e6);

export const bolt: LetsGo<'bolt'> = (grip, load, _, pick) =>
  pressed(load, grip.screws * pick(TEARS_OUT_PA) * Math.PI * (grip.screwM / 2) ** 2, grip.spacingM / 2, 1);

export const magnet: LetsGo<'magnet'> = (grip, load, _, pick) =>
  pressed(load, pick(grip.forceN), grip.widthM / 2, pick(FRICTION.metal) * 2);

/** Interlocking heads hold or let go at once. Estimate. */
const INTERLOCKED_PA = estimated(60e3, 30e3, 120e3);

export const tape: LetsGo<'tape'> = (grip, { pullN, tipNm, shearN }, _, pick) => {
  const holdsN = pick(INTERLOCKED_PA) * grip.areaM2;
  const demand = Math.max(0, pullN) + tipNm / (grip.widthM / 2);
  return [
    { mode: 'lets go at once', demand, limit: holdsN, unit: 'N' },
    { mode: 'shears off', demand: shearN, limit: holdsN, unit: 'N' },
  ];
};

export const stand: LetsGo<'stand'> = (grip, { pullN, tipNm }) => [
  { mode: 'tips over', demand: tipNm, limit: Math.max(0, -pullN) * grip.halfWidthM, unit: 'N·m' },
];

/** A wrist bears so much for each newton that its fist grips with; the maximum of a grown wrist is 8 to 15 N·m, from memory. */
const WRIST_NM_PER_N = estimated(0.1, 0.07, 0.14);

/** Out of a fist by friction; against turning and tipping by the wrist, and by two hands as a couple: half of both forces at the way between them. */
export const hand: LetsGo<'hand'> = (grip, { pullN, shearN, tipNm, twistNm }, _, pick) => [
  {
    mode: 'slips out',
    demand: hypotenuse(Math.max(0, pullN), shearN),
    limit: 2 * pick(FRICTION.cloth) * pick(grip.forceN),
    unit: 'N',
  },
  {
    mode: 'turns',
    demand: hypotenuse(tipNm, twistNm),
    limit: pick(grip.forceN) * (pick(WRIST_NM_PER_N) + (grip.apartM ?? 0) / 2),
    unit: 'N·m',
  },
];
