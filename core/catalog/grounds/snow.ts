import { estimated } from '../../src/words/sourced/estimated';
import type { GroundsOfWorld } from '../../src/words/ride/groundDefinition';

/** Snow is not classed by any standard: estimates, by the classes of ISO 8608 that feel alike. */
const snow: GroundsOfWorld = {
  world: 'snow',
  usualId: 'groomed',
  grounds: [
    {
      id: 'powder',
      name: 'Powder',
      note: 'no hard bump reaches the board (estimate)',
      cover: 'powder',
      surface: { kind: 'rough', roughnessM3: estimated(30e-6, 8e-6, 120e-6) },
    },
    {
      id: 'groomed',
      name: 'Groomed piste',
      note: 'fresh cord (estimate)',
      surface: {
        kind: 'rough',
        roughnessM3: estimated(180e-6, 60e-6, 500e-6),
        ripples: {
          name: 'the cord',
          lengthM: estimated(0.03, 0.025, 0.04),
          amplitudeM: estimated(0.0004, 0.0001, 0.001),
        },
      },
    },
    {
      id: 'ice',
      name: 'Hard and icy',
      note: 'the edge chatters (estimate)',
      cover: 'ice',
      surface: { kind: 'rough', roughnessM3: estimated(700e-6, 250e-6, 2000e-6) },
    },
    {
      id: 'snow-chop',
      name: 'Chopped-up snow',
      note: 'afternoon bumps (estimate)',
      cover: 'chopped',
      surface: { kind: 'rough', roughnessM3: estimated(3000e-6, 1000e-6, 9000e-6) },
    },
  ],
};

export default snow;
