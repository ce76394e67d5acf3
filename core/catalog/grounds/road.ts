import { estimated } from '../../src/words/sourced/estimated';
import type { GroundsOfWorld } from '../../src/words/ride/groundDefinition';
import { ROAD_CLASS_M3 } from '../../src/words/ride/roadClass';

/** A class of ISO 8608 reaches from half its geometric mean to twice it. */
const iso = (mean: number) => estimated(mean, mean / 2, mean * 2);

const road: GroundsOfWorld = {
  world: 'road',
  usualId: 'worn-asphalt',
  grounds: [
    {
      id: 'smooth-asphalt',
      name: 'Smooth asphalt',
      note: 'new or race track; class A of ISO 8608',
      surface: { kind: 'rough', roughnessM3: iso(ROAD_CLASS_M3.A) },
    },
    {
      id: 'worn-asphalt',
      name: 'Worn asphalt',
      note: 'an ordinary road; class B of ISO 8608',
      surface: { kind: 'rough', roughnessM3: iso(ROAD_CLASS_M3.B) },
    },
    {
      id: 'patched-asphalt',
      name: 'Patched, broken asphalt',
      note: 'class C of ISO 8608',
      surface: {
        kind: 'rough',
        roughnessM3: iso(ROAD_CLASS_M3.C),
        standsOut: { name: 'broken edges', heightM: estimated(0.03, 0.02, 0.05) },
      },
    },
    {
      id: 'setts',
      name: 'Setts and cobbles',
      note: 'class D of ISO 8608, and the stones themselves (estimate)',
      cover: 'setts',
      surface: {
        kind: 'rough',
        roughnessM3: iso(ROAD_CLASS_M3.D),
        standsOut: { name: 'stones', heightM: estimated(0.015, 0.01, 0.03) },
        ripples: {
          name: 'the setts',
          lengthM: estimated(0.12, 0.1, 0.16),
          amplitudeM: estimated(0.0012, 0.0006, 0.0025),
        },
      },
    },
    {
      id: 'gravel-road',
      name: 'Gravel road',
      note: 'between classes C and D of ISO 8608',
      cover: 'gravel',
      surface: {
        kind: 'rough',
        roughnessM3: estimated(512e-6, 256e-6, 1024e-6),
        standsOut: { name: 'stones', heightM: estimated(0.03, 0.02, 0.05) },
      },
    },
    {
      id: 'washboard',
      name: 'Washboard gravel',
      note: 'corrugations about 0.6 m apart on class D (estimate)',
      cover: 'gravel',
      surface: {
        kind: 'rough',
        roughnessM3: iso(ROAD_CLASS_M3.D),
        standsOut: { name: 'stones', heightM: estimated(0.03, 0.02, 0.05) },
        ripples: {
          name: 'the corrugations',
          lengthM: estimated(0.6, 0.45, 0.9),
          amplitudeM: estimated(0.006, 0.003, 0.012),
        },
      },
    },
  ],
};

export default road;
