import {
  PEDAL_HALF_HEIGHT_M,
  frameMeshes,
  rearSwing,
  swingMeshes,
  pedalCentre,
  TUBE_RADIUS_M,
  type FrameMeshes,
} from '../bicycle/frame';
import { cableMesh, cockpitMeshes, type CockpitMeshes } from './cockpit';
import type { BikeGeometry } from '../bicycle/bikeGeometry';
import { bikeGeometry, dimensions, gripAxis } from './geometry';
import { spots } from './spots';
import { stanceFigures, stances, type StanceFigures } from './stances';
import { wheelMeshes, type WheelMeshes } from '../bicycle/wheels';
import { heldOut } from '../people';
import type { Fit } from '../../../src/words/carrier/dimension';
import type { MachineDefinition } from '../../../src/words/carrier/machine';
import type { PosedPart, Tone } from '../../../src/words/carrier/posedPart';
import type { Mesh } from '../../../src/mathematics/geometry/mesh';
import { compose, poseAt, transformDirection, transformPoint, type Pose } from '../../../src/mathematics/geometry/pose';
import { multiplyRotations, rotate, rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { add, AHEAD, mirrored, RIGHT, subtract, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { settlePosture } from '../../../src/posing/body/settlePosture';
import {
  sideSign,
  type FootContact,
  type HandContact,
  type Posture,
  type Side,
} from '../../../src/words/carrier/posture';
import { SEGMENT_FRACTIONS } from '../../../src/posing/body/segments';
import type { BodySegments } from '../../../src/words/carrier/bodySegments';
import { estimated } from '../../../src/words/sourced/estimated';

interface BikeMeshes {
  geometry: BikeGeometry;
  frame: FrameMeshes;
  shock: Mesh | null;
  cockpit: CockpitMeshes;
  wheel: WheelMeshes;
}

/** The rear wheel's axle moves with the frame, or on a swing arm. */
export type RearEnd = 'rigid' | 'sprung';

const built = new Map<string, BikeMeshes>();

function bikeMeshes(fit: Fit, rear: RearEnd): BikeMeshes {
  const geometry = bikeGeometry(fit);
  const key = `${rear} ${JSON.stringify(geometry)}`;
  const known = built.get(key);
  if (known) return known;
  const frame = frameMeshes(geometry);
  const swing = rear === 'sprung' ? swingMeshes(geometry) : null;
  const meshes = {
    geometry,
    frame: swing ? { ...frame, rearTriangle: swing.rearTriangle } : frame,
    shock: swing?.shock ?? null,
    cockpit: cockpitMeshes(geometry),
    wheel: wheelMeshes(geometry),
  };
  built.set(key, meshes);
  return meshes;
}

/** Turn about the steering axis, positive to the right. */
const steeredPose = (g: BikeGeometry, barsDeg: number): Pose => {
  const rotation = rotationAbout(g.steerUp, -barsDeg);
  return poseAt(subtract(g.headTubeTop, rotate(rotation, g.headTubeTop)), rotation);
};

/** Machine in the world: nose down by the slope about the rear of the ground contact, leaned about the line of the tyres. */
const machinePose = (figures: StanceFigures): Pose =>
  poseAt(
    [0, 0, 0],
    multiplyRotations(rotationAbout([0, 0, 1], -figures.slopeDeg), rotationAbout([1, 0, 0], figures.leanDeg)),
  );

function bikeParts(meshes: BikeMeshes, worldFromMachine: Pose, machineFromSteered: Pose): PosedPart[] {
  const { geometry: g, frame, shock, cockpit, wheel } = meshes;
  const worldFromSteered = compose(worldFromMachine, machineFromSteered);
  const parts: PosedPart[] = [];
  const part = (id: string, name: string, tone: Tone, mesh: Mesh, worldFromPart: Pose, on?: string) =>
    parts.push({ id, name, group: 'machine', tone, mesh, worldFromPart, ...(on ? { on } : {}) });
  part('topTube', 'top tube', 'frame', frame.topTube, worldFromMachine);
  part('downTube', 'down tube', 'frame', frame.downTube, worldFromMachine);
  part('headTube', 'head tube', 'frame', frame.headTube, worldFromMachine);
  part('seatTube', 'seat tube', 'frame', frame.seatTube, worldFromMachine);
  if (shock) {
    part('rearTriangle', 'swing arm', 'frame', frame.rearTriangle, worldFromMachine, 'rearTravel');
    part('shock', 'shock', 'black', shock, worldFromMachine);
  } else part('rearTriangle', 'rear stays', 'frame', frame.rearTriangle, worldFromMachine);
  part('seatpost', 'seatpost', 'black', frame.seatpost, worldFromMachine);
  part('saddle', 'saddle', 'black', frame.saddle, worldFromMachine);
  part('saddleRails', 'saddle rails', 'metal', frame.saddleRails, worldFromMachine);
  part('cranks', 'cranks', 'metal', frame.cranks, worldFromMachine, 'cranks');
  part('pedals', 'pedals', 'black', frame.pedals, worldFromMachine, 'cranks');
  parts.push({
    id: 'chain',
    name: 'chain',
    group: 'machine',
    tone: 'metal',
    mesh: frame.chain,
    worldFromPart: worldFromMachine,
    runs: true,
  });
  part('fork', 'fork', 'black', cockpit.fork, worldFromSteered, 'bars');
  part('stanchions', 'fork stanchions', 'metal', cockpit.stanchions, worldFromSteered, 'bars');
  part('stem', 'stem', 'black', cockpit.stem, worldFromSteered, 'bars');
  part('bar', 'handlebar', 'black', cockpit.bar, worldFromSteered, 'bars');
  part('grips', 'grips', 'rubber', cockpit.grips, worldFromSteered, 'bars');
  part('levers', 'brake levers', 'metal', cockpit.levers, worldFromSteered, 'bars');
  parts.push({
    id: 'cables',
    name: 'cables',
    group: 'machine',
    tone: 'black',
    mesh: cableMesh(g, machineFromSteered),
    worldFromPart: worldFromMachine,
    bends: true,
  });
  for (const [id, name, pose, axle] of [
    ['front', 'front', worldFromSteered, g.frontAxle],
    ['rear', 'rear', worldFromMachine, g.rearAxle],
  ] as const) {
    const worldFromWheel = compose(pose, poseAt(axle));
    part(`${id}Tyre`, `${name} tyre`, 'tyre', wheel.tyre, worldFromWheel, `${id}Wheel`);
    part(`${id}Rim`, `${name} rim`, 'black', wheel.rim, worldFromWheel, `${id}Wheel`);
    part(`${id}Spokes`, `${name} spokes`, 'metal', wheel.spokes, worldFromWheel, `${id}Wheel`);
    part(`${id}Rotor`, `${name} brake disc`, 'metal', wheel.rotor, worldFromWheel, `${id}Wheel`);
  }
  return parts;
}

function ridingPosture(
  g: BikeGeometry,
  body: BodySegments,
  figures: StanceFigures,
  worldFromMachine: Pose,
  machineFromSteered: Pose,
): Posture {
  // Riding, the hips are placed from the bottom bracket in the machine's frame, for a rider of 1.75 m and in proportion.
  const scaled = (v: Vec3): Vec3 => [v[0] * (body.statureM / 1.75), v[1] * (body.statureM / 1.75), v[2]];
  const hipCentre: Vec3 = figures.onPedals
    ? transformPoint(
        figures.hipsLean
          ? worldFromMachine
          : { ...worldFromMachine, rotation: rotationAbout([0, 0, 1], -figures.slopeDeg) },
        figures.onSaddle ? add(g.saddleTop, figures.hip) : add(g.bottomBracket, scaled(figures.hip)),
      )
    : [figures.hip[0], (SEGMENT_FRACTIONS.hipHeight - 0.012) * body.statureM + 0.015, 0];
  const grip = (side: Side): HandContact => {
    if (figures.hands === 'none') return { kind: 'relaxed' };
    if (figures.hands === 'left' && side === 'right') return heldOut(body, hipCentre, figures.torsoLeanDeg);
    const right = gripAxis(g);
    const centre = side === 'right' ? right.centre : mirrored(right.centre);
    const outward = side === 'right' ? right.outward : mirrored(right.outward);
    const worldFromSteered = compose(worldFromMachine, machineFromSteered);
    return {
      kind: 'grip',
      centre: transformPoint(worldFromSteered, centre),
      outward: transformDirection(worldFromSteered, outward),
    };
  };
  const foot = (side: Side): FootContact => {
    const sign = sideSign(side);
    if (!figures.onPedals) return { ball: [figures.hip[0] + 0.1, 0, sign * 0.16], ahead: [1, 0, 0.12 * sign], up: UP };
    const top = add(pedalCentre(g, sign), [0, PEDAL_HALF_HEIGHT_M, -sign * 0.008]);
    return {
      ball: transformPoint(worldFromMachine, top),
      ahead: transformDirection(worldFromMachine, [
        Math.cos(figures.heelDropRad),
        Math.sin(figures.heelDropRad),
        0.08 * sign,
      ]),
      up: transformDirection(worldFromMachine, UP),
    };
  };
  return {
    hipCentre,
    leanDeg: figures.torsoLeanDeg,
    rollDeg: figures.torsoRollDeg,
    gazeDeg: figures.gazeDeg,
    headTurnDeg: figures.headTurnDeg,
    hands: { left: grip('left'), right: grip('right') },
    feet: { left: foot('left'), right: foot('right') },
    elbowsOut: figures.elbowsOut,
    kneesOut: figures.onPedals ? 0.28 : 0.1,
  };
}

/** A bike for trails with a suspension fork; its rear end as told. */
export const trailBike = ({
  rear,
  ...said
}: Pick<MachineDefinition, 'id' | 'name' | 'note' | 'shake'> &
  Partial<Pick<MachineDefinition, 'standard'>> & { readonly rear: RearEnd }): MachineDefinition => ({
  kind: 'machine',
  ...said,
  world: 'trail',
  family: 'bike',
  traits: ['handlebar'],
  wearing: ['rider-body', 'full-face-helmet'],
  drivenBy: { kind: 'muscle', watts: estimated(160, 100, 250) },
  usualSpeedMps: 6.5,
  working: ['frontTyre', 'frontRim', 'frontSpokes', 'rearTyre', 'rearRim', 'rearSpokes'],
  dimensions,
  stances,
  actionStanceId: 'crouch',
  pose(fit, body, stanceId) {
    const meshes = bikeMeshes(fit, rear);
    const figures = stanceFigures(stanceId);
    const worldFromMachine = machinePose(figures);
    const machineFromSteered = steeredPose(meshes.geometry, figures.barsDeg);
    return {
      parts: bikeParts(meshes, worldFromMachine, machineFromSteered),
      posture: settlePosture(
        body,
        ridingPosture(meshes.geometry, body, figures, worldFromMachine, machineFromSteered),
        transformDirection(worldFromMachine, AHEAD),
        !figures.onSaddle,
      ),
      ground: {
        point: [0, 0, 0],
        normal: rotate(rotationAbout([0, 0, 1], -figures.slopeDeg), UP),
        ahead: [1, 0, 0],
        world: 'trail',
      },
      worldFromMachine,
    };
  },
  moving: (fit) => {
    const g = bikeGeometry(fit);
    const turning = {
      kind: 'turn',
      axis: [0, 0, 1],
      low: -180,
      high: 180,
      source: { kind: 'common practice' },
    } as const;
    return [
      {
        id: 'bars',
        name: 'handlebar and fork',
        kind: 'turn',
        at: g.headTubeTop,
        axis: g.steerUp,
        low: -75,
        high: 75,
        source: { kind: 'estimate', low: 60, high: 90 },
      },
      {
        id: 'forkTravel',
        name: 'fork',
        does: 'goes in',
        kind: 'slide',
        at: g.frontAxle,
        axis: g.steerUp,
        low: 0,
        high: 0.14,
        on: 'bars',
        source: { kind: 'estimate', low: 0.1, high: 0.17 },
      },
      { ...turning, id: 'frontWheel', name: 'front wheel', at: g.frontAxle, on: 'forkTravel' },
      ...(rear === 'sprung'
        ? [
            {
              id: 'rearTravel',
              name: 'rear suspension',
              does: 'swings',
              kind: 'turn',
              at: rearSwing(g).pivot,
              axis: RIGHT,
              // The wheel comes up by about 105 mm from where it stands with its rider on it, and hangs by 40 mm.
              low: -14,
              high: 5,
              source: { kind: 'estimate', low: 14, high: 24 },
            } as const,
          ]
        : []),
      {
        ...turning,
        id: 'rearWheel',
        name: 'rear wheel',
        at: g.rearAxle,
        ...(rear === 'sprung' ? { on: 'rearTravel' } : {}),
      },
      { ...turning, id: 'cranks', name: 'cranks', at: g.bottomBracket, pedalledIn: ['seated'] },
    ];
  },
  spots: (fit) => spots(bikeGeometry(fit), TUBE_RADIUS_M, rear),
});
