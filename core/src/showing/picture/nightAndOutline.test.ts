/** Lamps at night, and the line round one's own shadow. */
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens } from '../../mathematics/lens/lens';
import { sunDirection } from '../../mathematics/sun/sun';
import { toDeg } from '../../mathematics/units/angle';
import { LAMP, streakDeg } from '../../physics/light/streaks';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { usualRide } from '../../posing/lookup/grounds';
import { renderPicture, type Picture } from './renderPicture';
import { pictureLit } from './pictureLight';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { newCarrier } from '../../deciding/outing/newOuting';

const [WIDTH, HEIGHT] = [320, 180];
const ground: Ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' };
const lens = calibrateLens({
  projection: 'rectilinear',
  widthPx: WIDTH,
  heightPx: HEIGHT,
  fovDeg: 90,
  fovAcross: 'horizontal',
  crop: 1,
});
/** As high as the lamps, so that they stand on the sky line. */
const camera: Pose = { position: [0, 6, 0], rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }) };
const at = ({ rgba }: Picture, x: number, y: number) => [...rgba.slice((y * WIDTH + x) * 4, (y * WIDTH + x) * 4 + 3)];
const draw = (parts: readonly PosedPart[], options: Parameters<typeof renderPicture>[6]) =>
  renderPicture(parts, camera, lens, ground, WIDTH, HEIGHT, { scenery: false, ...options });
/** Columns of the sky line, right of the middle, that a lamp's light is drawn in. */
const glowing = (picture: Picture): number[] =>
  Array.from({ length: WIDTH / 2 }, (_, i) => WIDTH / 2 + i).filter((x) => at(picture, x, HEIGHT / 2)[0]! > 200);
const angleOf = (x: number) => toDeg(Math.atan((x - WIDTH / 2) / (WIDTH / 2)));

it('a lamp beside the way is drawn over the angle that is told of it, and is a dot in no time', () => {
  const [speedMps, exposureS] = [10, 0.8];
  const drawn = draw([], { lamps: { exposureS, speedMps } });
  const dots = draw([], { lamps: { exposureS: 0.001, speedMps } });
  // Those on the right stand half a row on: 30 m ahead, 4 m aside.
  const from = toDeg(Math.atan(LAMP.asideM / 30));
  const to = from + streakDeg(speedMps, exposureS, { asideM: LAMP.asideM, aheadM: 30 });
  const middle = Math.tan(((from + to) / 2) * (Math.PI / 180)) * (WIDTH / 2) + WIDTH / 2;
  expect(at(drawn, Math.round(middle), HEIGHT / 2)[0]).toBeGreaterThan(200);
  expect(at(dots, Math.round(middle), HEIGHT / 2)[0]).toBeLessThan(120);
  expect(angleOf(Math.max(...glowing(drawn)))).toBeGreaterThan(to - 1);
  expect(angleOf(Math.max(...glowing(dots)))).toBeLessThan(from + 1.5);
});

it('a lamp behind a part is hidden by it, and night is dark between the pools of light', () => {
  const wall: PosedPart = {
    id: 'wall',
    name: 'wall',
    group: 'machine',
    tone: 'black',
    mesh: roundedBox([0.2, 4, 60], 0.01),
    worldFromPart: poseAt([3, 6, 0]),
  };
  const lamps = { exposureS: 0.5, speedMps: 4 };
  expect(glowing(draw([], { lamps })).length).toBeGreaterThan(0);
  expect(glowing(draw([wall], { lamps }))).toEqual([]);
  const [night, day] = [draw([], { lamps }), draw([], {})];
  const sum = (p: Picture) => p.rgba.reduce((a, b) => a + b, 0);
  expect(sum(night)).toBeLessThan(0.7 * sum(day));
});

it('the line runs round the shadow of what is one’s own, not round that of who is filmed', () => {
  const low: Pose = { ...camera, position: [0, 2, 0] };
  const post = (group: PosedPart['group']): PosedPart => ({
    id: 'post',
    name: 'post',
    group,
    tone: 'frame',
    mesh: roundedBox([0.3, 2, 0.3], 0.02),
    worldFromPart: poseAt([6, 1, 0]),
  });
  const toSun = sunDirection([1, 0, 0], { bearingDeg: -60, heightDeg: 40 });
  const orange = (group: PosedPart['group'], outlined: boolean) => {
    const { rgba } = renderPicture([post(group)], low, lens, ground, WIDTH, HEIGHT, {
      scenery: false,
      toSun,
      outlined,
    });
    let count = 0;
    for (let i = 0; i < rgba.length; i += 4) if (rgba[i] === 242 && rgba[i + 1] === 92 && rgba[i + 2] === 24) count++;
    return count;
  };
  expect(orange('machine', true)).toBeGreaterThan(10);
  expect([orange('subject', true), orange('machine', false)]).toEqual([0, 0]);
});

describe('the light of a picture', () => {
  const { rig } = newCarrier('c', 'coupe', 1.75);
  const setUp = plainSetUp(rig, 'bonnet', { cameraId: 'cage-camera', modeId: 'stills', stabiliserId: 'off' })!;
  const ride = usualRide(resolveRig(rig).machine);
  const moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '12:00', headingDeg: 180 };
  const lit = (lightId: string, over: object | null = {}) =>
    pictureLit(resolveSetUp(rig, setUp), ground, {
      ride: { ...ride, lightId: lightId as 'overcast' },
      ...(over ? { moment: { ...moment, ...over } } : {}),
    });

  it('has the sun ahead where it is ridden toward, none behind clouds, and nothing where nobody knows', () => {
    const { toSun } = lit('bright-sun');
    expect(toSun![0]).toBeGreaterThan(0.85);
    expect(lit('overcast')).toEqual({ toSun: null });
    expect([lit('bright-sun', null), lit('bright-sun', { headingDeg: null })]).toEqual([{}, {}]);
  });

  it('is dark at night whatever the sky, and lit by lamps for as long as the shutter is open', () => {
    expect(lit('overcast', { at: '23:00' }).toSun![1]).toBeLessThan(-0.1);
    expect(lit('dusk', null).toSun![1]).toBeLessThan(0);
    // f/2.8 at EV 4.5: 2.8²/2^4.5 = 0.35 s.
    expect(lit('street-night').lamps!.exposureS).toBeCloseTo(2.8 ** 2 / 2 ** 4.5, 9);
  });
});
