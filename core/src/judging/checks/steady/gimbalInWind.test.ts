import { shakeAt } from '../../../../testing/shakes';
import { findingsOf } from '../../../words/check/result';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { gimbalInWind, heldShare, windVerdict } from './gimbalInWind';

const GIMBAL = { cameraId: 'pocket-gimbal', modeId: 'main' } as const;

const at = (machineId: string, spotId: string, speedMps: number, camera: { cameraId: string; modeId: string } = GIMBAL) => ({
  ...shakeAt(machineId, spotId, camera, { speedMps, windMps: 0 }),
  intentId: 'clear-ahead',
  horizonAt: null,
}); // prettier-ignore
const steady = (question: ReturnType<typeof at>) => shotReport(question, { only: ['steady'] }).checks[0]!;
const windOf = (question: ReturnType<typeof at>) => findingsOf(steady(question)).find(({ id }) => id === 'gimbal-wind');

describe('a powered gimbal outside', () => {
  it('holds its lens at a walk, gives way on the road, and on a fast road is stopped', () => {
    const [slow, road, fast] = [4, 14, 36].map((mps) => windOf(at('coupe', 'bonnet', mps)));
    expect([slow!.verdict, road!.verdict, fast!.verdict]).toEqual(['good', 'watch', 'stop']);
    expect(fast!.because).toMatch(/^130 km\/h of wind push the lens round/);
    expect(steady(at('coupe', 'bonnet', 36)).verdict).toBe('stop');
  });

  it('is left alone behind glass, and a camera without one has no such finding', () => {
    expect(windOf(at('coupe', 'dash', 36))).toBeUndefined();
    expect(windOf(at('coupe', 'bonnet', 36, { cameraId: 'cube-camera', modeId: 'wide' }))).toBeUndefined();
    expect(gimbalInWind(shotScene(at('coupe', 'dash', 36)))).toBeNull();
  });
});

it('what its motors hold falls with the square of the speed, and is all of it in still air', () => {
  expect(heldShare({ airMps: 0, holdsMps: 12 })).toBe(1);
  expect(heldShare({ airMps: 12, holdsMps: 12 })).toBe(1);
  expect(heldShare({ airMps: 24, holdsMps: 12 })).toBeCloseTo(1 / 4, 12);
  expect([11.9, 12.1, 18.1].map((airMps) => windVerdict({ airMps, holdsMps: 12 }))).toEqual(['good', 'watch', 'stop']);
});
