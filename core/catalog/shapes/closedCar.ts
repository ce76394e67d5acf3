import { carBody, type CarShape } from './carBody';
import { bySide, grip, handsOnThighs, placed, seated } from './people';
import { roadWheel } from './roadWheel';
import { roundedBox } from '../../src/mathematics/geometry/build/roundedBox';
import { rod, tube } from '../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, transformMesh, type Mesh } from '../../src/mathematics/geometry/mesh';
import { poseAt } from '../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../src/mathematics/geometry/rotation';
import { add, RIGHT, UP, type Vec3 } from '../../src/mathematics/geometry/vec3';
import type { AssembledPart, Assembly } from '../../src/posing/building/assembly';
import type { Mark } from '../../src/words/carrier/posedPart';
import type { MovingPart } from '../../src/words/carrier/movingPart';
import type { BlueprintStance, Occupant, Seat } from '../../src/posing/building/blueprint';
import type { BodySegments } from '../../src/words/carrier/bodySegments';
import type { Posture } from '../../src/words/carrier/posture';

/** What a closed car is made from; left-hand drive. Metres. */
export interface CarFigures {
  readonly shape: CarShape;
  readonly wheelRadiusM: number;
  readonly tyreWidthM: number;
  readonly trackM: number;
  readonly floorY: number;
  /** Where the driver's seat is sat on; the passenger's is its mirror. */
  readonly seat: Vec3;
  readonly seatBackDeg: number;
  readonly wheel: Vec3;
  readonly spareWheel: boolean;
}

const STEERING_RADIUS_M = 0.185;
/** Axis of the steering wheel's column, from the wheel toward the driver. */
const COLUMN: Vec3 = [-0.9, 0.44, 0];
const STEERED_DEG = 32;

/** Names of the four wheels, in the order of their parts. */
const CORNERS = [
  { id: 'frontRight', name: 'front right', front: true, side: 1 },
  { id: 'frontLeft', name: 'front left', front: true, side: -1 },
  { id: 'rearRight', name: 'rear right', front: false, side: 1 },
  { id: 'rearLeft', name: 'rear left', front: false, side: -1 },
] as const;

export function carWheels(
  axleX: { readonly front: number; readonly rear: number },
  radiusM: number,
  widthM: number,
  trackM: number,
  rimM: number,
): { parts: AssembledPart[]; moving: MovingPart[] } {
  const right = roadWheel(radiusM, widthM, rimM, 6);
  const parts: AssembledPart[] = [];
  const moving: MovingPart[] = [];
  for (const { id, name, front, side } of CORNERS) {
    const hub: Vec3 = [front ? axleX.front : axleX.rear, radiusM, (side * trackM) / 2];
    if (front) {
      moving.push({
        id: `${id}Steer`,
        name: `${name} wheel`,
        does: 'is steered',
        kind: 'turn',
        at: hub,
        axis: UP,
        low: -STEERED_DEG - 6,
        high: STEERED_DEG + 6,
        source: { kind: 'estimate', low: 28, high: 42 },
      });
    }
    moving.push({
      id,
      name: `${name} wheel`,
      kind: 'turn',
      at: hub,
      axis: RIGHT,
      low: -180,
      high: 180,
      ...(front ? { on: `${id}Steer` } : {}),
      source: { kind: 'common practice' },
    });
    const place = (mesh: Mesh) => transformMesh(side > 0 ? mesh : mirrorMesh(mesh), poseAt(hub));
    parts.push(
      { id: `${id}Tyre`, name: `${name} tyre`, tone: 'tyre', mesh: place(right.tyre), on: id },
      { id: `${id}Rim`, name: `${name} rim`, tone: 'metal', mesh: place(right.rim), on: id },
    );
  }
  return { parts, moving };
}

