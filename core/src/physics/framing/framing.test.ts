import fc from 'fast-check';
import { bikeRig, plainAt } from '../../../testing/rigs';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { frameInStance, frameSetUp } from './frameSetUp';
import { roundedBox } from '../../mathematics/geometry/build/roundedBox';
import { compose, IDENTITY_POSE, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { inverseRotation, rotate, rotationAbout, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { calibrateLens, projectDirectionToPixel } from '../../mathematics/lens/lens';
import { RADIAL_PROJECTION_IDS } from '../../mathematics/lens/projection';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import { poseRig } from '../../posing/rig/poseRig';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { castFrame } from './castFrame';
import { horizonAtCentre } from '../../posing/aiming/horizon';
import { FRAME_GROUPS } from '../../words/shot/frameGroup';
import { measureFrame } from './measureFrame';
import { eyeStreaming, feelOverRide, screenStreaming } from './speedFeel';

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

describe('speed feel', () => {
  const diagonal = (fovDeg: number) =>
    calibrateLens({
      projection: 'rectilinear',
      widthPx: 1920,
      heightPx: 1080,
      fovDeg,
      fovAcross: 'diagonal',
      crop: 1,
    });
  const at = (heightM: number, lens = diagonal(90), panDeg = 0) => {
    const camera: Pose = {
      position: [0, heightM, 0],
      rotation: rotationFromPanTiltRoll({ panDeg, tiltDeg: 0, rollDeg: 0 }),
    };
    const grid = rayGrid(lens, 160, 90);
    return screenStreaming(castFrame([], camera, grid), grid, lens, camera, { ground: level });
  };

  it('is 1.0 for the reference itself: eyes, 90° from corner to corner, level over flat ground', () => {
    expect(at(1.7) / eyeStreaming(diagonal(90), 1.7)).toBeCloseTo(1, 3);
  });

  it('is (h_ref·f_ref)/(h·f) for a rectilinear lens over flat ground: low and wide is fast, high and narrow slow', () => {
    for (const [heightM, fovDeg] of [
      [0.3, 110],
      [1.2, 60],
      [2.4, 40],
    ] as const) {
      const feel = at(heightM, diagonal(fovDeg)) / eyeStreaming(diagonal(fovDeg), 1.7);
      const focal = (deg: number) => 1 / Math.tan((deg * Math.PI) / 360);
      expect(feel).toBeCloseTo((1.7 * focal(90)) / (heightM * focal(fovDeg)), 1);
      expect(feel / ((1.7 * focal(90)) / (heightM * focal(fovDeg)))).toBeCloseTo(1, 2);
    }
  });

  it('looking back streams as fast as looking ahead', () => {
    expect(at(1, diagonal(90), 180)).toBeCloseTo(at(1), 6);
  });

  it('any lens agrees with what pixels really do when the camera moves on a little', () => {
    for (const lens of [
      wide,
      diagonal(80),
      calibrateLens({
        projection: 'equirectangular',
        widthPx: 200,
        heightPx: 100,
        fovDeg: 360,
        fovAcross: 'horizontal',
        crop: 1,
      }),
    ]) {
      const rotation = rotationFromPanTiltRoll({ panDeg: 20, tiltDeg: -12, rollDeg: 5 });
      const grid = rayGrid(lens, 24, rowsFor(lens, 24));
      const cast = castFrame([], { position: [0, 1.1, 0], rotation }, grid);
      let [sum, cells] = [0, 0];
      for (let i = 0; i < cast.part.length; i++) {
        const [x, y, z] = [0, 1, 2].map((k) => cast.directions[i * 3 + k]!);
        if (Number.isNaN(grid.directions[i * 3]!)) continue;
        cells++;
        if (y! >= -1e-9) continue;
        const far = 1.1 / -y!;
        const moved = rotate(inverseRotation(rotation), [x! * far - 1e-5, y! * far, z! * far]);
        const was = rotate(inverseRotation(rotation), [x!, y!, z!]);
        const [a, b] = [projectDirectionToPixel(lens, was), projectDirectionToPixel(lens, moved)];
        if (a && b) sum += Math.hypot(a.u - b.u, a.v - b.v) / 1e-5 / lens.heightPx;
      }
      const streaming = screenStreaming(cast, grid, lens, { position: [0, 1.1, 0], rotation }, { ground: level });
      expect(streaming / (sum / cells)).toBeCloseTo(1, 2);
    }
  });

  it('who passes a still camera across the view moves by f/d where they are, and the land stands still', () => {
    const lens = diagonal(30);
    const grid = rayGrid(lens, 96, 54);
    const camera: Pose = {
      position: [0, 1, 0],
      rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }),
    };
    const distanceM = 12;
    const body: PosedPart = {
      id: 'subject.body',
      name: 'body',
      group: 'subject',
      tone: 'paint',
      mesh: roundedBox([0.02, 1, 0.6], 0.005, poseAt([distanceM, 1, 0])),
      worldFromPart: IDENTITY_POSE,
    };
    const cast = castFrame([body], camera, grid);
    const covered = cast.part.filter((part) => part === 0).length / cast.part.length;
    const streaming = screenStreaming(cast, grid, lens, camera, { passing: [true], travel: [0, 0, 1] });
    // Similar triangles: 1 m at 12 m is f/12 on the screen, in picture heights.
    expect(covered).toBeGreaterThan(0.005);
    expect(streaming / (covered * (lens.focalPx / lens.heightPx / distanceM))).toBeCloseTo(1, 2);
    expect(screenStreaming(cast, grid, lens, camera, { passing: [false], travel: [0, 0, 1] })).toBe(0);
  });

  it('no single stance decides it: the geometric mean by time, a stance without ground counting little', () => {
    const stances = [
      { share: 0.5, speedFeel: 1 },
      { share: 0.5, speedFeel: 4 },
    ];
    expect(feelOverRide(stances)).toBeCloseTo(2, 12);
    expect(feelOverRide([...stances, { share: 0, speedFeel: 100 }])).toBeCloseTo(2, 12);
    expect(feelOverRide([{ share: 1, speedFeel: null }])).toBeNull();
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
