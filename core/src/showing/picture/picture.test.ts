import { bikeRig, plainAt } from '../../../testing/rigs';
import { frameInStance } from '../../physics/framing/frameSetUp';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { openEdgeCount } from '../../mathematics/geometry/mesh';
import { poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationAbout, rotationFromPanTiltRoll, rotate } from '../../mathematics/geometry/rotation';
import { calibrateLens } from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import { castFrame } from '../../physics/framing/castFrame';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { poseRig } from '../../posing/rig/poseRig';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { hash2 } from './colours/hash';
import { noise2 } from './colours/noise';
import { beforeSky, dome } from './colours/sky';
import { trailGround } from './colours/trail';
import { mixedColour } from './painting/painting';
import { skyOver } from './painting/skyOver';
import { renderPicture, type Picture } from './renderPicture';
import { trailScenery } from './worlds/trail';
import { SUN } from './worlds/world';

const trailColour = (...at: Parameters<typeof trailGround>) => {
  trailGround(...at);
  return mixedColour();
};
const skyColour = ([x, y, z]: Vec3, hills: number, toSun: Vec3 | null = SUN) => {
  const sun = [toSun !== null, ...(toSun ?? ([0, 0, 0] as const))] as const;
  if (!beforeSky(x, y, z, hills, ...sun)) dome(x, y, z, ...sun);
  return mixedColour();
};

const level: Ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'trail' };
const lens = calibrateLens({
  projection: 'rectilinear',
  widthPx: 96,
  heightPx: 54,
  fovDeg: 70,
  fovAcross: 'horizontal',
  crop: 1,
});
const camera: Pose = {
  position: [0, 1.2, 0],
  rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }),
};
const pixel = (picture: Picture, x: number, y: number) => [
  ...picture.rgba.slice((y * picture.widthPx + x) * 4, (y * picture.widthPx + x) * 4 + 4),
];
const box: PosedPart = {
  id: 'box',
  name: 'box',
  group: 'own',
  tone: 'hivis',
  mesh: roundedBox([0.2, 0.2, 0.2], 0.01),
  worldFromPart: poseAt([1, 1.2, 0]),
};

describe('the picture', () => {
  const bare = renderPicture([], camera, lens, level, 96, 54);

  it('fills every pixel, opaque', () => {
    for (let i = 3; i < bare.rgba.length; i += 4) expect(bare.rgba[i]).toBe(255);
  });

  it('is the same every time', () => {
    expect(renderPicture([], camera, lens, level, 96, 54).rgba).toEqual(bare.rgba);
  });

  it('has its sky line where the level lens has its middle: bluish above, earthy below', () => {
    const [r1, , b1] = pixel(bare, 48, 4);
    const [r2, , b2] = pixel(bare, 48, 52);
    expect(b1!).toBeGreaterThan(r1!);
    expect(r2!).toBeGreaterThan(b2!);
  });

  it('shows the strut in the loud colour, with an ink line round it', () => {
    const picture = renderPicture([box], camera, lens, level, 96, 54);
    const [r, g, b] = pixel(picture, 48, 27);
    expect(r!).toBeGreaterThan(g! * 1.8);
    expect(g!).toBeGreaterThan(b!);
    // Along the middle row the first pixel of the box is ink: much darker than its face.
    const row = Array.from({ length: 96 }, (_, x) => pixel(picture, x, 27)[0]!);
    const bareRow = Array.from({ length: 96 }, (_, x) => pixel(bare, x, 27)[0]!);
    const first = row.findIndex((value, x) => Math.abs(value - bareRow[x]!) > 30);
    expect(row[first]!).toBeLessThan(110);
  });

  it('moves down by what the tilt goes up', () => {
    const tilted = { ...camera, rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 10, rollDeg: 0 }) };
    const low = renderPicture([box], tilted, lens, level, 96, 54);
    const shift = Math.round(Math.tan((10 * Math.PI) / 180) * lens.focalPx);
    const [r, g] = pixel(low, 48, 27 + shift);
    expect(r!).toBeGreaterThan(g! * 1.8);
  });

  it('draws outside the image circle as ink', () => {
    const round = calibrateLens({
      projection: 'equisolid',
      widthPx: 60,
      heightPx: 60,
      fovDeg: 359,
      fovAcross: 'horizontal',
      crop: 1,
    });
    expect(pixel(renderPicture([], camera, round, level, 60, 60), 0, 0).slice(0, 3)).toEqual([34, 36, 40]);
  });

  it('shows hands and bars of the whole rig from the chest in their own tones', () => {
    const rig = bikeRig();
    const { parts, strut } = frameInStance(
      resolveSetUp(rig, plainAt('chest', 45)),
      poseRig(rig, 'set-up'),
      poseRig(rig, 'crouch'),
      8,
    );
    const picture = renderPicture(parts, strut.worldFromCamera, { ...lens, focalPx: 40 }, level, 96, 54);
    const tones = new Set<string>();
    for (let i = 0; i < picture.rgba.length; i += 4)
      tones.add([...picture.rgba.slice(i, i + 3)].map((v) => v >> 5).join());
    expect(tones.size).toBeGreaterThan(25);
  });
});

