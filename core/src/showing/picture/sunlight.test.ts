/** The sun in the drawn picture: where it stands, what it throws, and what clouds and night make of it. */
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens, projectDirectionToPixel } from '../../mathematics/lens/lens';
import { sunDirection } from '../../mathematics/sun/sun';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { renderPicture, type Picture } from './renderPicture';

const [WIDTH, HEIGHT] = [160, 90];
const ground: Ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' };
const lens = calibrateLens({
  projection: 'rectilinear',
  widthPx: WIDTH,
  heightPx: HEIGHT,
  fovDeg: 80,
  fovAcross: 'horizontal',
  crop: 1,
});
const camera: Pose = {
  position: [0, 2, 0],
  rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }),
};
const post: PosedPart = {
  id: 'post',
  name: 'post',
  group: 'machine',
  tone: 'frame',
  mesh: roundedBox([0.3, 3, 0.3], 0.02),
  worldFromPart: poseAt([6, 1.5, -1]),
};
const draw = (parts: readonly PosedPart[], toSun?: readonly [number, number, number] | null): Picture =>
  renderPicture(parts, camera, lens, ground, WIDTH, HEIGHT, {
    scenery: false,
    ...(toSun === undefined ? {} : { toSun }),
  });
const brightness = ({ rgba }: Picture, x: number, y: number): number => {
  const at = (Math.round(y) * WIDTH + Math.round(x)) * 4;
  return rgba[at]! + rgba[at + 1]! + rgba[at + 2]!;
};
const mean = (picture: Picture, from: number, to: number): number => {
  let sum = 0;
  for (let y = from; y < to; y++) for (let x = 0; x < WIDTH; x++) sum += brightness(picture, x, y);
  return sum / (WIDTH * (to - from));
};

it.each([
  [10, 12],
  [-20, 8],
  [25, 20],
])('its disc is drawn where the lens has it: %s° to the right, %s° high', (bearingDeg, heightDeg) => {
  const toSun = sunDirection([1, 0, 0], { bearingDeg, heightDeg });
  const { u, v } = projectDirectionToPixel(lens, toSun)!;
  const picture = draw([], toSun);
  expect(brightness(picture, u, v)).toBeGreaterThan(3 * 238);
  // Nowhere is the sky brighter than there.
  expect(brightness(picture, WIDTH - u, v)).toBeLessThan(brightness(picture, u, v));
});

it('a post darkens the ground on the side away from the sun, by as much as the shade has, and nothing else', () => {
  // From ahead on the left: the shadow falls toward the camera and to the right.
  const toSun = sunDirection([1, 0, 0], { bearingDeg: -45, heightDeg: 35 });
  const [without, with_] = [draw([], toSun), draw([post], toSun)];
  const on = (x: number, z: number) => {
    const { u, v } = projectDirectionToPixel(lens, [x - camera.position[0], -camera.position[1], z])!;
    return brightness(with_, u, v) / brightness(without, u, v);
  };
  const reach = 3 / Math.tan((35 * Math.PI) / 180);
  const along = (share: number): [number, number] => [
    6 - reach * share * Math.cos(Math.PI / 4),
    -1 + reach * share * Math.sin(Math.PI / 4),
  ];
  expect(on(...along(0.4))).toBeGreaterThan(0.5);
  expect(on(...along(0.4))).toBeLessThan(0.75);
  expect(on(6, 3)).toBeCloseTo(1, 2);
  expect(on(8, -4)).toBeCloseTo(1, 2);
});

it('under clouds there is neither disc nor shadow, and the sky is grey', () => {
  const [cloudy, clear] = [draw([post], null), draw([post])];
  const [r, g, b] = [...cloudy.rgba.slice(0, 3)];
  expect(Math.max(r!, g!, b!) - Math.min(r!, g!, b!)).toBeLessThan(20);
  let brightest = 0;
  for (let y = 0; y < HEIGHT / 2; y++)
    for (let x = 0; x < WIDTH; x++) brightest = Math.max(brightest, brightness(cloudy, x, y));
  expect(brightest).toBeLessThan(3 * 240);
  expect(draw([post], null).rgba).not.toEqual(clear.rgba);
});

it('grows darker as the sun goes down, sky and ground, and without it falls no shadow', () => {
  const heights = [20, 2, -3, -9, -16];
  const pictures = heights.map((heightDeg) => draw([], sunDirection([1, 0, 0], { bearingDeg: 180, heightDeg })));
  const [skies, grounds] = [
    pictures.map((p) => mean(p, 0, HEIGHT / 3)),
    pictures.map((p) => mean(p, (2 * HEIGHT) / 3, HEIGHT)),
  ];
  for (let i = 2; i < heights.length; i++) {
    expect(skies[i]!).toBeLessThan(skies[i - 1]!);
    expect(grounds[i]!).toBeLessThanOrEqual(grounds[i - 1]!);
  }
  const down = sunDirection([1, 0, 0], { bearingDeg: -45, heightDeg: -5 });
  const { u, v } = projectDirectionToPixel(lens, [4, -2, 1])!;
  expect(brightness(draw([post], down), u, v)).toBe(brightness(draw([], down), u, v));
});

it('without being told where the sun stands it is drawn as it always was', () => {
  expect(draw([post]).rgba).toEqual(draw([post]).rgba);
  expect(mean(draw([]), HEIGHT / 2, HEIGHT)).toBeCloseTo(
    mean(draw([], sunDirection([1, 0, 0], { bearingDeg: 90, heightDeg: 40 })), HEIGHT / 2, HEIGHT),
    0,
  );
});
