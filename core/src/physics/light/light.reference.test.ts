/** Shadow, metering, glass and lamps in closed form. */
import { rod } from '../../mathematics/geometry/build/tube';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { IDENTITY_POSE } from '../../mathematics/geometry/pose';
import { calibrateLens } from '../../mathematics/lens/lens';
import { sunBeyondEdgeDeg, sunDirection } from '../../mathematics/sun/sun';
import type { PosedPart } from '../../words/carrier/posedPart';
import { bladeSlices } from './bladeSlices';
import { glassMirror, paneMirrors } from './glassMirror';
import { lampFlicker, steadyExposureS } from './lampFlicker';
import { metered } from './metering';
import { ownShadows, type OwnShadow } from './ownShadow';
import { shading } from './partRays';

const post: PosedPart = {
  id: 'post',
  name: 'post',
  group: 'machine',
  tone: 'frame',
  mesh: rod([0, 0, 0], [0, 2, 0], { radiusM: 0.05, segments: 12 }),
  worldFromPart: IDENTITY_POSE,
};
const ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' } as const;

describe('a shadow', () => {
  it.each([5, 20, 45, 70])('of a post is h/tan(height) long with the sun %s° high, away from it', (heightDeg) => {
    const toSun = sunDirection([1, 0, 0], { bearingDeg: 180, heightDeg });
    const shaded = shading([post]);
    const lengthM = 2 / Math.tan((heightDeg * Math.PI) / 180);
    for (const [x, is] of [
      [lengthM * 0.97, true],
      [lengthM * 1.03 + 0.05, false],
      [-0.5, false],
    ] as const)
      expect(shaded([x, 0, 0], toSun) === post).toBe(is);
    expect(shaded([lengthM / 2, 0, 0.3], toSun)).toBeNull();
  });

  it('is looked through glass, and in the picture is its strip of ground', () => {
    const toSun = sunDirection([1, 0, 0], { bearingDeg: 180, heightDeg: 45 });
    expect(shading([{ ...post, seeThrough: true }])([1, 0, 0], toSun)).toBeNull();
    // Straight down from 20 m, 60° across: the picture is 23 m wide, the strip 2 m by 0.1 m.
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 400,
      heightPx: 400,
      fovDeg: 60,
      fovAcross: 'horizontal',
      crop: 1,
    });
    const down = {
      position: [1, 20, 0] as const,
      rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -90, rollDeg: 0 }),
    };
    const [{ share, ofCamera }] = ownShadows([post], down, lens, ground, [toSun], 400) as [OwnShadow];
    expect(share).toBeGreaterThan((0.1 * 1.9) / 23.1 ** 2 / 1.6);
    expect(share).toBeLessThan((0.1 * 2.1 * 1.6) / 23.1 ** 2);
    expect(ofCamera).toBe(0);
  });
});

it('the sun stands outside the edge of a 90° picture by what it is off the axis less 45°', () => {
  const lens = calibrateLens({
    projection: 'rectilinear',
    widthPx: 400,
    heightPx: 400,
    fovDeg: 90,
    fovAcross: 'horizontal',
    crop: 1,
  });
  const rotation = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 });
  for (const bearingDeg of [0, 30, 60, 120, 180, 270])
    expect(sunBeyondEdgeDeg(lens, rotation, sunDirection([1, 0, 0], { bearingDeg, heightDeg: 0 }))).toBeCloseTo(
      bearingDeg === 0 || bearingDeg === 180
        ? bearingDeg === 0
          ? -180
          : 180
        : Math.min(bearingDeg, 360 - bearingDeg) - 45,
      1,
    );
});

