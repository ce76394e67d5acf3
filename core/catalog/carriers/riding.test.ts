/** How people ride, sail, drive and fly: facts of the trade, common practice, no source. */
import { CARRIERS } from '../index.generated';
import { meshBounds, meshPoint } from '../../src/mathematics/geometry/mesh';
import { transformDirection, transformPoint } from '../../src/mathematics/geometry/pose';
import { rotate } from '../../src/mathematics/geometry/rotation';
import { SET_UP_STANCE_ID } from '../../src/words/carrier/stance';
import type { Vec3 } from '../../src/mathematics/geometry/vec3';
import { heightAboveGround } from '../../src/posing/rig/groundHit';
import { newCarrier } from '../../src/deciding/outing/newOuting';
import { resolveRig } from '../../src/posing/lookup/resolveRig';
import { poseRig, type PosedRig } from '../../src/posing/rig/poseRig';
import { plainSetUp } from '../../src/posing/strut/plainSetUp';
import { resolveSetUp } from '../../src/posing/strut/resolveSetUp';
import { solveTiltForHorizon } from '../../src/posing/aiming/solveAngles';

const pose = (machineId: string, stanceId: string): PosedRig => poseRig(newCarrier('c', machineId, 1.75).rig, stanceId);
const chestPitchDeg = (rig: PosedRig): number =>
  (Math.asin(rotate(rig.body!.ribcage.rotation, [1, 0, 0])[1]) * 180) / Math.PI;
const highest = (rig: PosedRig, partId: string): number => {
  const { mesh, worldFromPart } = rig.byId.get(partId)!;
  let top = -Infinity;
  for (let i = 0; i < mesh.positions.length / 3; i++)
    top = Math.max(top, transformPoint(worldFromPart, meshPoint(mesh, i))[1]);
  return top;
};
const lowest = (rig: PosedRig, partId: string): number => {
  const { mesh, worldFromPart } = rig.byId.get(partId)!;
  let low = Infinity;
  for (let i = 0; i < mesh.positions.length / 3; i++) {
    low = Math.min(low, heightAboveGround(rig.ground, transformPoint(worldFromPart, meshPoint(mesh, i))));
  }
  return low;
};
const middle = (rig: PosedRig, partId: string): Vec3 => {
  const { mesh, worldFromPart } = rig.byId.get(partId)!;
  const { min, max } = meshBounds(mesh);
  return transformPoint(worldFromPart, [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2]);
};

describe('boards', () => {
  it.each([
    ['snowboard', 'cruise', 'crouch'],
    ['longboard', 'cruise', 'tuck'],
    ['skis', 'cruise', 'tuck'],
    ['surfboard', 'set-up', 'ride'],
  ])('%s: %s stands higher than %s', (id, tall, low) => {
    const height = (stance: string) => {
      const rig = pose(id, stance);
      return heightAboveGround(rig.ground, rig.eyes!.position);
    };
    expect(height(tall)).toBeGreaterThan(height(low) + 0.2);
  });

  it('on skis both hands keep their poles, and the more the knees give the more the chest leans', () => {
    for (const stance of ['cruise', 'right', 'left', 'tuck']) {
      const rig = pose('skis', stance);
      expect([stance, rig.holds]).toEqual([stance, ['handLeft', 'handRight']]);
      for (const side of ['left', 'right'] as const) {
        const top = transformPoint(rig.byId.get(`${side}Pole`)!.worldFromPart, [
          0.3,
          1,
          side === 'right' ? 0.34 : -0.34,
        ]);
        const hand = rig.body!.hand[side].position;
        expect(Math.hypot(top[0] - hand[0], top[1] - hand[1], top[2] - hand[2])).toBeLessThan(0.12);
      }
    }
    expect(chestPitchDeg(pose('skis', 'tuck'))).toBeLessThan(chestPitchDeg(pose('skis', 'cruise')) - 25);
    expect(pose('skis', 'one-hand').holds).toEqual(['handLeft']);
  });

  it('a sideways rider looks along the board, the chest across it', () => {
    const rig = pose('snowboard', 'cruise');
    expect(rotate(rig.body!.head.rotation, [1, 0, 0])[0]).toBeGreaterThan(0.85);
    expect(rotate(rig.body!.ribcage.rotation, [1, 0, 0])[2]).toBeGreaterThan(0.8);
  });

  it('on the heel edge the hips hang over the heels, on the toe edge over the toes', () => {
    const over = (stance: string) => {
      const rig = pose('snowboard', stance);
      return rig.body!.pelvis.position[2];
    };
    expect(over('heel')).toBeLessThan(-0.1);
    expect(over('toe')).toBeGreaterThan(0);
  });

  it('prone on the surfboard the chest looks down, one hand in the water; popping up both hands are on the deck', () => {
    const paddling = pose('surfboard', 'paddle');
    expect(chestPitchDeg(paddling)).toBeLessThan(-60);
    expect(heightAboveGround(paddling.ground, paddling.body!.hand.right.position)).toBeLessThan(0);
    const popUp = pose('surfboard', 'pop-up');
    for (const side of ['left', 'right'] as const) {
      expect(Math.abs(popUp.body!.hand[side].position[1] - 0.1)).toBeLessThan(0.16);
    }
  });

  it('the paddle’s blade is in the water when it pulls', () => {
    expect(lowest(pose('stand-up-board', 'pull'), 'paddle')).toBeLessThan(-0.1);
    expect(lowest(pose('kayak', 'right'), 'paddle')).toBeLessThan(-0.1);
  });
});

