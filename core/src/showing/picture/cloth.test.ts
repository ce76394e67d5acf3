import { newCarrier } from '../../deciding/outing/newOuting';
import { distance, length, type Vec3 } from '../../mathematics/geometry/vec3';
import { poseRig } from '../../posing/rig/poseRig';
import { foldedNormal } from './painting/paintPlainly';

const out: Vec3 = [1, 0, 0];
const inside: Vec3 = [-1, 0, 0];
const fold = { y: 0.3, reachM: 0.08, depth: 1 };
const most = (folds: readonly (typeof fold)[], from: number, to: number, normal: Vec3) =>
  Math.max(
    ...Array.from({ length: 60 }, (_, i) => {
      const y = from + ((to - from) * i) / 59;
      return distance(foldedNormal(folds, [normal[0] * 0.04, y, 0.004], normal), normal);
    }),
  );

it('cloth folds near a bent joint, most inside the bend, and is smooth far from it and on a straight limb', () => {
  expect(most([fold], 0.24, 0.36, inside)).toBeGreaterThan(0.3);
  expect(most([fold], 0.24, 0.36, out)).toBeLessThan(0.6 * most([fold], 0.24, 0.36, inside));
  expect(most([fold], 0, 0.1, inside)).toBeLessThan(0.02);
  expect(most([{ ...fold, depth: 0 }], 0.24, 0.36, inside)).toBe(0);
  expect(length(foldedNormal([fold], [-0.04, 0.31, 0.01], inside))).toBeCloseTo(1, 9);
});

it('a knee on the pedals is folded deeper than one that stands; sleeve and leg are of one piece each', () => {
  const { rig } = newCarrier('c', 'mountain-bike', 1.75);
  const knee = (stanceId: string) => poseRig(rig, stanceId).byId.get('thighRight')!.folds![1]!.depth;
  expect(knee('seated')).toBeGreaterThan(2 * knee('set-up'));
  const { byId } = poseRig(rig, 'seated');
  expect(byId.get('forearmLeft')!.sewn).toBe(byId.get('upperArmLeft')!.sewn);
  expect(byId.get('thighLeft')!.sewn).not.toBe(byId.get('thighRight')!.sewn);
});
