import { AHEAD, ORIGIN, UP } from '../../mathematics/geometry/vec3';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../mathematics/geometry/pose';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { MachineDefinition } from '../../words/carrier/machine';
import { estimated } from '../../words/sourced/estimated';
import type { MachineShake } from '../../words/carrier/machineShake';
import { axle, shakeShares } from './shakeFigures';
import type { WorldId } from '../../words/carrier/land';

/** A carrier's shape that the user brought along, already in the machine frame: +x ahead, +y up, metres, standing on y = 0. */
export interface OwnShape {
  /** Begins with "own-". */
  readonly id: string;
  readonly name: string;
  readonly world: WorldId;
  readonly parts: readonly { readonly id: string; readonly name: string; readonly mesh: Mesh }[];
}

const wheels = (frame: 'sprung' | 'with the wheel'): MachineShake['ride'] => ({
  kind: 'wheels',
  front: axle(frame, 0.6, [2, 1.2, 4], [14, 8, 25], [0.2, 0.1, 0.3], [0.3, 0.15, 0.5]),
  rear: axle(frame, -0.6, [2, 1.2, 4], [14, 8, 25], [0.2, 0.1, 0.3], [0.3, 0.15, 0.5]),
  trackM: null,
  contactM: estimated(0.1, 0.04, 0.2),
  middleHighM: estimated(0.5, 0.2, 0.8),
});

/** Nothing is known of an own shape but its world: wide estimates for something of a person's size. */
const ownShake = (ride: MachineShake['ride']): MachineShake => ({
  ride,
  ...shakeShares([0.4, 0.15, 0.8], [0.4, 0.15, 0.8], [0.5, 0.15, 1.5], 1.5),
  lines: [],
  flex: {},
  rider: null,
});
const OWN_SHAPE_SHAKE: Readonly<Record<WorldId, MachineShake>> = {
  trail: ownShake(wheels('sprung')),
  road: ownShake(wheels('sprung')),
  snow: ownShake({ kind: 'runner', lengthM: 1.2, chatterShare: estimated(0.1, 0.03, 0.3) }),
  water: ownShake({
    kind: 'float',
    lengthM: 3.5,
    heaveHz: estimated(1.1, 0.6, 2),
    dampingRatio: estimated(0.4, 0.2, 0.8),
    slapG: estimated(0.4, 0.1, 1),
  }),
  air: ownShake({ kind: 'wing', heaveS: estimated(0.4, 0.2, 0.8), chordM: 1, pitchHz: estimated(0.6, 0.3, 1.2) }),
};

/** A machine that has a shape and nothing else: nobody on board, nothing that moves; its spots are put by hand. */
export const shapeMachine = (shape: OwnShape): MachineDefinition => ({
  kind: 'machine',
  id: shape.id,
  name: shape.name,
  world: shape.world,
  family: 'own',
  wearing: [],
  usualSpeedMps: 8,
  shake: OWN_SHAPE_SHAKE[shape.world],
  working: shape.parts.slice(0, 1).map((p) => p.id),
  note: 'your own shape, read from a file',
  dimensions: [],
  stances: [
    { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'standing level: the level is read here' },
    { id: 'under-way', name: 'Under way', share: 1, note: 'as it stands' },
  ],
  actionStanceId: 'under-way',
  moving: () => [],
  spots: () => [],
  pose: () => ({
    parts: shape.parts.map(({ id, name, mesh }) => ({
      id,
      name,
      mesh,
      group: 'machine',
      tone: 'trim',
      worldFromPart: IDENTITY_POSE,
    })),
    posture: null,
    ground: { point: ORIGIN, normal: UP, ahead: AHEAD, world: shape.world },
    worldFromMachine: IDENTITY_POSE,
    viewpoint: { ...IDENTITY_POSE, position: [0, 1.2, 0] },
  }),
});
