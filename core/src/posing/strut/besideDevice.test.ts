import { bikeRig, plainAt } from '../../../testing/rigs';
import { loadedPieces } from '../../physics/holding/loads/loads';
import { strutSwing } from '../../physics/shaking/mount/strutSwing';
import { meshBounds } from '../../mathematics/geometry/mesh';
import type { SetUp } from '../../words/setUp/setUp';
import { poseRig } from '../rig/poseRig';
import { besideKg, besideMesh } from './besideDevice';
import { poseStrut } from './kinematics';
import { resolveSetUp } from './resolveSetUp';
import { strutMassKg } from './strutMass';

const rig = bikeRig();
const standing = poseRig(rig, 'set-up');
const on = (over: Partial<SetUp>) =>
  resolveSetUp(rig, plainAt('out-front', 0, { baseId: 'bar-bracket', links: [], ...over }));
const pose = (over: Partial<SetUp>) => poseStrut(on(over), standing, standing);

describe('a second device on the bracket', () => {
  it('weighs where it hangs, and swings with the base by the square of its lever', () => {
    const [bare, both] = [on({}), on({ besideKg: 0.12 })];
    expect(strutMassKg(both)).toBeCloseTo(strutMassKg(bare) + 0.12, 12);
    const of = (resolved: typeof bare) => loadedPieces(resolved, pose({}))[0]!;
    const distanceM = (piece: ReturnType<typeof of>) =>
      Math.hypot(...piece.at.map((x, i) => x - pose({}).worldFromSpot.position[i]!));
    expect(of(both).massKg).toBeCloseTo(of(bare).massKg + 0.12, 12);
    expect(distanceM(of(both))).toBeGreaterThan(distanceM(of(bare)));
    // Its middle lies 43 mm from the bar's surface, the joint 60 mm.
    const swing = (resolved: typeof bare) => strutSwing(resolved, pose({}));
    expect(swing(both).massKg - swing(bare).massKg).toBeCloseTo((0.12 * (0.02 ** 2 + 0.038 ** 2)) / 0.06 ** 2, 6);
    expect(swing(both).frequencyHz).toBeLessThan(swing(bare).frequencyHz);
  });

  it('hangs under a camera that stands, over one that hangs, and nowhere on a base without room', () => {
    const middle = (over: Partial<SetUp>) => {
      const { min, max } = meshBounds(besideMesh(on({ besideKg: 0.2, ...over }))[0]!);
      return (min[0] + max[0]) / 2;
    };
    expect(middle({})).toBeCloseTo(-0.02, 8);
    expect(middle({ mounting: 'inverted' })).toBeCloseTo(0.02, 8);
    const clamp = on({ baseId: 'tube-clamp', besideKg: 0.2 });
    expect([besideKg(clamp), besideMesh(clamp)]).toEqual([0, []]);
  });
});