export function carSeat(at: Vec3, backDeg: number): Mesh {
  const lean = rotationAbout(RIGHT, backDeg);
  return mergeMeshes([
    roundedBox([0.5, 0.13, 0.5], 0.05, poseAt(add(at, [0.06, -0.066, 0]))),
    roundedBox([0.12, 0.6, 0.48], 0.05, poseAt(add(at, [-0.27, 0.27, 0]), lean)),
    roundedBox(
      [0.09, 0.18, 0.26],
      0.04,
      poseAt(add(at, [-0.27 - 0.47 * Math.sin((backDeg * Math.PI) / 180), 0.7, 0]), lean),
    ),
  ]);
}

/** Steering wheel with its column's axis toward the driver, and where its hub is. */
export function steeringWheel(hub: Vec3, radiusM = STEERING_RADIUS_M): Mesh {
  const up: Vec3 = [COLUMN[1], -COLUMN[0], 0];
  const rim = Array.from({ length: 28 }, (_, i): Vec3 => {
    const a = (2 * Math.PI * i) / 28;
    return [
      hub[0] + radiusM * Math.sin(a) * up[0],
      hub[1] + radiusM * Math.sin(a) * up[1],
      hub[2] + radiusM * Math.cos(a),
    ];
  });
  return mergeMeshes([
    tube(rim, { radiusM: 0.0155, segments: 10, loop: true }),
    rod(rim[0]!, rim[14]!, { radiusM: 0.014, flatness: 0.6, segments: 8 }),
    rod(hub, rim[21]!, { radiusM: 0.014, segments: 8 }),
    roundedBox([0.05, 0.1, 0.13], 0.02, poseAt(hub, rotationAbout(RIGHT, 26))),
    rod(hub, add(hub, [0.22, -0.11, 0]), { radiusM: 0.03, segments: 12 }),
  ]);
}

export const steeringMoving = (hub: Vec3): MovingPart => ({
  id: 'steeringWheel',
  name: 'steering wheel',
  kind: 'turn',
  at: hub,
  axis: COLUMN,
  low: -540,
  high: 540,
  steered: true,
  source: { kind: 'common practice' },
});

/** Hands at a quarter to three, thumbs up. */
export const handsOnWheel = (hub: Vec3, radiusM = STEERING_RADIUS_M) =>
  bySide((sign) =>
    grip([hub[0], hub[1] + 0.03, hub[2] + sign * radiusM * 0.985], [COLUMN[1] * -0.8, COLUMN[0] * 0.8, 0.35 * sign]),
  );

/** Lip over a wheel arch, right side. */
const flare = (shape: CarShape, axleX: number): Mesh =>
  tube(
    Array.from({ length: 17 }, (_, i): Vec3 => {
      const a = ((-12 + (204 * i) / 16) * Math.PI) / 180;
      const r = shape.archM + 0.012;
      return [axleX + r * Math.cos(a), shape.axleY + r * Math.sin(a), shape.halfZ - 0.022];
    }),
    { radiusM: 0.042, flatness: 1.2, segments: 10, reference: RIGHT },
  );

/** A round or square of another colour on a face that looks back at the driver. */
const onFace = (tone: Mark['tone'], [x, y, z]: Vec3, halfY: number, halfZ: number): Mark => ({
  tone,
  at: [x, y, z],
  half: [0.06, halfY, halfZ],
});

/** Two dials side by side, each in a bright ring. @param at middle of the face that they sit in */
const dials = ([x, y, z]: Vec3): readonly Mark[] =>
  [-0.085, 0.085].flatMap((side) => [
    onFace('lens', [x, y, z + side], 0.036, 0.036),
    onFace('metal', [x, y, z + side], 0.041, 0.041),
  ]);

/** Radio in the middle and air vents, two of them there and two toward the doors. */
const onDash = ([x, y]: Vec3): readonly Mark[] => [
  onFace('lens', [x, y - 0.045, 0], 0.04, 0.11),
  ...[-0.58, -0.09, 0.09, 0.58].map((z) => onFace('lens', [x, y + 0.045, z], 0.022, 0.055)),
];

