import fc from 'fast-check';
import { bikeRig, plainAt } from '../../../testing/rigs';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { frameInStance, frameSetUp } from './frameSetUp';
import { compose, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationAbout, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens, projectDirectionToPixel } from '../../mathematics/lens/lens';
import { RADIAL_PROJECTION_IDS } from '../../mathematics/lens/projection';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import { poseRig } from '../../posing/rig/poseRig';
import type { Ground } from '../../words/carrier/land';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { castFrame } from './castFrame';
import { horizonAtCentre } from '../../posing/aiming/horizon';
import { FRAME_GROUPS } from '../../words/shot/frameGroup';
import { measureFrame } from './measureFrame';
import { medianStreaming, streamingRadS } from './perceivedSpeed';

const level: Ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'trail' };
const wide = calibrateLens({
  projection: 'equidistant',
  widthPx: 1920,
  heightPx: 1080,
  fovDeg: 118,
  fovAcross: 'horizontal',
  crop: 1,
});
const rig = bikeRig();
const inStance = (spotId: string, tiltDeg: number, stanceId: string, columns = 64) =>
  frameInStance(resolveSetUp(rig, plainAt(spotId, tiltDeg)), poseRig(rig, 'set-up'), poseRig(rig, stanceId), columns);

describe('shares', () => {
  it.each(['chest', 'chin-bar', 'helmet-top', 'under-saddle'])(
    'of the frame from %s add up to 1 in every stance',
    (spotId) => {
      for (const { measures } of frameSetUp(rig, plainAt(spotId, 20), 'crouch', 32).stances) {
        expect(FRAME_GROUPS.reduce((sum, group) => sum + measures.shares[group], 0)).toBeCloseTo(1, 9);
      }
    },
  );

  it('of sky and ground over nothing but level ground are exact', () => {
    // A rectilinear picture tilted up by t has its horizon tan(t)·f below the middle: closed form.
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 1600,
      heightPx: 900,
      fovDeg: 80,
      fovAcross: 'horizontal',
      crop: 1,
    });
    const camera: Pose = {
      position: [0, 1, 0],
      rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 7.3, rollDeg: 0 }),
    };
    const cast = castFrame([], camera, rayGrid(lens, 32, 18));
    const { shares } = measureFrame(cast, [], lens, camera, level);
    expect(shares.sky).toBeCloseTo(0.5 + (Math.tan((7.3 * Math.PI) / 180) * lens.focalPx) / 900, 9);
  });

  it('of a coarse frame agree with a fine one within the stated error (worst 0.57 points at 64 × 36)', () => {
    for (const [spotId, tiltDeg] of [
      ['chest', 48],
      ['chin-bar', -14],
    ] as const) {
      const coarse = inStance(spotId, tiltDeg, 'crouch', 64).measures;
      const fine = inStance(spotId, tiltDeg, 'crouch', 320).measures;
      for (const group of FRAME_GROUPS)
        expect(Math.abs(coarse.shares[group] - fine.shares[group])).toBeLessThan(0.0075);
    }
  });
});

describe('symmetry', () => {
  it('a rigid motion of carrier, ground and camera together leaves the picture the same', () => {
    const { parts, strut, grid, cast, measures } = inStance('chest', 48, 'crouch', 48);
    const { ground } = poseRig(rig, 'crouch');
    const move: Pose = { rotation: rotationAbout([0, 1, 0], 73), position: [12, 3, -40] };
    const movedParts = parts.map((p) => ({ ...p, worldFromPart: compose(move, p.worldFromPart) }));
    const camera = compose(move, strut.worldFromCamera);
    const movedGround: Ground = {
      point: move.position,
      normal: rotate(move.rotation, ground.normal),
      ahead: rotate(move.rotation, ground.ahead),
      world: ground.world,
    };
    const again = castFrame(movedParts, camera, grid);
    const same = [...again.part].filter((part, i) => part === cast.part[i]).length;
    expect(same / again.part.length).toBeGreaterThan(0.999);
    const moved = measureFrame(again, movedParts, resolveSetUp(rig, plainAt('chest')).lens, camera, movedGround);
    for (const group of FRAME_GROUPS) expect(moved.shares[group]).toBeCloseTo(measures.shares[group], 2);
    expect(moved.horizon.heightFraction).toBeCloseTo(measures.horizon.heightFraction, 9);
  });

  it('a symmetric set-up in a symmetric stance sees as much on the left as on the right', () => {
    const thumb = plainAt('chest', 48, { cameraId: 'thumb-camera' });
    const { cast, parts } = frameInStance(resolveSetUp(rig, thumb), poseRig(rig, 'set-up'), poseRig(rig, 'crouch'), 96);
    const seen = (left: boolean) => {
      let cells = 0;
      cast.part.forEach((part, i) => {
        const column = i % cast.columns;
        if (part >= 0 && parts[part]!.group === 'hands' && column < cast.columns / 2 === left) cells++;
      });
      return cells;
    };
    expect(seen(true)).toBeGreaterThan(100);
    expect(Math.abs(seen(true) - seen(false)) / seen(true)).toBeLessThan(0.03);
  });
});

