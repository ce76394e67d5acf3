import { panTiltRollFromRotation, rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import { newCarrier } from '../../deciding/outing/newOuting';
import { plainSetUp } from './plainSetUp';
import { gimbalState } from './gimbal';

const range = { pan: [-200, 60], tilt: [-90, 50], roll: [-40, 40], source: { kind: 'common practice' } } as const;
const handle = (panDeg: number, tiltDeg: number, rollDeg: number) =>
  rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg });

describe('a powered gimbal', () => {
  it('keeps its tilt and a level horizon whatever the handle does within its range, and follows the handle’s pan', () => {
    for (const [pan, tilt, roll] of [
      [0, 0, 0],
      [25, -30, 20],
      [-170, 35, -25],
    ] as const) {
      const state = gimbalState(handle(pan, tilt, roll), 8, range);
      const lens = panTiltRollFromRotation(state.worldFromCamera);
      expect(state.runsOut).toBeNull();
      expect(lens.tiltDeg).toBeCloseTo(8, 9);
      expect(lens.rollDeg).toBeCloseTo(0, 9);
      expect(lens.panDeg).toBeCloseTo(pan, 9);
    }
  });

  it('says on which axis it runs out and by how much, and is dragged along from there', () => {
    const state = gimbalState(handle(0, 0, 55), 0, range);
    expect(state.runsOut).toEqual({ axis: 'roll', byDeg: expect.closeTo(15, 9) as number });
    expect(panTiltRollFromRotation(state.worldFromCamera).rollDeg).toBeCloseTo(15, 9);
  });

  it('on the chest it keeps the horizon through every stance of a ride, where a fixed camera loses it', () => {
    const { rig } = newCarrier('c', 'road-bike', 1.75);
    const tilts = (cameraId: string, modeId: string, tiltDeg: number) => {
      const setUp = plainSetUp(rig, 'chest', { cameraId, modeId, stabiliserId: 'off' })!;
      const angles = { panDeg: 0, tiltDeg, rollDeg: 0 };
      return frameSetUp(rig, { ...setUp, angles, gimbalTiltDeg: 0 }, 'hoods', 16).stances;
    };
    const spread = (stances: ReturnType<typeof tilts>) => {
      // On the climb the slope itself is the sky line: left out.
      const heights = stances
        .filter((s) => s.share > 0 && s.stanceId !== 'climb')
        .map((s) => s.measures.horizon.heightFraction);
      return Math.max(...heights) - Math.min(...heights);
    };
    // The handle set up by as much as the torso leans on the hoods: centred in the riding posture.
    const held = tilts('pocket-gimbal', 'main', 50);
    expect(held.filter((s) => s.share > 0).map((s) => s.gimbalRunsOut)).toEqual([null, null, null, null, null]);
    expect(spread(held)).toBeLessThan(1e-6);
    expect(spread(tilts('cube-camera', 'wide', 40))).toBeGreaterThan(0.1);
    // Levelled while standing instead: in the crouch the handle leans beyond what the tilt axis has.
    expect(tilts('pocket-gimbal', 'main', 0).find((s) => s.stanceId === 'crouch')!.gimbalRunsOut?.axis).toBe('tilt');
  });
});