describe('metering', () => {
  const none = { way: 0, ground: 0, sky: 0, hands: 0, machine: 0, rider: 0, face: 0, subject: 0, own: 0 };
  const half = { ...none, way: 0.5, sky: 0.5 };
  const all = (whole: typeof none) => ({ whole, middle: whole });
  const off = (shares: typeof none, ...of: ['bright-sun', 'trail' | 'snow']) =>
    metered(all(shares), 'whole', ...of).groundOffStops;

  it('half sky four times as bright as the ground puts the ground down by log2(2.5); snow is as bright as the sky', () => {
    expect(off(half, 'bright-sun', 'trail')).toBeCloseTo(-Math.log2(2.5), 9);
    expect(off({ ...none, way: 1 }, 'bright-sun', 'trail')).toBeCloseTo(0, 9);
    expect(off({ ...none, sky: 1 }, 'bright-sun', 'trail')).toBeCloseTo(0, 9);
    expect(Math.abs(off(half, 'bright-sun', 'snow'))).toBeLessThan(0.2);
  });

  it('locked on the way gives it its due and the sky log2(4) more; by hand both move alike', () => {
    const locked = metered(all(half), 'whole', 'bright-sun', 'trail', { exposureLock: true });
    expect(locked.groundOffStops).toBeCloseTo(0, 9);
    expect(locked.skyOffStops).toBeCloseTo(2, 9);
    const less = metered(all(half), 'whole', 'bright-sun', 'trail', { compensation: -1 });
    const plain = metered(all(half), 'whole', 'bright-sun', 'trail');
    expect(less.groundOffStops - plain.groundOffStops).toBeCloseTo(-1, 9);
    expect(less.skyOffStops - plain.skyOffStops).toBeCloseTo(-1, 9);
    // Between ground and sky there are always as many stops as there are.
    expect(plain.skyOffStops - plain.groundOffStops).toBeCloseTo(2, 9);
  });
});

it('a meter that looks at the middle sees less of a sky that lies above it: 0.3 · 2.5 + 0.7 · 1.3 of the ground', () => {
  const none = { way: 0, ground: 0, sky: 0, hands: 0, machine: 0, rider: 0, face: 0, subject: 0, own: 0 };
  const shown = { whole: { ...none, way: 0.5, sky: 0.5 }, middle: { ...none, way: 0.9, sky: 0.1 } };
  expect(metered(shown, 'middle', 'bright-sun', 'trail').groundOffStops).toBeCloseTo(-Math.log2(1.66), 9);
  expect(metered(shown, 'whole', 'bright-sun', 'trail').groundOffStops).toBeCloseTo(-Math.log2(2.5), 9);
});

describe('a pane of glass', () => {
  it('throws back ((n − 1)/(n + 1))² from each face straight on: 4.26 % at n = 1.52, 8.2 % from both (Fresnel)', () => {
    const face = (0.52 / 2.52) ** 2;
    expect(face).toBeCloseTo(0.0426, 4);
    expect(paneMirrors(1)).toBeCloseTo((2 * face) / (1 + face), 12);
    expect(paneMirrors(1e-9)).toBeGreaterThan(0.99);
    // At Brewster's angle, tan θ = n, one half of the light is not thrown back at all: handbook value 7.8 % a face.
    const brewster = Math.cos(Math.atan(1.52));
    const one = ((1.52 ** 2 - 1) / (1.52 ** 2 + 1)) ** 2 / 2;
    expect(one).toBeCloseTo(0.0784, 3);
    expect(paneMirrors(brewster)).toBeCloseTo((2 * one) / (1 + one), 9);
    for (let c = 1; c > 0.02; c -= 0.02) expect(paneMirrors(c - 0.02)).toBeGreaterThanOrEqual(paneMirrors(c) - 1e-12);
  });

  it('that leans over a board before the lens mirrors the board; without glass there is nothing', () => {
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 400,
      heightPx: 300,
      fovDeg: 40,
      fovAcross: 'horizontal',
      crop: 1,
    });
    const camera = {
      position: [0, 1, 0] as const,
      rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }),
    };
    const sheet = (
      id: string,
      tone: PosedPart['tone'],
      corners: readonly (readonly [number, number, number])[],
      over: Partial<PosedPart> = {},
    ): PosedPart => ({
      id,
      name: id,
      group: 'machine',
      tone,
      mesh: { positions: Float32Array.from(corners.flat()), indices: Uint32Array.from([0, 1, 2, 0, 2, 3]) },
      worldFromPart: IDENTITY_POSE,
      ...over,
    });
    // Its upper edge toward the camera, at 45°: it turns a level ray straight down.
    const pane = sheet(
      'pane',
      'glass',
      [
        [1.5, 0.5, -2],
        [1.5, 0.5, 2],
        [0.5, 1.5, 2],
        [0.5, 1.5, -2],
      ],
      { seeThrough: true },
    );
    const board = (tone: PosedPart['tone']) =>
      sheet('board', tone, [
        [0, 0.3, -2],
        [0, 0.3, 2],
        [2, 0.3, 2],
        [2, 0.3, -2],
      ]);
    const light = {
      toSun: sunDirection([1, 0, 0], { bearingDeg: 90, heightDeg: 60 }),
      lightId: 'bright-sun',
      mirrorLeft: 1,
    } as const;
    const of = (tone: PosedPart['tone']) => glassMirror([pane, board(tone)], camera, lens, ground, light)!;
    expect(of('sail')).toMatchObject({ of: 'board', throughGlass: 1 });
    // Sail cloth of 3.5 against black of 0.2, in the same light.
    const beside = ({ veil }: { readonly veil: number }) => veil / (1 - veil);
    expect(beside(of('sail')) / beside(of('black'))).toBeGreaterThan((3.5 / 0.2) * 0.8);
    expect(beside(of('sail')) / beside(of('black'))).toBeLessThan((3.5 / 0.2) * 1.2);
    expect(glassMirror([board('sail')], camera, lens, ground, light)).toBeNull();
  });
});