export function buildCar(f: CarFigures): Assembly {
  const { shape, seat } = f;
  const { body, screen, sides, rear } = carBody(shape);
  const other: Vec3 = [seat[0], seat[1], -seat[2]];
  const wheels = carWheels(
    { front: shape.frontAxleX, rear: shape.rearAxleX },
    f.wheelRadiusM,
    f.tyreWidthM,
    f.trackM,
    f.wheelRadiusM * 0.66,
  );
  const cowlX = shape.screen[0];
  const dashY = f.wheel[1] + 0.06;
  const both = (mesh: Mesh) => mergeMeshes([mesh, mirrorMesh(mesh)]);
  const mirror = mergeMeshes([
    roundedBox([0.1, 0.13, 0.17], 0.035, poseAt([cowlX - 0.32, shape.beltY + 0.1, shape.halfZ + 0.055])),
    rod([cowlX - 0.3, shape.beltY + 0.02, shape.halfZ - 0.06], [cowlX - 0.31, shape.beltY + 0.06, shape.halfZ + 0.06], {
      radiusM: 0.018,
      segments: 8,
    }),
  ]);
  const panel = (x: number, y: number, high: number, wide: number) =>
    roundedBox([0.16, high, wide], 0.06, poseAt([x, y, 0]));
  const frontTop = shape.outline[0]![1];
  const rearTop = shape.outline[shape.outline.length - 1]![1];
  const parts: AssembledPart[] = [
    {
      id: 'body',
      name: 'body',
      tone: 'paint',
      mesh: body,
      lining: { tone: 'lining', y: (shape.sillY + shape.beltY) / 2 },
    },
    {
      id: 'frontBumper',
      name: 'front bumper',
      tone: 'trim',
      mesh: panel(
        shape.frontX - 0.01,
        (shape.sillY + 0.1 + frontTop) / 2,
        frontTop - shape.sillY - 0.06,
        shape.halfZ * 1.62,
      ),
    },
    {
      id: 'rearBumper',
      name: 'rear panel and bumper',
      tone: 'paint',
      mesh: panel(
        shape.rearX + 0.02,
        (shape.sillY + 0.12 + rearTop) / 2,
        rearTop - shape.sillY - 0.1,
        shape.halfZ * 1.74,
      ),
      // Its inner face closes the boot.
      marks: [{ tone: 'lining', at: [shape.rearX + 0.13, shape.beltY, 0], half: [0.06, 1.5, 2] }],
    },
    {
      id: 'lamps',
      name: 'head lamps',
      tone: 'lens',
      mesh: both(
        roundedBox([0.12, 0.12, 0.3], 0.04, poseAt([shape.frontX + 0.035, frontTop - 0.09, shape.halfZ * 0.6])),
      ),
    },
    { id: 'screen', name: 'windscreen', tone: 'glass', seeThrough: true, mesh: screen },
    { id: 'sideGlass', name: 'side windows', tone: 'glass', seeThrough: true, mesh: sides },
    { id: 'rearGlass', name: 'rear window', tone: 'glass', seeThrough: true, mesh: rear },
    {
      id: 'flares',
      name: 'wheel arch flares',
      tone: 'black',
      mesh: both(mergeMeshes([flare(shape, shape.frontAxleX), flare(shape, shape.rearAxleX)])),
    },
    { id: 'rightMirror', name: 'right door mirror', tone: 'paint', watched: true, mesh: mirror },
    { id: 'leftMirror', name: 'left door mirror', tone: 'paint', watched: true, mesh: mirrorMesh(mirror) },
    {
      id: 'innerMirror',
      name: 'inside mirror',
      tone: 'black',
      watched: true,
      mesh: mergeMeshes([
        roundedBox([0.03, 0.065, 0.23], 0.012, poseAt([shape.screen[1] + 0.06, shape.roofY - 0.13, 0])),
        rod([shape.screen[1] + 0.07, shape.roofY - 0.12, 0], [shape.screen[1] + 0.12, shape.roofY - 0.07, 0], {
          radiusM: 0.007,
          segments: 8,
        }),
      ]),
    },
    {
      id: 'dash',
      name: 'dashboard',
      tone: 'black',
      mesh: mergeMeshes([
        roundedBox([0.52, 0.22, shape.halfZ * 1.72], 0.07, poseAt([cowlX - 0.3, dashY - 0.13, 0])),
        roundedBox([0.9, 0.3, 0.24], 0.06, poseAt([cowlX - 0.75, f.floorY + 0.16, 0])),
      ]),
      marks: onDash([cowlX - 0.56, dashY - 0.11, 0]),
    },
    {
      id: 'instruments',
      name: 'instruments',
      tone: 'black',
      watched: true,
      mesh: roundedBox([0.2, 0.1, 0.36], 0.04, poseAt([cowlX - 0.42, dashY - 0.01, f.wheel[2]])),
      marks: dials([cowlX - 0.52, dashY - 0.01, f.wheel[2]]),
    },
    {
      id: 'floor',
      name: 'floor',
      tone: 'black',
      mesh: roundedBox(
        [cowlX + 0.25 - shape.rearX, 0.04, shape.halfZ * 1.66],
        0.015,
        poseAt([(cowlX + 0.55 + shape.rearX) / 2, f.floorY - 0.02, 0]),
      ),
    },
    {
      id: 'seats',
      name: 'seats',
      tone: 'trim',
      mesh: mergeMeshes([carSeat(seat, f.seatBackDeg), carSeat(other, f.seatBackDeg)]),
    },
    { id: 'steeringWheel', name: 'steering wheel', tone: 'black', mesh: steeringWheel(f.wheel), on: 'steeringWheel' },
    ...wheels.parts,
  ];
  if (f.spareWheel) {
    const spare = roadWheel(f.wheelRadiusM, f.tyreWidthM, f.wheelRadiusM * 0.66, 6);
    const at = poseAt([shape.rearX - 0.16, shape.beltY - 0.12, -0.12], rotationAbout(UP, -90));
    parts.push(
      { id: 'spareTyre', name: 'spare wheel', tone: 'tyre', mesh: transformMesh(spare.tyre, at) },
      { id: 'spareRim', name: 'spare wheel rim', tone: 'metal', mesh: transformMesh(spare.rim, at) },
    );
  }
  return { parts, moving: [steeringMoving(f.wheel), ...wheels.moving] };
}

