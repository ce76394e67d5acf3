/** The kernel against the plain way, over every carrier, land and light. */
import { poseAt, transformPoint, type Pose } from '../../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../../mathematics/geometry/rotation';
import { UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { calibrateLens, type Lens } from '../../../mathematics/lens/lens';
import { rayGrid } from '../../../mathematics/lens/rayGrid';
import { sunDirection } from '../../../mathematics/sun/sun';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { castFrame } from '../../../physics/framing/castFrame';
import { knownMachines } from '../../../posing/lookup/resolveRig';
import { poseRig } from '../../../posing/rig/poseRig';
import { placedSpots, worldFromSpot } from '../../../posing/rig/spots';
import type { PosedPart } from '../../../words/carrier/posedPart';
import { COVERS, type Cover } from '../../../words/carrier/land';
import { WORLDS } from '../worlds/index';
import { SUN } from '../worlds/world';
import { paintByKernel } from './paintByKernel';
import { paintPlainly } from './paintPlainly';
import type { Painted, Painting } from './painting';

const WIDTH = 208;
const HEIGHT = 80;
const wide = { widthPx: WIDTH, heightPx: HEIGHT, fovAcross: 'horizontal', crop: 1 } as const;
const LENSES: readonly Lens[] = [
  calibrateLens({ ...wide, projection: 'rectilinear', fovDeg: 95 }),
  // Its corners lie outside the image circle.
  calibrateLens({ ...wide, projection: 'equisolid', fovDeg: 320 }),
];
const LIGHTS: readonly (Vec3 | null | undefined)[] = [
  undefined,
  null,
  sunDirection([1, 0, 0], { bearingDeg: -40, heightDeg: 30 }),
  sunDirection([1, 0, 0], { bearingDeg: 25, heightDeg: 4 }),
  sunDirection([1, 0, 0], { bearingDeg: 160, heightDeg: -6 }),
];

function staged(machineId: string, turn: number): Painting {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { parts, ground } = poseRig(rig, knownMachines().find(({ id }) => id === machineId)!.actionStanceId);
  const spots = placedSpots(rig);
  const from = worldFromSpot(poseRig(rig, 'set-up'), spots[(turn * 7) % spots.length]!);
  const pose: Pose = {
    position: transformPoint(from, [0, 0.12, 0]),
    rotation: rotationFromPanTiltRoll({ panDeg: 70 * turn, tiltDeg: -20, rollDeg: 5 }),
  };
  const world = WORLDS[ground.world];
  const scenery = world.scenery({ ...ground, point: [0, 0, 0], ahead: [1, 0, 0] }, null);
  const solid = parts.filter(({ seeThrough }) => !seeThrough);
  const scene: PosedPart[] = [
    ...solid,
    ...scenery.map(({ mesh }, i): PosedPart => ({
      id: `scenery${i}`,
      name: 'scenery',
      group: 'machine',
      tone: 'frame',
      mesh,
      worldFromPart: poseAt(ground.point),
    })),
  ];
  const toSun = LIGHTS[turn % LIGHTS.length];
  return {
    scene,
    solids: solid.length,
    sceneryColours: scenery.map(({ colour }) => colour),
    cast: castFrame(scene, pose, rayGrid(LENSES[turn % 2]!, WIDTH, HEIGHT)),
    origin: pose.position,
    ground,
    world,
    land: turn % 7 !== 6,
    widthPx: WIDTH,
    heightPx: HEIGHT,
    skySun: toSun === undefined ? SUN : toSun,
    lamp: toSun === null ? UP : (toSun ?? SUN),
    dim: turn % 2 ? 0.8 : 1,
    shadowSun: toSun && toSun[1] > 0 ? toSun : null,
    outlined: turn % 3 === 0,
    night: null,
  };
}

const finished = (steps: Generator<void, Painted>): Painted => {
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
};

/** Share of the pixels of which a colour lies more than one of 255 apart. */
function apart({ rgba: one }: Painted, { rgba: other }: Painted): number {
  let off = 0;
  for (let i = 0; i < one.length; i += 4)
    if ([0, 1, 2, 3].some((k) => Math.abs(one[i + k]! - other[i + k]!) > 1)) off++;
  return off / (one.length / 4);
}

/** Share of the values that lie more than a thousandth apart. */
function differ(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let off = Math.abs(one.length - other.length);
  for (let i = 0; i < one.length; i++) if (!(Math.abs(one[i]! - other[i]!) <= 1e-3)) off++;
  return off / one.length;
}

it.each(knownMachines().map(({ id }, turn) => [id, turn] as const))(
  'the kernel colours a picture from the %s as the plain way does, with sky, shadows and how things face',
  (machineId, turn) => {
    const painting = staged(machineId, turn);
    const [fast, plain] = [finished(paintByKernel(painting)!), finished(paintPlainly(painting))];
    expect(apart(fast, plain)).toBeLessThan(1e-3);
    expect(differ(fast.sky, plain.sky)).toBe(0);
    expect(differ(fast.normals, plain.normals)).toBeLessThan(1e-3);
    expect(fast.shadow === null).toBe(plain.shadow === null);
    if (fast.shadow) expect(differ(fast.shadow, plain.shadow!)).toBeLessThan(1e-3);
  },
);

const RIDDEN_ON: Readonly<Record<Cover, string>> = {
  gravel: 'road-bike',
  setts: 'road-bike',
  track: 'mountain-bike',
  rocks: 'mountain-bike',
  path: 'mountain-bike',
  powder: 'snowboard',
  ice: 'snowboard',
  chopped: 'skis',
  glassy: 'kayak',
  sea: 'kayak',
  swell: 'powerboat',
};

it.each(COVERS)('and where the land is covered with %s', (cover) => {
  const painting = staged(RIDDEN_ON[cover], 1);
  const shown = { ...painting, land: true, ground: { ...painting.ground, cover } };
  const fast = finished(paintByKernel(shown)!);
  expect(apart(fast, finished(paintPlainly(shown)))).toBeLessThan(1e-3);
  expect(apart(fast, finished(paintByKernel({ ...shown, ground: painting.ground })!))).toBeGreaterThan(0.05);
});

it('two pictures that are painted row by row in turns come out as they do alone', () => {
  const [one, other] = [staged('kayak', 2), staged('coupe', 3)];
  const alone = [one, other].map((painting) => finished(paintByKernel(painting)!));
  const both = [one, other].map((painting) => paintByKernel(painting)!);
  const done: (Painted | undefined)[] = [undefined, undefined];
  while (done.some((picture) => !picture)) {
    for (const [i, steps] of both.entries()) {
      const step = done[i] ? null : steps.next();
      if (step?.done) done[i] = step.value;
    }
  }
  expect([0, 1].map((i) => differ(done[i]!.rgba, alone[i]!.rgba))).toEqual([0, 0]);
});

it('night and pictures too wide for its rows are left to the plain way', () => {
  const painting = staged('surfboard', 0);
  expect(paintByKernel({ ...painting, night: { lit: () => 1, far: 0.1 } })).toBeNull();
  expect(paintByKernel({ ...painting, widthPx: 4000 })).toBeNull();
});
