import { usualRig } from '../../../testing/rigs';
import { poseRig } from '../../posing/rig/poseRig';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { normalize, type Vec3 } from '../../mathematics/geometry/vec3';
import { groundById } from '../../posing/lookup/grounds';
import { sunWm2 } from '../light/daylight';
import { cableWay } from './cable';
import { onTheGlass, type Course } from './onTheGlass';
import { wheelsOf } from './wheels';
import { windShare } from './windAt';

const machineOf = (id: string) => knownMachines().find((machine) => machine.id === id)!;
const posed = (id: string) => {
  const machine = machineOf(id);
  const spec = usualRig(machine);
  const rig = poseRig(spec, machine.actionStanceId);
  return { machine, spec, rig, wheels: wheelsOf(spec, rig) };
};
const course = (over: Partial<Course> = {}): Course => ({
  world: 'trail',
  surface: groundById('rooty-trail').surface,
  weatherId: 'dry',
  speedMps: 7,
  windMps: 0,
  ...over,
});
const AHEAD: Vec3 = [1, 0, 0];
const BACK: Vec3 = [-1, 0, 0];

describe('what gets on the lens', () => {
  const bike = posed('mountain-bike');
  const sum = (at: Vec3, look: Vec3, over: Partial<Course>) =>
    onTheGlass(bike.rig, bike.wheels, { at, look, glassM2: 4e-4 }, course(over)).reduce(
      (all, d) => all + d.perMinute,
      0,
    );
  /** Right behind the rear wheel, in the open. */
  const behind: Vec3 = [-1.1, 0.5, 0];

  it('dry nothing comes; twice the glass catches twice as much', () => {
    expect(sum(behind, AHEAD, {})).toBe(0);
    const once = onTheGlass(
      bike.rig,
      bike.wheels,
      { at: behind, look: AHEAD, glassM2: 4e-4 },
      course({ weatherId: 'muddy' }),
    );
    const twice = onTheGlass(
      bike.rig,
      bike.wheels,
      { at: behind, look: AHEAD, glassM2: 8e-4 },
      course({ weatherId: 'muddy' }),
    );
    expect(twice[0]!.perMinute / once[0]!.perMinute).toBeCloseTo(2, 6);
  });

  it('behind the rear wheel, looking at it, most of it is thrown by that wheel; looking away hardly any', () => {
    const [worst] = onTheGlass(
      bike.rig,
      bike.wheels,
      { at: behind, look: AHEAD, glassM2: 4e-4 },
      course({ weatherId: 'muddy' }),
    );
    expect(worst!.from).toBe('the rear wheel');
    expect(sum(behind, AHEAD, { weatherId: 'muddy' })).toBeGreaterThan(10 * sum(behind, BACK, { weatherId: 'muddy' }));
  });

  it('faster and lower is dirtier; at rest the wheels throw nothing', () => {
    const muddy = (at: Vec3, speedMps: number) => sum(at, AHEAD, { weatherId: 'muddy', speedMps });
    expect(muddy([1.6, 0.4, 0], 9)).toBeGreaterThan(muddy([1.6, 0.4, 0], 4));
    expect(muddy([1.6, 0.4, 0], 7)).toBeGreaterThan(3 * muddy([1.6, 1.4, 0], 7));
    expect(muddy(behind, 0)).toBeCloseTo(0, 6);
  });

  it('rain comes from ahead under way and from above at rest; a lens that looks down or back stays clean', () => {
    const open: Vec3 = [1.5, 1.2, 0];
    const rain = (look: Vec3, speedMps: number) => sum(open, look, { weatherId: 'rain', speedMps });
    expect(rain(AHEAD, 10)).toBeGreaterThan(rain(AHEAD, 3));
    expect(rain(AHEAD, 0)).toBe(0);
    expect(rain([0, 1, 0], 0)).toBeGreaterThan(0);
    expect(rain(BACK, 10)).toBe(0);
    expect(rain([0, -1, 0], 10)).toBe(0);
    expect(rain(normalize([1, -0.3, 0]), 10)).toBeLessThan(rain(AHEAD, 10));
  });

  it('what stands in the way keeps rain off: behind the rider’s back there is none from ahead', () => {
    const ribs = bike.rig.byId.get('ribcage')!.worldFromPart.position;
    const lee: Vec3 = [ribs[0] - 0.3, ribs[1], 0];
    expect(sum(lee, AHEAD, { weatherId: 'rain', speedMps: 15 })).toBe(0);
  });

  it('spray grows with the waves and with speed, dust with being behind one’s own wheels', () => {
    const kayak = posed('kayak');
    const spray = (groundId: string, speedMps: number) =>
      onTheGlass(
        kayak.rig,
        kayak.wheels,
        { at: [1.5, 0.6, 0], look: AHEAD, glassM2: 4e-4 },
        course({ world: 'water', surface: groundById(groundId).surface, speedMps }),
      )[0]?.perMinute ?? 0;
    expect(spray('chop', 2)).toBeGreaterThan(spray('ripples', 2));
    expect(spray('ripples', 8)).toBeGreaterThan(spray('ripples', 2));
    expect(sum(behind, AHEAD, { weatherId: 'dusty' })).toBeGreaterThan(
      3 * sum([1.6, 1, 0], AHEAD, { weatherId: 'dusty' }),
    );
  });
});

