import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
} from '../../../mathematics/geometry/rotation';
import { calibrateLens, resized, unprojectPixelToDirection } from '../../../mathematics/lens/lens';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { ownParts } from '../../../posing/strut/ownParts';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { parseOuting } from '../../../showing/formats/outingJson/parseOuting';
import { renderPicture } from '../../../showing/picture/renderPicture';
import { rigOfShot } from '../../outing/outing';
import { findHorizon, type PixelPicture } from './findHorizon';
import { readHorizon } from './horizonReading';

const WIDTH = 480;
const skerra = parseOuting(readFileSync(join(__dirname, '../../../../../web/src/demo/skerra.json'), 'utf8'));
if (!skerra.ok) throw new Error(skerra.problems.join());
const { value: outing } = skerra;

/** A picture of a shot of the demo, filmed by a rider who leans otherwise, and how it was really taken. */
function filmed(name: RegExp, error: { tiltDeg: number; rollDeg: number }) {
  const shot = outing.shots.find((s) => name.test(s.name))!;
  const rig = rigOfShot(outing, shot);
  const resolved = resolveSetUp(rig, shot.setUp);
  const action = poseRig(rig, shot.actionStanceId);
  const strut = poseStrut(resolved, poseRig(rig, 'set-up'), action);
  const { worldFromCamera } = strut;
  const rotation = multiplyRotations(rotationFromPanTiltRoll({ panDeg: 0, ...error }), worldFromCamera.rotation);
  const lens = resized(resolved.lens, WIDTH);
  const height = Math.round(lens.heightPx);
  const parts = [...action.parts, ...ownParts(resolved, strut)];
  const picture = renderPicture(parts, { ...worldFromCamera, rotation }, lens, action.ground, WIDTH, height);
  return {
    picture,
    lens: resolved.lens,
    expected: panTiltRollFromRotation(worldFromCamera.rotation),
    truth: panTiltRollFromRotation(rotation),
  };
}

function read(picture: PixelPicture, lens: Parameters<typeof findHorizon>[1], expected = { tiltDeg: 0, rollDeg: 0 }) {
  const found = findHorizon(picture, lens, expected);
  if (found.kind !== 'found') throw new Error(found.because);
  const at = ([x, y]: readonly [number, number]) => ({ u: x * lens.widthPx, v: y * lens.heightPx });
  const reading = readHorizon(lens, at(found.left), at(found.right));
  if (reading.kind !== 'read') throw new Error(reading.because);
  return reading;
}

it.each([
  [/quay road/, 7, -3],
  [/quay road/, -2, 4],
  [/harbour wall/, 5, -6],
  [/hands on the hoods/, -6, 4],
  [/Paddle and bow/, 7, -3],
  [/Runa alongside/, -8, 4],
  [/Evening over/, 6, 3],
])('%s, filmed %s° and %s° off: the horizon is found by itself, behind hands, boards and trees', (name, tilt, roll) => {
  const { picture, lens, expected, truth } = filmed(name, { tiltDeg: tilt, rollDeg: roll });
  const reading = read(picture, lens, expected);
  // A third of a pixel of 150° on 480.
  expect(Math.abs(reading.tiltDeg - truth.tiltDeg)).toBeLessThan(0.4);
  expect(Math.abs(reading.rollDeg - truth.rollDeg)).toBeLessThan(0.4);
});

it('a picture that shows no sky, or that trees fill, is left to the person', () => {
  const { picture, lens, expected } = filmed(/levelled while standing/, { tiltDeg: 0, rollDeg: 0 });
  expect(findHorizon(picture, lens, expected).kind).toBe("can't say");
  const trees = filmed(/From the cage/, { tiltDeg: 3, rollDeg: 2 });
  expect(findHorizon(trees.picture, trees.lens, trees.expected).kind).toBe("can't say");
});

/** Two even tones parted by a plane, with noise. */
function twoTones(up: readonly [number, number, number], noise: number) {
  const lens = calibrateLens({ projection: 'equisolid', widthPx: 320, heightPx: 180, fovDeg: 130, fovAcross: 'horizontal', crop: 1 }); // prettier-ignore
  const random = seededNumbers(11);
  const rgba = new Uint8ClampedArray(320 * 180 * 4);
  for (let y = 0; y < 180; y++)
    for (let x = 0; x < 320; x++) {
      const [a, b, c] = unprojectPixelToDirection(lens, { u: x + 0.5, v: y + 0.5 })!;
      const tone = a * up[0] + b * up[1] + c * up[2] > 0 ? 150 : 110;
      for (let k = 0; k < 3; k++) rgba[(y * 320 + x) * 4 + k] = tone + noise * (random() * 2 - 1);
    }
  return { picture: { rgba, widthPx: 320, heightPx: 180 }, lens };
}

it('two even tones: tilt and roll come back within a tenth of a degree, under noise within half of one', () => {
  const [t, r] = [(9 * Math.PI) / 180, (-6 * Math.PI) / 180];
  const up = [Math.sin(t), Math.cos(t) * Math.cos(r), -Math.cos(t) * Math.sin(r)] as const;
  for (const [noise, within] of [
    [0, 0.1],
    [25, 0.5],
  ] as const) {
    const { picture, lens } = twoTones(up, noise);
    const reading = read(picture, lens);
    expect(Math.abs(reading.tiltDeg - 9)).toBeLessThan(within);
    expect(Math.abs(reading.rollDeg + 6)).toBeLessThan(within);
  }
});

it('one even tone has no horizon', () => {
  const { picture, lens } = twoTones([0, 1, 0], 0);
  expect(findHorizon({ ...picture, rgba: picture.rgba.fill(120) }, lens, { tiltDeg: 0, rollDeg: 0 }).kind).toBe(
    "can't say",
  );
});