describe('horizon', () => {
  it.each(RADIAL_PROJECTION_IDS)('%s: lies where a level direction is projected, for any tilt', (projection) => {
    const lens = calibrateLens({
      projection,
      widthPx: 1920,
      heightPx: 1080,
      fovDeg: 100,
      fovAcross: 'horizontal',
      crop: 0.9,
    });
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 40, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (tiltDeg, panDeg) => {
          const rotation = rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg: 0 });
          const { heightFraction, rollDeg } = horizonAtCentre(lens, rotation, level);
          const t = (tiltDeg * Math.PI) / 180;
          const pixel = projectDirectionToPixel(lens, [Math.cos(t), -Math.sin(t), 0])!;
          expect(heightFraction).toBeCloseTo(pixel.v / 1080, 9);
          expect(rollDeg).toBeCloseTo(0, 5);
        },
      ),
      { seed: 5, numRuns: 50 },
    );
  });

  it('a camera rolled to the right shows a horizon that rises to the right, by as much at the middle', () => {
    const rotation = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 11 });
    expect(horizonAtCentre(wide, rotation, level).rollDeg).toBeCloseTo(11, 6);
  });

  it('looking back up a slope the slope itself is the sky line; looking down it the level country is', () => {
    const slope: Ground = {
      point: [0, 0, 0],
      normal: rotate(rotationAbout([0, 0, 1], -20), [0, 1, 0]),
      ahead: [1, 0, 0],
      world: 'trail',
    };
    const look = (panDeg: number) =>
      horizonAtCentre(wide, rotationFromPanTiltRoll({ panDeg, tiltDeg: 0, rollDeg: 0 }), slope).heightFraction;
    expect(look(0)).toBeCloseTo(0.5, 9);
    const up = projectDirectionToPixel(wide, [Math.cos(Math.PI / 9), Math.sin(Math.PI / 9), 0])!;
    expect(look(180)).toBeCloseTo(up.v / 1080, 9);
  });
});

describe('perceived speed', () => {
  it('a ground point straight below a camera at height h streams at v / h', () => {
    expect(streamingRadS(6, [1, 0, 0], [0, -1, 0], 1.5)).toBeCloseTo(4, 12);
    expect(streamingRadS(6, [1, 0, 0], [1, 0, 0], 10)).toBe(0);
  });

  it('half the height streams twice as fast', () => {
    const at = (height: number) => {
      const camera: Pose = {
        position: [0, height, 0],
        rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -10, rollDeg: 0 }),
      };
      return medianStreaming(castFrame([], camera, rayGrid(wide, 32, 18)), camera.position, level)!;
    };
    expect(at(0.5) / at(1)).toBeCloseTo(2, 9);
  });
});

describe('random cameras', () => {
  it('never give a share outside 0 to 1 or a figure that is not a number', () => {
    const random = seededNumbers(9);
    const posed = poseRig(rig, 'crouch');
    for (let i = 0; i < 25; i++) {
      const camera: Pose = {
        position: [random() * 3 - 1.5, 0.1 + random() * 2, random() * 2 - 1],
        rotation: rotationFromPanTiltRoll({
          panDeg: random() * 360,
          tiltDeg: random() * 170 - 85,
          rollDeg: random() * 360,
        }),
      };
      const measures = measureFrame(
        castFrame(posed.parts, camera, rayGrid(wide, 16, 9)),
        posed.parts,
        wide,
        camera,
        posed.ground,
      );
      for (const share of Object.values(measures.shares)) {
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1 + 1e-12);
      }
      expect(Number.isNaN(measures.horizon.heightFraction)).toBe(false);
    }
  });
});
