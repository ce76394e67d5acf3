import { openEdgeCount } from '../../../mathematics/geometry/mesh';
import { poseAt } from '../../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../../mathematics/geometry/rotation';
import { calibrateLens } from '../../../mathematics/lens/lens';
import { WORLD_IDS, type Ground, type WorldId } from '../../../words/carrier/land';
import { ground as mixGround } from '../colours/lands';
import { landNumber, mixedColour } from '../painting/painting';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { groundsFor } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { poseRig } from '../../../posing/rig/poseRig';
import { renderPicture } from '../renderPicture';
import { covered } from './covered';
import { WORLDS } from './index';
import { besideCourse, landCoordinates, type Rgb } from './world';

const ground = (world: WorldId, over: Partial<Ground> = {}): Ground => ({
  point: [0, 0, 0],
  normal: [0, 1, 0],
  ahead: [1, 0, 0],
  world,
  ...over,
});
const colour = (world: WorldId, x: number, z: number, distanceM: number): Rgb => {
  mixGround(WORLD_IDS.indexOf(world), x, z, distanceM);
  return mixedColour();
};
const brightness = ([r, g, b]: Rgb) => r + g + b;

describe.each(WORLD_IDS.map((id) => [id]))('%s', (id) => {
  const world = WORLDS[id];

  it('has a colour at every place and distance', () => {
    for (let i = 0; i < 400; i++) {
      const [x, z, d] = [(i * 7.31) % 300, ((i * 3.77) % 60) - 30, ((i * 1.93) % 90) + 0.5];
      const rgb = colour(id, x, z, d);
      // What is no number fails too.
      if (!rgb.every((value) => value >= -1 && value <= 256)) expect([x, z, d, ...rgb]).toBe('a colour');
    }
  });

  it('has scenery that is closed, and leaves the way free', () => {
    for (const { mesh } of world.scenery(ground(id), null)) {
      expect(openEdgeCount(mesh)).toBe(0);
      for (let i = 0; i < mesh.positions.length; i += 3) {
        const [x, y, z] = [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!];
        // Over the course, up to the height of a rider.
        if (Math.abs(x) < 15 && y < 2 && y > 0.2 && Math.abs(z) <= 0.8) expect([x, y, z]).toBe('out of the way');
      }
    }
  });

  it('has no tree between the course and whoever films beside it, and all of them beyond', () => {
    const from = [3, -6] as const;
    const far = (scenery: ReturnType<typeof world.scenery>) =>
      scenery.flatMap(({ mesh }) =>
        Array.from({ length: mesh.positions.length / 3 }, (_, i): [number, number, number] => [
          mesh.positions[i * 3]!,
          mesh.positions[i * 3 + 1]!,
          mesh.positions[i * 3 + 2]!,
        ]),
      );
    const points = far(world.scenery(ground(id), from)).filter(([, y]) => y > 1.2);
    expect(points.filter(([x, , z]) => Math.abs(x - from[0]) <= 5 && z <= -0.5 && z >= from[1] - 0.5)).toEqual([]);
    const beyond = (all: readonly [number, number, number][]) => all.filter(([, , z]) => z > 0).length;
    expect(beyond(far(world.scenery(ground(id), from)))).toBe(beyond(far(world.scenery(ground(id), null))));
    expect([besideCourse([4, 1, 0.4]), besideCourse([3.2, 1, -6.1])]).toEqual([null, [3, -6]]);
  });

  it('is drawn with sky above and land below, as high as the horizon stands', () => {
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 80,
      heightPx: 60,
      fovDeg: 70,
      fovAcross: 'horizontal',
      crop: 1,
    });
    const pose = poseAt([0, 1.5, 0], rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }));
    const { rgba } = renderPicture([], pose, lens, ground(id), 80, 60, { scenery: false });
    const row = (y: number) => {
      let sum = 0;
      for (let x = 0; x < 80; x++) sum += rgba[(y * 80 + x) * 4]!;
      return sum / 80;
    };
    expect(Math.abs(row(5) - row(55))).toBeGreaterThan(4);
  });
});

describe('the road', () => {
  it('has dashes of 4 m with 8 m between them along its middle, and lines at its edges (common practice)', () => {
    const painted = (x: number, z: number) => brightness(colour('road', x, z, 3)) > 540;
    let run = 0;
    const runs: [boolean, number][] = [];
    for (let x = 0.01; x < 48; x += 0.02) {
      const now = painted(x, -1.6);
      const last = runs[runs.length - 1];
      if (last && last[0] === now) run++;
      else {
        run = 1;
        runs.push([now, 0]);
      }
      runs[runs.length - 1]![1] = run * 0.02;
    }
    const dashes = runs
      .slice(1, -1)
      .filter(([on]) => on)
      .map(([, long]) => long);
    const gaps = runs
      .slice(1, -1)
      .filter(([on]) => !on)
      .map(([, long]) => long);
    expect(dashes.length).toBeGreaterThan(1);
    for (const long of dashes) expect(Math.abs(long - 4)).toBeLessThan(0.2);
    for (const long of gaps) expect(Math.abs(long - 8)).toBeLessThan(0.2);
    expect(painted(20, 1.25)).toBe(true);
    expect(painted(20, 0.2)).toBe(false);
  });
});

