import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** A short handle; a pole goes on it as a link. */
const base: BaseDefinition = {
  id: 'hand-grip',
  name: 'Hand grip',
  kind: 'hand',
  madeFor: ['hand'],
  fits: { shapes: ['hand'] },
  heightM: { value: 0.055, source: { kind: 'estimate', low: 0.04, high: 0.08 } },
  massKg: { value: 0.05, source: { kind: 'estimate', low: 0.03, high: 0.09 } },
  stiffnessNmRad: { value: 10, source: { kind: 'estimate', low: 4, high: 25 } },
  grip: { kind: 'hand', forceN: { value: 80, source: { kind: 'estimate', low: 40, high: 150 } }, widthM: 0.08 },
  holdsPole: 'any way',
  forMinutes: true,
  cost: 'a few coins',
  mesh: () =>
    mergeMeshes([rod([0, -0.09, 0], [0, 0.035, 0], { radiusM: 0.015, segments: 14, rounded: true }), prongs(0.055)]),
};

export default base;
