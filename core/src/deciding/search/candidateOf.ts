import type { ShotScene } from '../../judging/scene/shotScene';
import type { CheckId, Verdict } from '../../words/check/result';
import { heightAboveGround } from '../../posing/rig/groundHit';
import { distance } from '../../mathematics/geometry/vec3';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { turnedAfterwards } from '../../posing/strut/kinematics';
import type { SetUp } from '../../words/setUp/setUp';
import { TERM_IDS } from '../../words/shot/ask';
import type { Candidate, CandidateFacts, PlaceKind, Term } from '../../judging/check/candidate';
import { plainFigures } from './plainTerms';

/** What was found of a strut. */
export interface FoundOfStrut {
  readonly terms: readonly Term[];
  readonly facts: Partial<CandidateFacts>;
  readonly verdicts: Readonly<Record<CheckId, Verdict>>;
}

export function candidateOf(
  { carrierId, onlyIn }: Pick<Candidate, 'carrierId' | 'onlyIn'>,
  scene: ShotScene,
  { terms, facts, verdicts }: FoundOfStrut,
): Candidate {
  const { resolved, pose, zone, machine, carrier, question } = scene;
  const { setUp, placed, camera, base, links, lens } = resolved;
  const { family } = machine;
  const placeKind: PlaceKind =
    zone === 'head' ? 'head' : zone !== null ? 'body' : family === 'beside' ? 'beside' : 'machine';
  const ahead = pose.worldFromCamera.rotation;
  return {
    id: `${carrierId}/${idOf(setUp)}`,
    carrierId,
    spotId: setUp.spotId,
    spotName: placed.spot.name,
    placeKind,
    setUp,
    horizonAt: question.horizonAt,
    onlyIn,
    terms: [...terms].sort((a, b) => orderOf(a) - orderOf(b)),
    facts: {
      shares: {},
      speedFeel: null,
      slopeShown: null,
      inSeam: [],
      unsteadiness: null,
      ...plainFigures(resolved),
      cameraName: camera.name,
      modeName: resolved.mode.name,
      stabiliserName: resolved.stabiliser.name,
      baseName: base.name,
      linkNames: links.map((l) => l.definition.name),
      ...(turnedAfterwards(resolved) ? { viewAfterwards: true as const } : {}),
      damped: links.some((l) => l.definition.kind === 'damper'),
      horizontalFovDeg: fieldOfViewDeg(lens, 'horizontal'),
      heightM: heightAboveGround(carrier.ridden[0]!.rig.ground, pose.worldFromCamera.position),
      viewDeg: Math.round((Math.atan2(ahead[6], ahead[0]) * 180) / Math.PI),
      outM: distance(pose.worldFromSpot.position, pose.worldFromCamera.position),
      ...facts,
    },
    verdicts,
    exact: scene.sightlines === null,
  };
}

/** As they are weighed; a check's own terms after them. */
const orderOf = ({ id }: Term): number => {
  const place = TERM_IDS.findIndex((known) => known === id);
  return place < 0 ? TERM_IDS.length : place;
};

const ids = new WeakMap<SetUp, string>();

/** Everything that a strut is made of and how it is set, in one line; kept with the set-up, since ties are ordered by it. */
export function idOf(setUp: SetUp): string {
  const known = ids.get(setUp);
  if (known !== undefined) return known;
  const made = wordsOf(setUp).join('/');
  ids.set(setUp, made);
  return made;
}

const wordsOf = (setUp: SetUp): readonly string[] => [
  setUp.spotId,
  ...(setUp.slideM ? [`slid:${setUp.slideM}`] : []),
  setUp.baseId,
  ...setUp.links.map((l) => `${l.linkId}:${l.lengthM}:${l.bendDeg}:${l.turnDeg}`),
  ...(setUp.furtherArms ?? []).map((arm) => JSON.stringify(arm)),
  setUp.headId,
  setUp.cameraId,
  setUp.modeId,
  setUp.stabiliserId,
  setUp.mounting,
  ...[setUp.angles.panDeg, setUp.angles.tiltDeg, setUp.angles.rollDeg].map((deg) => deg.toFixed(1)),
];