describe('lamps on the mains', () => {
  const film = { readoutS: 0.016, framesPerSecond: 30 };

  it('leave |sin(πft)/(πft)| of their swing: none over whole waves, all of it in no time', () => {
    expect(lampFlicker(50, { ...film, exposureS: 1 / 100 }).swing).toBeCloseTo(0, 9);
    expect(lampFlicker(60, { ...film, exposureS: 1 / 60 }).swing).toBeCloseTo(0, 9);
    expect(lampFlicker(50, { ...film, exposureS: 1 / 200 }).swing).toBeCloseTo(0.6 * (2 / Math.PI), 9);
    expect(lampFlicker(50, { ...film, exposureS: 0 }).swing).toBeCloseTo(0.6, 9);
  });

  it.each([
    [50, 1 / 160],
    [60, 1 / 90],
    [50, 1 / 48],
  ])('at %s Hz and %s s leave what a sum over the lit time leaves', (mainsHz, exposureS) => {
    // Line by line over one wave of the lamp, the light taken together by a thousand steps of the exposure.
    const lines = Array.from({ length: 200 }, (_, line) => {
      let sum = 0;
      for (let i = 0; i < 1000; i++)
        sum += 1 + 0.6 * Math.cos(2 * Math.PI * (line / 200 + 2 * mainsHz * exposureS * ((i + 0.5) / 1000)));
      return sum / 1000;
    });
    expect(lampFlicker(mainsHz, { ...film, exposureS }).swing).toBeCloseTo(
      (Math.max(...lines) - Math.min(...lines)) / 2,
      3,
    );
  });

  it('wander by the nearest beat with the pictures, and are still at a rate that divides them', () => {
    expect(lampFlicker(50, { ...film, exposureS: 0.01 }).wanderHz).toBeCloseTo(10, 9);
    expect(lampFlicker(60, { ...film, exposureS: 0.01 }).wanderHz).toBeCloseTo(0, 9);
    expect([steadyExposureS(50, 30), steadyExposureS(60, 60), steadyExposureS(50, 240)]).toEqual([0.03, 1 / 60, null]);
  });
});

describe('blades', () => {
  it.each([
    [5400, 2, 0.02],
    [9000, 2, 0.014],
    [2400, 3, 0.03],
  ])(
    'at %s turns a minute with %s of them, read in %s s, are seen as often as a simulated sensor sees them',
    (rpm, blades, readoutS) => {
      // Line by line from the top: is a blade over a point far to the side, where the way from line to line hardly turns?
      const lines = 4000;
      let [runs, was] = [0, false];
      for (let line = 0; line < lines; line++) {
        const turned = ((rpm / 60) * blades * (line / lines) * readoutS) % 1;
        const over = turned < 0.1;
        if (over && !was) runs++;
        was = over;
      }
      const { slices, passesHz, blurred } = bladeSlices(rpm, { turns: 1, blades }, 1 / 1000, readoutS);
      expect(Math.abs(runs - slices)).toBeLessThanOrEqual(1);
      expect(passesHz).toBeCloseTo((rpm * blades) / 60, 9);
      expect(blurred).toBeCloseTo(passesHz / 1000, 9);
    },
  );
});
