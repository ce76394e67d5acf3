import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { revolveRing } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** From the clamp under the foot to the clamp of the brace, along the tube, metres. */
const APART_M = 0.22;

const ring = (x: number, radiusM: number) =>
  revolveRing(
    [
      [radiusM + 0.0005, -0.014],
      [radiusM + 0.009, -0.014],
      [radiusM + 0.009, 0.014],
      [radiusM + 0.0005, 0.014],
    ],
    { centre: [x, -radiusM, 0], axis: [1, 0, 0], segments: 24 },
  );

/** A socket for a pole on two clamps: one under it, one at the end of a brace along the tube. */
const base: BaseDefinition = {
  id: 'braced-pole-foot',
  name: 'Pole foot with a brace, two clamps',
  kind: 'clamp',
  madeFor: [],
  fits: {
    shapes: ['tube'],
    tubeM: { low: 0.025, high: 0.06 },
    leastStraightM: 0.3,
    mostOutM: { value: 1.2, because: 'on a moving machine a longer pole sweeps branches and people' },
    notOn: { carbon: 'no hard clamping on carbon' },
  },
  heightM: { value: 0.05, source: { kind: 'estimate', low: 0.04, high: 0.06 } },
  massKg: { value: 0.52, source: { kind: 'estimate', low: 0.35, high: 0.8 } },
  stiffnessNmRad: { value: 900, source: { kind: 'estimate', low: 400, high: 2000 } },
  grip: {
    kind: 'clamp',
    screwNm: { value: 3, source: { kind: 'estimate', low: 2, high: 4.5 } },
    screwM: 0.006,
    widthM: APART_M,
  },
  holdsPole: 'any way',
  cost: 'a day out',
  mesh: ({ tubeDiameterM = 0.04 }) => {
    const r = tubeDiameterM / 2;
    return mergeMeshes([
      ring(0, r),
      ring(-APART_M, r),
      roundedBox([0.04, 0.034, 0.036], 0.006, poseAt([0, 0.018, 0])),
      rod([-APART_M, 0.004, 0], [-0.012, 0.16, 0], { radiusM: 0.007, segments: 10 }),
      rod([0, 0.02, 0], [0, 0.17, 0], { radiusM: 0.014, segments: 14 }),
      prongs(0.05),
    ]);
  },
};

export default base;
