import { wingMesh, type WingSection } from '../../shapes/wing';
import { bySide, grip, RELAXED, seated, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { REDUCTION, shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'spanM',
    name: 'Wing, flat span',
    unit: 'm',
    standard: 11.2,
    low: 8.5,
    high: 12.5,
    step: 0.1,
    source: practice,
  },
  {
    id: 'chordM',
    name: 'Wing, middle chord',
    unit: 'm',
    standard: 2.75,
    low: 2.2,
    high: 3.2,
    step: 0.05,
    source: practice,
  },
  { id: 'linesM', name: 'Line height', unit: 'm', standard: 7.0, low: 6, high: 8, step: 0.1, source: practice },
  { id: 'cageM', name: 'Cage diameter', unit: 'm', standard: 1.42, low: 1.2, high: 1.55, step: 0.01, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin on the ground under the pilot standing with the engine on the back; the seat board is here. */
const SEAT: Vec3 = [0.02, 0.9, 0];
const HANG: Vec3 = [0.1, 1.42, 0.22];
const HUB: Vec3 = [-0.42, 1.3, 0];

/** Middle of the leading edge at a share of the half span, and the direction out of the upper surface. */
function arc(fit: Fit, s: number): { leading: Vec3; up: Vec3; chordM: number } {
  const half = value(fit, 'spanM') / 2;
  const radius = half * 0.92;
  const phi = (s * half) / radius;
  const top = HANG[1] + value(fit, 'linesM');
  const chordM = value(fit, 'chordM') * Math.sqrt(Math.max(0.02, 1 - Math.abs(s) ** 2.6));
  return {
    leading: [
      0.62 - (value(fit, 'chordM') - chordM) * 0.42,
      top - radius * (1 - Math.cos(phi)),
      radius * Math.sin(phi),
    ],
    up: [0, Math.cos(phi), Math.sin(phi)],
    chordM,
  };
}

function canopy(fit: Fit): Mesh {
  const cells = 34;
  return wingMesh(
    Array.from({ length: cells * 2 + 1 }, (_, i): WingSection => {
      const { leading, up, chordM } = arc(fit, (i / cells - 1) * 0.999);
      // Cells bulge between their ribs.
      return { leading, up, chordM, thickness: i % 2 === 0 ? 0.155 : 0.17, camber: 0.035, twistDeg: 3 };
    }),
  );
}

function lines(fit: Fit): Mesh {
  const all: Mesh[] = [];
  for (const side of [1, -1]) {
    const riser: Vec3 = [HANG[0] - 0.02, HANG[1] + 0.5, side * HANG[2]];
    all.push(rod([HANG[0], HANG[1], side * HANG[2]], riser, { radiusM: 0.008, flatness: 2, segments: 6 }));
    for (const s of [0.08, 0.24, 0.42, 0.6, 0.78, 0.93]) {
      const { leading, chordM } = arc(fit, side * s);
      for (const along of [0.1, 0.55, 0.97]) {
        all.push(
          rod(riser, [leading[0] - along * chordM, leading[1] - 0.04 * chordM, leading[2]], {
            radiusM: 0.0022,
            segments: 5,
          }),
        );
      }
    }
  }
  return mergeMeshes(all);
}

function engine(fit: Fit): { cage: Mesh; motor: Mesh; propeller: Mesh } {
  const r = value(fit, 'cageM') / 2;
  const ring = (x: number, radius: number) =>
    tube(
      Array.from({ length: 40 }, (_, i): Vec3 => {
        const a = (2 * Math.PI * i) / 40;
        return [x, HUB[1] + radius * Math.sin(a), radius * Math.cos(a)];
      }),
      { radiusM: 0.011, segments: 8, loop: true },
    );
  const spokes = Array.from({ length: 8 }, (_, i) => {
    const a = (2 * Math.PI * i) / 8 + 0.39;
    return rod([HUB[0] + 0.14, HUB[1], 0], [HUB[0] + 0.04, HUB[1] + r * Math.sin(a), r * Math.cos(a)], {
      radiusM: 0.008,
      segments: 8,
    });
  });
  const arms = [1, -1].map((side) =>
    rod([HUB[0] + 0.14, HUB[1] + 0.1, side * 0.2], [HANG[0], HANG[1], side * HANG[2]], {
      radiusM: 0.016,
      segments: 10,
    }),
  );
  const bladeAt = (angle: number) =>
    roundedBox(
      [0.02, 0.56, 0.11],
      0.009,
      poseAt(
        [HUB[0], HUB[1] + 0.3 * Math.cos(angle), 0.3 * Math.sin(angle)],
        rotationAbout(AHEAD, (angle * 180) / Math.PI),
      ),
    );
  return {
    cage: mergeMeshes([ring(HUB[0] + 0.04, r), ring(HUB[0] + 0.06, r * 0.55), ...spokes, ...arms]),
    motor: mergeMeshes([
      roundedBox([0.2, 0.26, 0.22], 0.05, poseAt([HUB[0] + 0.16, HUB[1] - 0.02, 0])),
      roundedBox([0.2, 0.28, 0.34], 0.06, poseAt([HUB[0] + 0.18, HUB[1] - 0.36, 0])),
      rod([HUB[0] + 0.1, HUB[1], 0], [HUB[0] - 0.04, HUB[1], 0], { radiusM: 0.04, segments: 14 }),
    ]),
    propeller: mergeMeshes([
      bladeAt(0.5),
      bladeAt(0.5 + Math.PI),
      rod([HUB[0] - 0.03, HUB[1], 0], [HUB[0] + 0.03, HUB[1], 0], { radiusM: 0.035, segments: 14 }),
    ]),
  };
}

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on level ground with the engine on your back, switched off: the level is read here',
  },
  {
    id: 'cruise',
    name: 'Cruise',
    share: 0.6,
    note: 'seated, hands on the brake handles',
    heightM: 180,
    state: { propeller: 40 },
  },
  {
    id: 'bank',
    name: 'Turn',
    share: 0.25,
    note: 'banked 28° to the right',
    heightM: 180,
    rollDeg: 28,
    state: { propeller: 100 },
  },
  {
    id: 'low',
    name: 'Low along the shore',
    share: 0.15,
    note: 'eight metres over the ground',
    heightM: 8,
    state: { propeller: -30 },
  },
];