describe('where the course runs', () => {
  it('coordinates follow it: along the way ahead, across to its right', () => {
    const [ahead, right] = landCoordinates(ground('road'), [3, 0, 2]);
    expect(ahead).toBeCloseTo(3, 9);
    expect(right).toBeCloseTo(2, 9);
    const [along, across] = landCoordinates(ground('road', { point: [5, 0, 0], ahead: [0, 0, 1] }), [4, 0, 7]);
    expect(along).toBeCloseTo(7, 9);
    expect(across).toBeCloseTo(1, 9);
  });

  it('down a slope distances are measured along the slope', () => {
    const s = Math.SQRT1_2;
    const [along] = landCoordinates(ground('snow', { normal: [s, s, 0] }), [1, -1, 0]);
    expect(along).toBeCloseTo(Math.SQRT2, 9);
  });
});

it('gravel and setts have colours of their own: no white line along them, and grass beside as at a road', () => {
  const whitest = (cover: Ground['cover']) =>
    Math.max(...Array.from({ length: 240 }, (_, i) => Math.min(...coveredBy('road', cover, i / 10, -1.6))));
  expect(whitest(undefined)).toBeGreaterThan(200);
  for (const cover of ['gravel', 'setts'] as const) {
    expect(whitest(cover)).toBeLessThan(200);
    const [red, green] = coveredBy('road', cover, 3, 9);
    expect(green).toBeGreaterThan(red);
  }
});

it('a track is bare where wheels run, as wide as a car, and green between; rocks are grey from side to side', () => {
  /** Mean of green less red over a stretch: how green it is. */
  const green = (cover: Ground['cover'], z: number): number => {
    const along = Array.from({ length: 200 }, (_, i) => coveredBy('trail', cover, i * 0.07 - 7, z));
    return along.reduce((sum, [r, g]) => sum + g - r, 0) / along.length;
  };
  for (const side of [-1, 1]) {
    expect(green('track', side * 0.76)).toBeLessThan(green('track', 0) - 8);
    expect(green('track', side * 0.76)).toBeLessThan(green('track', side * 3) - 15);
    expect(green('rocks', side * 1.2)).toBeLessThan(green(undefined, side * 1.2) - 8);
  }
});

it('a hard-packed path has no roots across it, powder no run with an edge, and glassy water no foam', () => {
  const spread = (world: WorldId, cover: Ground['cover'], z: number, longM: number) => {
    const along = Array.from({ length: 900 }, (_, i) => brightness(coveredBy(world, cover, (i * longM) / 900, z)));
    const mean = along.reduce((sum, b) => sum + b, 0) / along.length;
    return { mean, darkest: Math.min(...along) - mean, brightest: Math.max(...along) - mean };
  };
  // Roots lie across the trail, darker than earth ever is.
  expect(spread('trail', undefined, 0.5, 30).darkest).toBeLessThan(spread('trail', 'path', 0.5, 30).darkest - 60);
  /** How far places half a ridge of the groomed run apart differ. */
  const ridged = (cover: Ground['cover']) =>
    Array.from({ length: 300 }, (_, i) => {
      const at = (z: number) => brightness(coveredBy('snow', cover, 0.3 * i, z));
      return Math.abs(at(1.0225) - at(0.9775)) / 300;
    }).reduce((sum, d) => sum + d, 0);
  expect(ridged('powder')).toBeLessThan(0.7 * ridged(undefined));
  const water = (cover: Ground['cover']) => spread('water', cover, 2, 60);
  expect(water('glassy').brightest).toBeLessThan(0.5 * water(undefined).brightest);
  expect(water('sea').brightest).toBeGreaterThanOrEqual(water(undefined).brightest);
  expect(water('swell').brightest).toBeLessThan(water('sea').brightest);
});

it('every ground of the catalogue that looks otherwise has a cover of its own, seen in the land it is of', () => {
  for (const world of WORLD_IDS) {
    const covers = groundsFor(world).flatMap(({ cover }) => cover ?? []);
    const plain = Array.from({ length: 60 }, (_, i) => brightness(coveredBy(world, undefined, i * 0.37, 0.4)));
    for (const cover of covers) {
      const apart = plain.map((b, i) => Math.abs(b - brightness(coveredBy(world, cover, i * 0.37, 0.4))));
      expect([world, cover, apart.filter((d) => d > 12).length > 6]).toEqual([world, cover, true]);
    }
  }
});

it('a carrier has its ground covered by what it is ridden on, by its usual one where nobody says, and no car has a footpath', () => {
  const on = (machineId: string, groundId?: string) => {
    const { rig } = newCarrier('c', machineId, 1.75);
    const { ground: bare } = poseRig(rig, resolveRig(rig).machine.actionStanceId);
    return covered(bare, rig, groundId ? { groundId } : undefined).cover;
  };
  expect([on('road-bike', 'setts'), on('road-bike', 'worn-asphalt')]).toEqual(['setts', undefined]);
  expect([on('mountain-bike', 'rooty-trail'), on('mountain-bike', 'forest-track')]).toEqual([undefined, 'track']);
  expect([on('four-by-four'), on('four-by-four', 'rock-garden')]).toEqual(['track', 'rocks']);
  expect([on('mountain-bike', 'hard-pack'), on('four-by-four', 'hard-pack')]).toEqual(['path', 'track']);
  expect([on('snowboard', 'powder'), on('kayak', 'glassy')]).toEqual(['powder', 'glassy']);
});

const coveredBy = (world: WorldId, cover: Ground['cover'], x: number, z: number): Rgb => {
  mixGround(landNumber(ground(world, cover ? { cover } : {})), x, z, 6);
  return mixedColour();
};
