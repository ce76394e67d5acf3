import fc from 'fast-check';
import { Euler, MathUtils, Matrix4, Vector3 } from 'three';
import { inverseRotation, rotate, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { normalize, type Vec3 } from '../../mathematics/geometry/vec3';
import { damped, flatReading, levelReading, levelTurn, putRight, upInDevice } from './phoneLevel';

const angle = (limit: number) => fc.double({ min: -limit, max: limit, noNaN: true });

it('up in the axes of a telephone, against rotation matrices of three.js (its order ZXY is that of the W3C)', () => {
  fc.assert(
    fc.property(angle(180), angle(180), angle(90), (alpha, betaDeg, gammaDeg) => {
      const turns = new Euler(
        MathUtils.degToRad(betaDeg),
        MathUtils.degToRad(gammaDeg),
        MathUtils.degToRad(alpha),
        'ZXY',
      );
      const up = new Vector3(0, 0, 1).applyMatrix4(new Matrix4().makeRotationFromEuler(turns).transpose());
      const ours = upInDevice({ betaDeg, gammaDeg });
      up.toArray().forEach((value, i) => expect(ours[i]).toBeCloseTo(value, 9));
    }),
    { seed: 3 },
  );
});

it('lying on a camera it reads the camera’s own tilt and roll, whichever way it is laid', () => {
  fc.assert(
    fc.property(angle(180), angle(85), angle(120), (panDeg, tiltDeg, rollDeg) => {
      const up = rotate(inverseRotation(rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg })), [0, 1, 0]);
      // Camera: ahead, up, right. On top: y ahead, z up; behind: z back, y up.
      const [ahead, above, right] = up;
      for (const [device, laying] of [
        [[right, ahead, above], 'on-top'],
        [[right, above, -ahead], 'behind'],
      ] as const) {
        const read = levelReading(device as Vec3, laying);
        expect(read.tiltDeg).toBeCloseTo(tiltDeg, 6);
        expect(read.rollDeg).toBeCloseTo(rollDeg, 6);
      }
    }),
    { seed: 4 },
  );
});

it('flat on a table it reads its own angles', () => {
  const read = levelReading(upInDevice({ betaDeg: 12.5, gammaDeg: -3 }), 'on-top');
  expect(read.tiltDeg).toBeCloseTo(12.5, 9);
  expect(read.rollDeg).toBeCloseTo(-3, 9);
});

it('a sensor that is askew is put right by two readings on a sloping table, turned half round between', () => {
  fc.assert(
    fc.property(angle(4), angle(4), angle(8), angle(8), (skewX, skewY, slopeX, slopeY) => {
      const askew = new Matrix4().makeRotationFromEuler(
        new Euler(MathUtils.degToRad(skewX), MathUtils.degToRad(skewY), 0),
      );
      const measured = (up: Vec3): Vec3 => new Vector3(...up).applyMatrix4(askew).toArray() as Vec3;
      const [sx, sy] = [slopeX, slopeY].map((deg) => Math.sin(MathUtils.degToRad(deg)));
      const sz = Math.sqrt(1 - sx! * sx! - sy! * sy!);
      const flat = flatReading(measured([sx!, sy!, sz]), measured([-sx!, -sy!, sz]));
      const truth: Vec3 = normalize([0.2, -0.1, 0.9]);
      const read = levelReading(putRight(measured(truth), flat), 'on-top');
      const real = levelReading(truth, 'on-top');
      // What is left is a turn about the upright, which no level feels: a few hundredths of what it leans.
      expect(Math.abs(read.tiltDeg - real.tiltDeg)).toBeLessThan(0.1);
      expect(Math.abs(read.rollDeg - real.rollDeg)).toBeLessThan(0.1);
    }),
    { seed: 5 },
  );
});

it('damping settles on what is held, at once where nothing came before, and halves a tremble', () => {
  const held = upInDevice({ betaDeg: 10, gammaDeg: 0 });
  expect(damped(null, held, 1)).toBe(held);
  let at = upInDevice({ betaDeg: 0, gammaDeg: 0 });
  for (let i = 0; i < 60; i++) at = damped(at, held, 1 / 30);
  expect(levelReading(at, 'on-top').tiltDeg).toBeCloseTo(10, 1);
  let widest = 0;
  for (let i = 0; i < 120; i++) {
    at = damped(at, upInDevice({ betaDeg: 10 + Math.sin((2 * Math.PI * 8 * i) / 60), gammaDeg: 0 }), 1 / 60);
    if (i > 60) widest = Math.max(widest, Math.abs(levelReading(at, 'on-top').tiltDeg - 10));
  }
  expect(widest).toBeLessThan(0.5);
});

it('says what is left to turn', () => {
  const wanted = { tiltDeg: 12, rollDeg: 0 };
  expect(levelTurn(wanted, { tiltDeg: 9, rollDeg: 0.3 })).toBe('lens 3.0° up');
  expect(levelTurn(wanted, { tiltDeg: 14, rollDeg: 2 })).toBe('lens 2.0° down, right side 2.0° up');
  expect(levelTurn(wanted, { tiltDeg: 12.4, rollDeg: -0.4 })).toBeNull();
});
