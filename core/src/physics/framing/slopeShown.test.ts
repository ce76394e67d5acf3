import { shakeAt } from '../../../testing/shakes';
import { INTENTS } from '../../../catalog/index.generated';
import { frameSetUp } from './frameSetUp';
import { poseRig } from '../../posing/rig/poseRig';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { fallDeg } from '../../posing/rig/groundHit';
import { slopeShown } from './slopeShown';

const intent = INTENTS.find((i) => i.id === 'steep-slope')!;

it('down a steep trail a camera that looks lower shows more of the slope (common practice, no source)', () => {
  const { rig, setUp } = shakeAt('mountain-bike', 'chest');
  const shown = (horizonAt: number) => {
    const { stances } = frameSetUp(rig, aimedSetUp(rig, setUp, intent, 'steep', horizonAt)!, 'steep', 32);
    return slopeShown(stances, (id) => poseRig(rig, id).ground)!;
  };
  expect(shown(0.1)).toBeGreaterThan(shown(0.5));
  expect(shown(0.5)).toBeGreaterThan(0);
});

it('nothing falls on the level, and a slope has its angle', () => {
  const { rig, setUp } = shakeAt('longboard', 'chest');
  const flat = frameSetUp(rig, setUp, 'cruise', 16).stances.filter((s) => s.stanceId === 'cruise');
  const level = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' } as const;
  expect(slopeShown(flat, () => level)).toBeNull();
  expect(fallDeg(level)).toBe(0);
  const tilted = Math.sin((20 * Math.PI) / 180);
  expect(fallDeg({ ...level, normal: [tilted, Math.cos((20 * Math.PI) / 180), 0] })).toBeCloseTo(20, 9);
});