const STEERED =
  'Nothing that a brake handle, a line or a riser can catch on: look through the whole reach of the arms.';
const PROPELLER = 'Whatever comes loose goes into the propeller: tether shorter than the way to it.';

export default machineFrom({
  id: 'paramotor',
  name: 'Paramotor',
  world: 'air',
  family: 'aircraft',
  traits: ['motor', 'open propeller', 'hangs from lines'],
  wearing: ['plain-body', 'half-shell-helmet'],
  noise: { name: 'engine and propeller', partId: 'propeller', db1m: estimated(99, 92, 106) },
  usualSpeedMps: 11,
  shake,
  working: ['canopy', 'propeller'],
  note: 'paraglider wing with an engine on the back',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const { cage, motor, propeller } = engine(fit);
    return {
      parts: [
        { id: 'canopy', name: 'wing', tone: 'sail', mesh: canopy(fit), aloft: true },
        { id: 'lines', name: 'lines and risers', tone: 'rope', mesh: lines(fit), aloft: true },
        { id: 'cage', name: 'cage', tone: 'metal', mesh: cage },
        { id: 'motor', name: 'engine', tone: 'black', mesh: motor },
        { id: 'propeller', name: 'propeller', tone: 'wood', mesh: propeller, on: 'propeller' },
        {
          id: 'harness',
          name: 'harness',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox([0.36, 0.05, 0.4], 0.02, poseAt([SEAT[0] + 0.02, SEAT[1] - 0.027, 0], rotationAbout(RIGHT, 12))),
            roundedBox([0.08, 0.5, 0.36], 0.03, poseAt([SEAT[0] - 0.21, SEAT[1] + 0.36, 0], rotationAbout(RIGHT, 8))),
          ]),
        },
      ],
      moving: [
        {
          id: 'propeller',
          name: 'propeller',
          kind: 'turn',
          at: HUB,
          axis: AHEAD,
          low: -180,
          high: 180,
          driven: { turns: 1 / REDUCTION, blades: 2 },
          source: practice,
        },
      ],
    };
  },
  occupants: ({ body, stance }) => {
    if (stance.id === SET_UP_STANCE_ID) {
      return [
        {
          posture: {
            ...UPRIGHT,
            hipCentre: [0.02, standingHipM(body), 0],
            hands: { left: RELAXED, right: RELAXED },
            feet: bySide((sign) => sole([0.12, 0, 0.14 * sign], [1, 0, 0.15 * sign])),
          },
          hipsFree: true,
        },
      ];
    }
    const k = body.statureM / 1.75;
    return [
      {
        posture: seated(body, {
          seat: SEAT,
          leanDeg: -14,
          feet: [0.62, -0.26, 0.13],
          toesUpDeg: 20,
          gazeDeg: -3,
          elbowsOut: 0.75,
          hands:
            stance.id === 'bank'
              ? {
                  left: grip([0.16, SEAT[1] + 0.86 * k, -0.3], [0, 0.15, -1]),
                  right: grip([0.14, SEAT[1] + 0.6 * k, 0.34], [0, 0.15, 1]),
                }
              : bySide((sign) => grip([0.16, SEAT[1] + 0.82 * k, 0.31 * sign], [0, 0.15, sign])),
        }),
        hipsFree: false,
      },
    ];
  },
  spots: (fit) => {
    const r = value(fit, 'cageM') / 2;
    return [
      {
        id: 'cage-top',
        name: 'Cage, over the shoulder',
        partId: 'cage',
        aim: { from: [HUB[0] + 0.04, HUB[1] + r * 0.78 + 0.4, r * 0.62], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.022, wallM: 0.0015 },
        cautions: [PROPELLER, STEERED],
        note: 'over the shoulder, pilot and country in one frame',
      },
      {
        id: 'harness-arm',
        name: 'Suspension arm, left',
        partId: 'cage',
        aim: { from: [-0.08, 2, -0.213], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.032, wallM: 0.002 },
        cautions: [STEERED, 'Keep the buckles, the reserve handle and the way out free.'],
        note: 'close to the shoulder, hands and country',
      },
      {
        id: 'line',
        name: 'Line, hung under the wing',
        partId: 'lines',
        aim: lineAim(fit),
        reference: [0, -1, 0],
        look: [0.35, -1, 0],
        surface: { material: 'rope', shape: 'line', tubeDiameterM: 0.0044 },
        cautions: [
          'Weight and drag on a line change how the wing flies: only what its maker and a licensed instructor agree to, tried high and alone.',
          STEERED,
        ],
        note: 'pilot from above with the ground far below',
      },
    ];
  },
});

/** From the side onto the middle of a front line on the left. */
function lineAim(fit: Fit): { from: Vec3; toward: Vec3 } {
  const { leading, chordM } = arc(fit, -0.24);
  const riser: Vec3 = [HANG[0] - 0.02, HANG[1] + 0.5, -HANG[2]];
  const end: Vec3 = [leading[0] - 0.1 * chordM, leading[1] - 0.04 * chordM, leading[2]];
  const at = (t: number): Vec3 => [
    riser[0] + (end[0] - riser[0]) * t,
    riser[1] + (end[1] - riser[1]) * t,
    riser[2] + (end[2] - riser[2]) * t,
  ];
  const p = at(0.5);
  return { from: [p[0] + 0.3, p[1], p[2]], toward: [-1, 0, 0] };
}
