import { estimated } from '../../src/words/sourced/estimated';
import type { GroundsOfWorld } from '../../src/words/ride/groundDefinition';
import { ROAD_CLASS_M3 } from '../../src/words/ride/roadClass';

/** Trails are not classed by any standard: the nearest class of ISO 8608, with four times less and more. */
const like = (mean: number) => estimated(mean, mean / 4, mean * 4);

const trail: GroundsOfWorld = {
  world: 'trail',
  usualId: 'rooty-trail',
  grounds: [
    {
      id: 'hard-pack',
      name: 'Hard-packed path',
      note: 'about class C of ISO 8608 (estimate)',
      cover: 'path',
      surface: {
        kind: 'rough',
        roughnessM3: like(ROAD_CLASS_M3.C),
        standsOut: { name: 'stones', heightM: estimated(0.02, 0.01, 0.03) },
      },
    },
    {
      id: 'forest-track',
      name: 'Forest track',
      note: 'about class D of ISO 8608 (estimate)',
      cover: 'track',
      surface: {
        kind: 'rough',
        roughnessM3: like(ROAD_CLASS_M3.D),
        standsOut: { name: 'stones and ruts', heightM: estimated(0.05, 0.03, 0.08) },
      },
    },
    {
      id: 'braking-bumps',
      name: 'Braking bumps',
      note: 'bumps about 0.9 m apart on a forest track (estimate)',
      cover: 'track',
      surface: {
        kind: 'rough',
        roughnessM3: like(ROAD_CLASS_M3.D),
        standsOut: { name: 'stones', heightM: estimated(0.04, 0.02, 0.06) },
        ripples: {
          name: 'the bumps',
          lengthM: estimated(0.9, 0.7, 1.3),
          amplitudeM: estimated(0.02, 0.01, 0.04),
        },
      },
    },
    {
      id: 'rooty-trail',
      name: 'Rooty trail',
      note: 'about class E of ISO 8608 (estimate)',
      surface: {
        kind: 'rough',
        roughnessM3: like(ROAD_CLASS_M3.E),
        standsOut: { name: 'roots', heightM: estimated(0.08, 0.05, 0.12) },
      },
    },
    {
      id: 'rock-garden',
      name: 'Rock garden',
      note: 'about class F of ISO 8608 (estimate)',
      cover: 'rocks',
      surface: {
        kind: 'rough',
        roughnessM3: like(ROAD_CLASS_M3.F),
        standsOut: { name: 'rocks', heightM: estimated(0.15, 0.1, 0.25) },
      },
    },
  ],
};

export default trail;
