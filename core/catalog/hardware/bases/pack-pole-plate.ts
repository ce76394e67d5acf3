import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** A board as high as the back inside the pack, with a socket at its upper edge in which a pole stands. */
const base: BaseDefinition = {
  id: 'pack-pole-plate',
  name: 'Pole holder in the backpack',
  kind: 'harness',
  madeFor: ['pack'],
  fits: { shapes: ['pack'] },
  heightM: { value: 0.04, source: { kind: 'estimate', low: 0.03, high: 0.06 } },
  massKg: { value: 0.28, source: { kind: 'estimate', low: 0.18, high: 0.45 } },
  stiffnessNmRad: { value: 90, source: { kind: 'estimate', low: 35, high: 220 } },
  grip: { kind: 'strap', tensionN: { value: 140, source: { kind: 'estimate', low: 80, high: 240 } }, widthM: 0.34 },
  holdsPole: 'out of a socket',
  forMinutes: true,
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.03, 0.012, 0.12], 0.005, poseAt([0, 0.003, 0])),
      rod([0, 0, 0], [0, 0.04, 0], { radiusM: 0.015, segments: 14, rounded: true }),
    ]),
};

export default base;
