import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { prongs } from '../../../src/posing/building/basePieces';
import { estimated } from '../../../src/words/sourced/estimated';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Between the middles of the two hands, metres. */
const APART_M = 0.16;

/** A long handle for both hands, one above the other; a pole goes on it as one piece. */
const base: BaseDefinition = {
  id: 'two-hand-grip',
  name: 'Long grip for both hands',
  kind: 'hand',
  madeFor: ['hands'],
  fits: { shapes: ['hands'] },
  heightM: estimated(0.055, 0.04, 0.08),
  massKg: estimated(0.11, 0.07, 0.18),
  stiffnessNmRad: estimated(45, 20, 100),
  grip: { kind: 'hand', forceN: estimated(160, 80, 300), widthM: 0.08, apartM: APART_M },
  holdsPole: 'any way',
  forMinutes: true,
  cost: 'a few coins',
  mesh: () =>
    mergeMeshes([
      rod([0, -0.09 - APART_M, 0], [0, 0.035, 0], { radiusM: 0.015, segments: 14, rounded: true }),
      prongs(0.055),
    ]),
};

export default base;
