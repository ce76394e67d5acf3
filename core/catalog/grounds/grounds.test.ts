import { ROAD_CLASS_M3 } from '../../src/words/ride/roadClass';
import { groundsFor, usualRide } from '../../src/posing/lookup/grounds';
import { CARRIERS, GROUND_WORLDS } from '../index.generated';

const roughness = (world: string) =>
  GROUND_WORLDS.find((g) => g.world === world)!.grounds.flatMap((ground) =>
    ground.surface.kind === 'rough' ? [[ground.id, ground.surface.roughnessM3.value] as const] : [],
  );
const classOf = (id: string): number => roughness('road').find(([ground]) => ground === id)![1];

it('road classes are four times as rough from one to the next, A 16·10⁻⁶ m³ at 0.1 cycles a metre (ISO 8608, table of geometric means; from memory)', () => {
  const classes = Object.values(ROAD_CLASS_M3);
  expect(classes[0]).toBe(16e-6);
  classes.slice(1).forEach((value, i) => expect(value / classes[i]!).toBeCloseTo(4, 12));
});

it('the grounds of a road lie in the classes that their notes name', () => {
  // Limits of a class: half its geometric mean to twice it (ISO 8608).
  for (const { id, note } of GROUND_WORLDS.find((g) => g.world === 'road')!.grounds) {
    const named = /class (?:of )?([A-H])\b/.exec(note)?.[1] as keyof typeof ROAD_CLASS_M3 | undefined;
    if (!named) continue;
    expect(classOf(id) / ROAD_CLASS_M3[named]).toBeGreaterThanOrEqual(0.5);
    expect(classOf(id) / ROAD_CLASS_M3[named]).toBeLessThanOrEqual(2);
  }
  expect(classOf('gravel-road')).toBeGreaterThan(ROAD_CLASS_M3.C);
  expect(classOf('gravel-road')).toBeLessThan(ROAD_CLASS_M3.D);
});

it('a trail is rougher than a worn road, by its roots rougher than by its gravel (common practice, no source)', () => {
  const trail = roughness('trail');
  expect(Math.max(...trail.map(([, value]) => value))).toBeGreaterThan(classOf('worn-asphalt') * 4);
  expect(trail.find(([id]) => id === 'rooty-trail')![1]).toBeGreaterThan(classOf('gravel-road'));
});

it('waves are no steeper than water bears: height below a seventh of the length (Michell’s limit, 1893)', () => {
  for (const { id, surface } of GROUND_WORLDS.flatMap((g) => g.grounds)) {
    if (surface.kind !== 'waves') continue;
    // Length of deep-water waves, g T² / 2π.
    const lengthM = (9.81 * surface.periodS.value ** 2) / (2 * Math.PI);
    expect([id, surface.heightM.value < lengthM / 7]).toEqual([id, true]);
  }
});

it('waves of the Pierson and Moskowitz kind: 0.35 m comes with a period between 2 and 3.5 s', () => {
  // Fully grown: Hs = 0.0246 U², Tp = 0.729 U (m/s; from memory). Sheltered water is steeper: shorter periods.
  const chop = GROUND_WORLDS.find((g) => g.world === 'water')!.grounds.find((g) => g.id === 'chop')!.surface;
  if (chop.kind !== 'waves') throw new Error('chop is no water');
  const wind = Math.sqrt(chop.heightM.value / 0.0246);
  expect(chop.periodS.value).toBeLessThanOrEqual(0.729 * wind * 1.15);
  expect(chop.periodS.value).toBeGreaterThan(0.729 * wind * 0.5);
});

it.each(CARRIERS.flatMap((c) => (c.kind === 'machine' ? [[c.id, c] as const] : [])))(
  '%s is usually ridden on a ground of its own world, at a speed that it goes',
  (_, machine) => {
    const ride = usualRide(machine);
    expect(groundsFor(machine.world).map((g) => g.id)).toContain(ride.groundId);
    expect(ride.speedMps).toBeGreaterThanOrEqual(0);
    expect(ride.speedMps).toBeLessThan(machine.world === 'air' ? 70 : 40);
  },
);
