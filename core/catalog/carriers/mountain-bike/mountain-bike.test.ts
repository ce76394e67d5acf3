import machine from '.';
import { bikeRig } from '../../../testing/rigs';
import { settlePosture } from '../../../src/posing/body/settlePosture';
import { poseBody } from '../../../src/posing/body/posture';
import { bodySegments } from '../../../src/posing/body/segments';
import { castRay } from '../../../src/mathematics/geometry/bvh';
import { meshBounds, transformMesh } from '../../../src/mathematics/geometry/mesh';
import { invert, transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { distance, dot, normalize, subtract } from '../../../src/mathematics/geometry/vec3';
import { heightAboveGround } from '../../../src/posing/rig/groundHit';
import { resolveRig } from '../../../src/posing/lookup/resolveRig';
import { poseRig } from '../../../src/posing/rig/poseRig';
import { barPath, bikeGeometry, dimensions, gripAxis } from '../../shapes/trailBike/geometry';
import { stanceFigures } from '../../shapes/trailBike/stances';

describe('geometry of the bike', () => {
  it('has the wheelbase, chainstay and bar width that it was given', () => {
    const g = bikeGeometry({ wheelbaseM: 1.18, chainstayM: 0.43, barWidthM: 0.74 });
    expect(g.frontAxle[0] - g.rearAxle[0]).toBeCloseTo(1.18, 9);
    expect(distance(g.rearAxle, g.bottomBracket)).toBeCloseTo(0.43, 9);
    expect(barPath(g).at(-1)![2]).toBeCloseTo(0.37, 9);
  });

  it('a 29 inch wheel with a 61 mm tyre is about 735 mm across (ISO 5775 bead seat 622 mm, from memory)', () => {
    expect(bikeGeometry({}).wheelRadiusM * 2).toBeGreaterThan(0.725);
    expect(bikeGeometry({}).wheelRadiusM * 2).toBeLessThan(0.745);
  });

  it('a slacker head angle moves the bars back over the same wheelbase', () => {
    expect(bikeGeometry({ headAngleDeg: 63 }).barCentre[0]).toBeLessThan(
      bikeGeometry({ headAngleDeg: 68 }).barCentre[0],
    );
  });

  it('every dimension changes something', () => {
    const standard = JSON.stringify(bikeGeometry({}));
    for (const { id, low, high, standard: value } of dimensions) {
      expect([id, JSON.stringify(bikeGeometry({ [id]: value === high ? low : high }))]).not.toEqual([id, standard]);
    }
  });

  it('a dimension that it lacks is named', () => {
    expect(() => stanceFigures('flying')).toThrow(/no stance "flying".*crouch/);
  });
});

describe('the posed bike', () => {
  it.each(machine.stances.map((s) => s.id))(
    '%s: both tyres stand on the ground, nothing of the bike is below it',
    (stanceId) => {
      const rig = poseRig(bikeRig(), stanceId);
      const lowest = (id: string) => {
        const part = rig.byId.get(id)!;
        const mesh = transformMesh(part.mesh, part.worldFromPart);
        let least = Infinity;
        for (let i = 0; i < mesh.positions.length; i += 3) {
          least = Math.min(
            least,
            heightAboveGround(rig.ground, [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!]),
          );
        }
        return least;
      };
      // A leaned tyre rolls onto its shoulder: the round section is drawn as leaned about the line of contact.
      for (const tyre of ['frontTyre', 'rearTyre']) expect(Math.abs(lowest(tyre))).toBeLessThan(0.03);
      expect(lowest('pedals')).toBeGreaterThan(0.05);
    },
  );

  it('bars turned to the right bring the right grip back and the left one ahead', () => {
    const hand = (side: 'left' | 'right') => {
      const rig = poseRig(bikeRig(), 'lean');
      return transformPoint(invert(rig.worldFromMachine), rig.body!.hand[side].position)[0];
    };
    expect(hand('right')).toBeLessThan(hand('left') - 0.08);
  });

  it.each(['seated', 'crouch', 'steep', 'lean'])(
    '%s: both hands hold their grips and both feet their pedals',
    (stanceId) => {
      const rig = poseRig(bikeRig(), stanceId);
      for (const side of ['left', 'right'] as const) {
        const grips = rig.byId.get('grips')!;
        const bounds = meshBounds(transformMesh(grips.mesh, grips.worldFromPart));
        const hand = rig.body!.hand[side].position;
        for (const axis of [0, 1, 2] as const) {
          expect(hand[axis]).toBeGreaterThan(bounds.min[axis] - 0.03);
          expect(hand[axis]).toBeLessThan(bounds.max[axis] + 0.03);
        }
        const pedals = rig.byId.get('pedals')!;
        const sole = rig.body!.foot[side];
        const below = castRay(
          pedals.mesh,
          transformPoint(invert(pedals.worldFromPart), transformPoint(sole, [0, 0.03, 0])),
          normalize(transformDirection(invert(pedals.worldFromPart), transformDirection(sole, [0, -1, 0]))),
        );
        expect(below && below.distanceM).toBeLessThan(0.05);
      }
    },
  );

  it('the grip of a drawn hand lies along the bar', () => {
    const { outward } = gripAxis(bikeGeometry({}));
    const { hand } = poseRig(bikeRig(), 'crouch').body!;
    const along = transformDirection(hand.right, [0, 0, 1]);
    expect(dot(along, normalize(outward))).toBeGreaterThan(0.999);
  });

  it('the thighs and shins keep their length in every stance', () => {
    const segments = bodySegments(1.75);
    for (const { id } of machine.stances) {
      const body = poseRig(bikeRig(), id).body!;
      for (const side of ['left', 'right'] as const) {
        expect(distance(body.thigh[side].position, body.shank[side].position)).toBeCloseTo(segments.thighM, 6);
        expect(distance(body.upperArm[side].position, body.forearm[side].position)).toBeCloseTo(segments.upperArmM, 6);
      }
    }
  });
});

describe('giving way', () => {
  it('leans a short rider on until the hands reach, and leaves alone what reaches', () => {
    const short = bodySegments(1.6);
    const posture = machine.pose({}, short, 'crouch').posture!;
    expect(poseBody(short, posture).problems).toEqual([]);
    expect(settlePosture(short, posture, [1, 0, 0], true)).toBe(posture);
    const far = { ...posture, hipCentre: [posture.hipCentre[0] - 0.22, posture.hipCentre[1], 0] as const };
    const settled = settlePosture(short, far, [1, 0, 0], true);
    expect(settled.leanDeg).toBeGreaterThan(far.leanDeg);
    expect(poseBody(short, settled).problems).toEqual([]);
  });

  it('sitting, the hips stay on the saddle', () => {
    const body = bodySegments(1.5);
    const spec = bikeRig({ statureM: 1.5 });
    const { fit } = resolveRig(spec);
    const seated = poseRig(spec, 'seated');
    const posture = machine.pose(fit, body, 'seated').posture!;
    const saddle = bikeGeometry(fit).saddleTop;
    expect(distance(subtract(posture.hipCentre, saddle), [0.01, 0.085, 0])).toBeLessThan(1e-9);
    expect(seated.body!.pelvis.position).toEqual(posture.hipCentre);
  });
});
