import { rod } from '../../../src/mathematics/geometry/build/tube';
import { revolveRing } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { prongs } from '../../../src/posing/building/basePieces';
import { estimated } from '../../../src/words/sourced/estimated';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** From the bar's surface to the camera's joint, metres. */
const REACH_M = 0.06;

/** A clamp with two arms that stand out before a bar: one device on top, one below. */
const base: BaseDefinition = {
  id: 'bar-bracket',
  name: 'Bracket for two, before the bar',
  kind: 'clamp',
  madeFor: [],
  fits: {
    shapes: ['tube'],
    tubeM: { low: 0.022, high: 0.036 },
    leastStraightM: 0.06,
    mostOutM: { value: 0.03, because: 'it stands out already: what is longer on it shakes and bends it' },
    notOn: { carbon: 'no hard clamping on carbon' },
  },
  heightM: estimated(REACH_M, 0.045, 0.08),
  massKg: estimated(0.055, 0.035, 0.09),
  stiffnessNmRad: estimated(75, 35, 150),
  grip: { kind: 'clamp', screwNm: estimated(1.4, 0.8, 2.2), screwM: 0.005, widthM: 0.05 },
  besideAt: [-0.02, REACH_M - 0.022, 0],
  cost: 'a meal',
  mesh: ({ tubeDiameterM = 0.032 }) => {
    const r = tubeDiameterM / 2;
    const ring = (z: number) =>
      revolveRing(
        [
          [r + 0.0005, z - 0.008],
          [r + 0.007, z - 0.008],
          [r + 0.007, z + 0.008],
          [r + 0.0005, z + 0.008],
        ],
        { centre: [0, -r, 0], axis: [0, 0, 1], segments: 24 },
      );
    const arm = (z: number) =>
      rod([0, 0.002, z], [0, REACH_M - 0.02, z * 0.6], { radiusM: 0.006, power: 3, segments: 10 });
    return mergeMeshes([
      ring(-0.022),
      ring(0.022),
      arm(-0.022),
      arm(0.022),
      roundedBox([0.014, 0.034, 0.042], 0.004, poseAt([0, REACH_M - 0.018, 0])),
      prongs(REACH_M),
    ]);
  },
};

export default base;
