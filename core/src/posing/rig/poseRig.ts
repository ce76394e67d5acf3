import { bodySegments } from '../body/segments';
import { poseBody } from '../body/posture';
import type { PosedBody, ReachProblem } from '../../words/carrier/posture';
import { riderParts } from '../body/riderParts';
import type { Pose } from '../../mathematics/geometry/pose';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { resolveRig } from '../lookup/resolveRig';
import type { LearntTurn, RigSpec, SubjectSpec } from '../../words/rig/rigSpec';
import { SIDES, type Posture } from '../../words/carrier/posture';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { subjectParts } from './subject';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';

/** Machine, rider and what is worn, in one stance. */
export interface PosedRig {
  readonly stanceId: string;
  readonly parts: readonly PosedPart[];
  readonly byId: ReadonlyMap<string, PosedPart>;
  readonly ground: Ground;
  /** Between the rider's eyes, looking along the gaze; null where nobody is on board. */
  readonly eyes: Pose | null;
  readonly body: PosedBody | null;
  /** Ids of the filmer's parts that hold on to something, work a pedal or paddle: no places for a camera. */
  readonly holds: readonly string[];
  /** Ids of hands of others on board that lie still: no places for a camera until they are held out. */
  readonly laid: readonly string[];
  readonly worldFromMachine: Pose;
  /** How cameras were found to stand on it under way; nothing in the set-up stance, where the level is read. */
  readonly learnt: readonly LearntTurn[];
  /** Contacts that this rider cannot reach on this machine. */
  readonly problems: readonly ReachProblem[];
}

const latest = keepLatest<PosedRig>(60);
const posedKey = keyOf((spec: RigSpec) => ({ ...spec, ownSpots: undefined, ownKit: undefined }));

/** Poses everything; the same spec and stance give the same object while it is among the last few asked for. */
export const poseRig = (spec: RigSpec, stanceId: string): PosedRig =>
  latest(`${stanceId} ${posedKey(spec)}`, () => buildRig(spec, stanceId));

/** Beside the course the land follows whoever passes: their kind of ground, along their line. */
function courseOf({ machineId, distanceM }: SubjectSpec, ground: Ground): Ground {
  const { world } = resolveRig({ machineId, fit: {}, wornIds: [], statureM: 1.75 }).machine;
  return {
    ...ground,
    point: [distanceM, ground.point[1], 0],
    ahead: [0, 0, 1],
    world: world === 'air' ? ground.world : world,
  };
}

/** Ids of the filmer's hands. */
export const HANDS = { left: 'handLeft', right: 'handRight' } as const;

const FEET = { left: 'shoeLeft', right: 'shoeRight' } as const;

const holding = ({ hands, handsWork, feetSteer }: Posture): readonly string[] => [
  ...SIDES.filter((side) => handsWork || hands[side].kind === 'grip').map((side) => HANDS[side]),
  ...(feetSteer ? SIDES.map((side) => FEET[side]) : []),
];

function buildRig(spec: RigSpec, stanceId: string): PosedRig {
  const { machine, worn, fit } = resolveRig(spec);
  const segments = bodySegments(spec.statureM);
  const posed = machine.pose(fit, segments, stanceId);
  const body = posed.posture && poseBody(segments, posed.posture);
  const crew = spec.alone ? [] : (posed.crew ?? []);
  const byId = new Map<string, PosedPart>(posed.parts.map((part) => [part.id, part]));
  const people = [
    ...(body ? [{ prefix: '', body }] : []),
    ...crew.map(({ prefix, posture }) => ({ prefix, body: poseBody(segments, posture) })),
  ];
  for (const person of people) {
    for (const part of riderParts(segments, person.body, person.prefix)) byId.set(part.id, part);
    for (const definition of worn) {
      // Spots are the filmer's; others wear the same on the head only.
      if (person.prefix !== '' && definition.place !== 'head') continue;
      for (const { on, ...part } of definition.parts(segments)) {
        const carrier = byId.get(person.prefix + on);
        if (!carrier) throw new RangeError(`poseRig: "${definition.id}" sits on a part "${on}" that the rider lacks`);
        const id = person.prefix + part.id;
        byId.set(id, { ...part, id, worldFromPart: carrier.worldFromPart });
      }
    }
  }
  if (spec.subject) {
    for (const part of subjectParts(spec.subject, posed.ground, machine.passing?.[stanceId] ?? null)) {
      byId.set(part.id, part);
    }
  }
  return {
    stanceId,
    parts: [...byId.values()],
    byId,
    ground: spec.subject && machine.passing ? courseOf(spec.subject, posed.ground) : posed.ground,
    eyes: body?.eyes ?? posed.viewpoint ?? null,
    body,
    holds: posed.posture ? holding(posed.posture) : [],
    laid: crew.flatMap(({ prefix, posture }) => (posture.handsRest ? SIDES.map((side) => prefix + HANDS[side]) : [])),
    worldFromMachine: posed.worldFromMachine,
    learnt: stanceId === SET_UP_STANCE_ID ? [] : (spec.learnt ?? []),
    problems: people.flatMap((person) => person.body.problems),
  };
}