it('wind blows free before the bars and is broken behind the rider', () => {
  const { rig } = posed('road-bike');
  const ribs = rig.byId.get('ribcage')!.worldFromPart.position;
  expect(windShare(rig, [2, 1.2, 0])).toBe(1);
  expect(windShare(rig, [ribs[0] - 0.3, ribs[1], 0])).toBeLessThan(0.8);
});

it('the sun warms by its height and the clouds: none when it is down, most in a clear sky', () => {
  expect(sunWm2('bright-sun', 60)).toBeGreaterThan(sunWm2('bright-sun', 10));
  expect(sunWm2('bright-sun', -1)).toBe(0);
  expect(sunWm2('bright-sun', null)).toBeGreaterThan(sunWm2('overcast', null) * 4);
  expect(sunWm2('street-night', null)).toBe(0);
  // Clear sky, sun overhead: about a kilowatt a square metre (ASTM G173 direct normal 900; from memory).
  expect(sunWm2('bright-sun', 90)).toBeGreaterThan(800);
  expect(sunWm2('bright-sun', 90)).toBeLessThan(1050);
});

describe('a cable', () => {
  const bike = posed('motorcycle');
  const bar = bike.rig.byId.get('bar')!;
  const at = { camera: [0.6, 1.2, 0] as Vec3, partId: 'bar', worn: false };
  it('goes a little farther than straight, and says what turns between its ends', () => {
    const way = cableWay('machine', bike.rig, bike.machine, at)!;
    expect(way.lengthM).toBeGreaterThan(0.5);
    expect(way.lengthM).toBeLessThan(2);
    expect(way.crosses).toBe(`the ${bar.name}, which moves`);
    expect(cableWay('machine', bike.rig, bike.machine, { ...at, partId: 'frame' })!.crosses).toBeNull();
  });
  it('a power bank lies beside the camera on a machine and in the pocket of who wears it', () => {
    expect(cableWay('power bank', bike.rig, bike.machine, at)!.lengthM).toBeLessThan(0.4);
    const worn = cableWay('power bank', bike.rig, bike.machine, { camera: [0, 1.7, 0], partId: 'helmet', worn: true })!;
    expect(worn.from).toBe('the pocket');
    expect(worn.lengthM).toBeGreaterThan(0.6);
  });
  it('a machine without an engine or a dash feeds nothing', () => {
    const { rig, machine } = posed('kayak');
    expect(cableWay('machine', rig, machine, at)).toBeNull();
  });
});