/** For a take: what the driver must not do, somebody beside does. */
export const PASSENGER_FILMS: BlueprintStance = {
  id: 'passenger-films',
  name: 'Passenger films',
  share: 0,
  note: 'for a take: straight on, the passenger holds a hand out over the knees',
};

/** The right hand held out ahead inside the car, at the height of the chest; the left one lies. */
const filming = (body: BodySegments, seat: Vec3): Posture['hands'] => {
  const k = body.statureM / 1.75;
  return { ...handsOnThighs(seat), right: placed(add(seat, [0.36 * k, 0.46 * k, 0.02]), [1, 0.15, 0.1]) };
};

/** Driver on the left and a passenger beside. */
export function carPeople(f: CarFigures, { body, stance }: Seat): readonly Occupant[] {
  const other: Vec3 = [f.seat[0], f.seat[1], -f.seat[2]];
  const sit = {
    leanDeg: -f.seatBackDeg * 0.8,
    feet: [0.76, f.floorY + 0.03 - f.seat[1], 0.13] as const,
    toesUpDeg: 32,
    gazeDeg: -1,
  };
  // Heads stay a little more upright than the car in a corner.
  const rollDeg = -(stance.rollDeg ?? 0) * 0.6;
  const films = stance.id === PASSENGER_FILMS.id;
  const beside = {
    ...seated(body, { ...sit, seat: other, hands: films ? filming(body, other) : handsOnThighs(other), rollDeg }),
    ...(films ? {} : { handsRest: true as const }),
  };
  return [
    {
      posture: seated(body, {
        ...sit,
        seat: f.seat,
        hands: handsOnWheel(f.wheel),
        elbowsOut: 0.3,
        rollDeg,
        feetSteer: true,
      }),
      hipsFree: false,
    },
    { posture: beside, hipsFree: false },
  ];
}

/** Steering that turns both front wheels; positive = to the left, seen from above. */
export const steered = (deg: number) => ({ frontRightSteer: deg, frontLeftSteer: deg, steeringWheel: deg * 6 });