describe('the world', () => {
  it('has trees that are closed, upright on the slope, and clear of the trail', () => {
    const slope: Ground = {
      point: [0, 0, 0],
      normal: rotate(rotationAbout([0, 0, 1], -24), [0, 1, 0]),
      ahead: [1, 0, 0],
      world: 'trail',
    };
    const [trunks, crowns] = trailScenery(slope, null);
    expect(openEdgeCount(trunks!.mesh)).toBe(0);
    expect(openEdgeCount(crowns!.mesh)).toBe(0);
    let nearest = Infinity;
    for (let i = 0; i < trunks!.mesh.positions.length; i += 3) {
      const [x, z] = [trunks!.mesh.positions[i]!, trunks!.mesh.positions[i + 2]!];
      if (Math.abs(x) < 7) nearest = Math.min(nearest, Math.abs(z));
    }
    expect(nearest).toBeGreaterThan(1.4);
  });

  it('has a lighter trail in mossy ground, and marks across it every five metres', () => {
    const [r1, g1] = trailColour(2.5, 0.3, 4);
    const [r2, g2] = trailColour(2.5, 3.3, 4);
    expect(r1 - g1).toBeGreaterThan(r2 - g2);
    const sum = (c: readonly number[]) => c[0]! + c[1]! + c[2]!;
    expect(sum(trailColour(5, 0.5, 5))).toBeLessThan(sum(trailColour(5.4, 0.5, 5)));
  });

  it('leaves the sky open ahead, so that the horizon can be read', () => {
    const low = skyColour([Math.cos(0.01), Math.sin(0.01), 0], 1);
    const side = skyColour([0, Math.sin(0.01), Math.cos(0.01)], 1);
    expect(low).not.toEqual(side);
    expect(low[2]).toBeGreaterThan(220);
  });

  it('is drawn between the corners of small squares as at each pixel, with hills and disc sharp', () => {
    const [width, height] = [320, 180];
    const { directions } = castFrame([], camera, rayGrid(lens, width, height));
    for (const toSun of [null, [0.955, 0.25, -0.16], [0.95, -0.1, 0.3]] as const) {
      const sky = skyOver(directions, width, 1, toSun);
      let most = 0;
      // Down to the horizon.
      for (let i = 0; i < (width * height) / 2; i++) {
        const exact = skyColour([directions[i * 3]!, directions[i * 3 + 1]!, directions[i * 3 + 2]!], 1, toSun);
        const drawn = sky(i);
        for (let k = 0; k < 3; k++) most = Math.max(most, Math.abs(exact[k]! - drawn[k]!));
      }
      expect(most).toBeLessThan(5);
    }
  });

  it('noise is repeatable, smooth and within 0 to 1', () => {
    for (let i = 0; i < 200; i++) {
      const x = i * 0.37 - 30;
      const value = noise2(x, i * 0.11, 4);
      expect(value).toBe(noise2(x, i * 0.11, 4));
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThanOrEqual(1);
      expect(Math.abs(noise2(x + 1e-4, i * 0.11, 4) - value)).toBeLessThan(1e-3);
    }
    expect(hash2(3, 5, 0)).not.toBe(hash2(5, 3, 0));
  });
});
