import { estimated } from '../../src/words/sourced/estimated';
import type { GroundsOfWorld } from '../../src/words/ride/groundDefinition';

/** Strength of gusts: estimates below the "light turbulence" of MIL-F-8785C (about 1.5 m/s) up to its "moderate" (about 3 m/s). */
const air: GroundsOfWorld = {
  world: 'air',
  usualId: 'light-air',
  grounds: [
    {
      id: 'calm-air',
      name: 'Calm evening air',
      note: 'hardly a bump',
      surface: { kind: 'gusts', rmsMps: estimated(0.15, 0.05, 0.3), lengthM: estimated(150, 60, 400) },
    },
    {
      id: 'light-air',
      name: 'A little bumpy',
      note: 'a light wind over fields',
      surface: { kind: 'gusts', rmsMps: estimated(0.6, 0.3, 1), lengthM: estimated(150, 60, 400) },
    },
    {
      id: 'thermals',
      name: 'Thermals',
      note: 'a good soaring day',
      surface: { kind: 'gusts', rmsMps: estimated(1.4, 0.8, 2.2), lengthM: estimated(200, 80, 500) },
    },
    {
      id: 'rough-air',
      name: 'Rough air',
      note: 'lee of hills, strong wind',
      surface: { kind: 'gusts', rmsMps: estimated(2.8, 1.8, 4), lengthM: estimated(200, 80, 500) },
    },
  ],
};

export default air;
