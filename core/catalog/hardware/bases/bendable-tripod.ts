import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Legs that wind round a branch or a rail, or stand on the ground. */
const base: BaseDefinition = {
  id: 'bendable-tripod',
  name: 'Bendable tripod',
  kind: 'strap',
  madeFor: ['ground'],
  fits: { shapes: ['ground', 'bar', 'tube'], tubeM: { low: 0.01, high: 0.12 }, stillOnly: true },
  heightM: { value: 0.16, source: { kind: 'estimate', low: 0.1, high: 0.25 } },
  massKg: { value: 0.2, source: { kind: 'estimate', low: 0.12, high: 0.35 } },
  stiffnessNmRad: { value: 12, source: { kind: 'estimate', low: 5, high: 30 } },
  grip: { kind: 'strap', tensionN: { value: 25, source: { kind: 'estimate', low: 10, high: 50 } }, widthM: 0.06 },
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      ...[0, 1, 2].map((i) =>
        rod(
          [0.07 * Math.cos(2.1 * i), 0.002, 0.07 * Math.sin(2.1 * i)],
          [0.008 * Math.cos(2.1 * i), 0.135, 0.008 * Math.sin(2.1 * i)],
          { radiusM: 0.009, segments: 10, rounded: true },
        ),
      ),
      plate(0.03, 0.03, 0.02, 0.13),
      prongs(0.16),
    ]),
};

export default base;