describe('bikes', () => {
  it('a chest camera’s solved tilt grows with the rider’s lean, from touring to the deep crouch', () => {
    const { rig } = newCarrier('c', 'road-bike', 1.75);
    const setUp = plainSetUp(rig, 'chest', { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' })!;
    const tilt = (stance: string) =>
      solveTiltForHorizon(resolveSetUp(rig, setUp), poseRig(rig, 'set-up'), poseRig(rig, stance), 0.4)!;
    const tilts = ['tops', 'hoods', 'drops', 'crouch'].map(tilt);
    for (let i = 0; i + 1 < tilts.length; i++) expect(tilts[i + 1]!).toBeGreaterThan(tilts[i]! + 5);
    expect(tilts[3]!).toBeGreaterThan(60);
  });

  it('standing on the pegs the hips are off the seat; seated they are on it', () => {
    const seat = highest(pose('motorcycle', 'seated'), 'seat');
    expect(pose('motorcycle', 'standing').body!.pelvis.position[1]).toBeGreaterThan(seat + 0.12);
    expect(pose('motorcycle', 'seated').body!.pelvis.position[1]).toBeLessThan(seat + 0.12);
  });

  it('bars turned to the right bring the right grip back', () => {
    const hand = (stance: string) => pose('motorcycle', stance).body!.hand.right.position[0];
    expect(hand('turn')).toBeLessThan(hand('seated') - 0.05);
  });
});

describe('cars', () => {
  it.each(['coupe', 'four-by-four', 'buggy'])(
    '%s: leans out of a right-hand corner with its front wheels steered into it',
    (id) => {
      const rig = pose(id, 'corner');
      // The right side comes up.
      expect(transformDirection(rig.worldFromMachine, [0, 0, 1])[1]).toBeGreaterThan(0.04);
      const wheel = rig.byId.get('frontRightTyre')!.worldFromPart;
      expect(transformDirection(wheel, [1, 0, 0])[2]).toBeGreaterThan(0.2);
      expect(Math.abs(transformDirection(rig.byId.get('rearRightTyre')!.worldFromPart, [1, 0, 0])[2])).toBeLessThan(
        0.01,
      );
    },
  );

  it.each(['coupe', 'four-by-four', 'buggy'])(
    '%s: driver and passenger sit side by side, heads under the roof',
    (id) => {
      const rig = pose(id, 'cruise');
      const driver = rig.byId.get('head')!.worldFromPart.position;
      const passenger = rig.byId.get('second.head')!.worldFromPart.position;
      expect(driver[2]).toBeLessThan(-0.2);
      expect(passenger[2]).toBeGreaterThan(0.2);
      const roof = highest(rig, id === 'buggy' ? 'cage' : 'body');
      expect(highest(rig, 'head')).toBeLessThan(roof);
    },
  );

  it('the driver’s eyes see the road through the glass: nothing hard straight ahead of them', () => {
    for (const id of ['coupe', 'four-by-four']) {
      const rig = pose(id, 'cruise');
      expect(rig.eyes!.position[1]).toBeGreaterThan(highest(rig, 'dash'));
    }
  });
});

describe('boats', () => {
  it('with the wind from the left the boom is out to the right and the crew sits on the left', () => {
    const rig = pose('beach-catamaran', 'reach');
    expect(middle(rig, 'boom')[2]).toBeGreaterThan(0.3);
    expect(rig.body!.pelvis.position[2]).toBeLessThan(-0.6);
    expect(rig.byId.get('second.pelvis')!.worldFromPart.position[2]).toBeLessThan(-0.6);
  });

  it('running before the wind the boom is farther out than close-hauled; flying, the left hull is out of the water', () => {
    expect(middle(pose('beach-catamaran', 'running'), 'boom')[2]).toBeGreaterThan(
      middle(pose('beach-catamaran', 'close'), 'boom')[2] + 0.5,
    );
    expect(lowest(pose('beach-catamaran', 'flying'), 'hullLeft')).toBeGreaterThan(0.05);
    expect(lowest(pose('beach-catamaran', 'flying'), 'hullRight')).toBeLessThan(0);
  });

  it('planing, the bow of the powerboat stands higher than at the pontoon', () => {
    const bow = (stance: string) =>
      highest(pose('powerboat', stance), 'bowRail') - pose('powerboat', stance).ground.point[1];
    expect(bow('planing')).toBeGreaterThan(bow('set-up') + 0.1);
  });
});

describe('aircraft', () => {
  it.each([
    ['glider', 'thermal'],
    ['light-aircraft', 'bank'],
    ['paramotor', 'bank'],
  ])('%s: banked in %s, the pilot banks with it', (id, stance) => {
    const rig = pose(id, stance);
    expect(transformDirection(rig.worldFromMachine, [0, 0, 1])[1]).toBeLessThan(-0.4);
    expect(rotate(rig.body!.pelvis.rotation, [0, 0, 1])[1]).toBeLessThan(-0.4);
  });

  it('the open canopy stands beside the cockpit, the closed one over the head', () => {
    expect(middle(pose('glider', 'set-up'), 'canopyFrame')[2]).toBeCloseTo(0, 1);
    expect(middle(pose('glider', 'open'), 'canopyFrame')[2]).toBeGreaterThan(0.3);
  });

  it('a glider pilot lies back, a pilot of the light aircraft sits nearly upright', () => {
    expect(chestPitchDeg(pose('glider', 'cruise'))).toBeGreaterThan(25);
    expect(chestPitchDeg(pose('light-aircraft', 'cruise'))).toBeLessThan(20);
  });

  it('flying forward the multirotor noses down, and nobody is on board', () => {
    const rig = pose('multirotor', 'forward');
    expect(transformDirection(rig.worldFromMachine, [1, 0, 0])[1]).toBeLessThan(-0.25);
    expect(rig.body).toBeNull();
    expect(rig.eyes).not.toBeNull();
  });
});

describe('beside the course', () => {
  const { rig: spec } = newCarrier('c', 'beside-the-course', 1.75);
  const along = (stance: string) => middle(poseRig(spec, stance), 'subject.frontTyre');

  it('the rider comes from the left, passes at the set distance, and goes on to the right', () => {
    expect(along('coming')[2]).toBeLessThan(-8);
    expect(Math.abs(along('abreast')[2])).toBeLessThan(2);
    expect(along('gone')[2]).toBeGreaterThan(8);
    for (const stance of ['coming', 'abreast', 'gone'])
      expect(Math.abs(along(stance)[0] - spec.subject!.distanceM)).toBeLessThan(0.6);
  });

  it('the land runs along the rider’s line and is of the rider’s kind', () => {
    const road = poseRig({ ...spec, subject: { ...spec.subject!, machineId: 'longboard' } }, 'abreast');
    expect(road.ground.world).toBe('road');
    expect(road.ground.ahead).toEqual([0, 0, 1]);
    expect(road.ground.point[0]).toBe(spec.subject!.distanceM);
  });
});

describe('sizes', () => {
  it.each([1.55, 1.95])(
    'on their own size of bike riders of %s m lean as those of 1.75 m do, and reach all that they hold',
    (statureM) => {
      for (const id of ['mountain-bike', 'full-suspension-bike', 'road-bike']) {
        for (const { id: stanceId } of resolveRig(newCarrier('c', id).rig).machine.stances) {
          const rig = poseRig(newCarrier('c', id, statureM).rig, stanceId);
          expect(rig.problems).toEqual([]);
          const lean = chestPitchDeg(rig) - chestPitchDeg(pose(id, stanceId));
          expect([id, stanceId, Math.abs(lean) < 7]).toEqual([id, stanceId, true]);
        }
      }
    },
  );

  it('a paddle as tall as its rider and a hand more is held by riders of 1.55 to 2 m, its blade in the water', () => {
    for (const statureM of [1.55, 1.75, 2]) {
      const { rig } = newCarrier('c', 'stand-up-board', statureM);
      for (const { id } of resolveRig(rig).machine.stances) {
        expect([statureM, id, poseRig(rig, id).problems]).toEqual([statureM, id, []]);
      }
      const pulling = poseRig(rig, 'pull');
      expect(lowest(pulling, 'paddle')).toBeLessThan(-0.1);
      // From the upper hand to the end of the blade (common practice, no source).
      const { positions } = pulling.byId.get('paddle')!.mesh;
      const heights = Array.from({ length: positions.length / 3 }, (_, i) => positions[3 * i + 1]!);
      const long = (Math.max(...heights) - Math.min(...heights)) / 0.955;
      expect(long - statureM).toBeGreaterThan(0.05);
      expect(long - statureM).toBeLessThan(0.3);
    }
  });

  it('a bike of another rider’s size is kept where its measures are told', () => {
    const { rig } = newCarrier('c', 'road-bike', 1.6);
    const long = (fit: Record<string, number>) => {
      const posed = poseRig({ ...rig, fit }, SET_UP_STANCE_ID);
      return middle(posed, 'frontTyre')[0] - middle(posed, 'rearTyre')[0];
    };
    expect(long({ wheelbaseM: 1.02 })).toBeCloseTo(1.02, 2);
    expect(long({})).toBeCloseTo(0.99, 2);
  });
});

describe('somebody else in the frame', () => {
  const machines = CARRIERS.flatMap((c) => (c.kind === 'machine' && c.family !== 'beside' ? [c] : []));
  it.each(machines.map((m) => m.id))(
    '%s is framed where it is told to be, all of it counted as the subject',
    (machineId) => {
      const { rig } = newCarrier('c', 'mountain-bike', 1.75);
      const subject = { machineId, distanceM: 40, bearingDeg: 90, headingDeg: 180, aboveM: 5 };
      const posed = poseRig({ ...rig, subject }, 'crouch');
      const parts = posed.parts.filter((p) => p.group === 'subject');
      expect(parts.length).toBeGreaterThan(4);
      const spread = parts.map((p) => transformPoint(p.worldFromPart, meshPoint(p.mesh, 0)));
      const mean = [0, 1, 2].map((k) => spread.reduce((sum, p) => sum + p[k as 0]!, 0) / spread.length);
      expect(Math.abs(mean[2]! - 40)).toBeLessThan(4);
      expect(mean[1]!).toBeGreaterThan(4);
      expect(new Set(posed.parts.map((p) => p.id)).size).toBe(posed.parts.length);
    },
  );
});
