import type { CandidateScene } from '../../judging/checks/searchCheck';
import { heightAboveGround } from '../../posing/rig/groundHit';
import { distance } from '../../mathematics/geometry/vec3';
import { fieldOfViewDeg } from '../../mathematics/lens/lens';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { SetUp } from '../../words/setUp/setUp';
import { TERM_IDS } from '../../words/shot/ask';
import type { Candidate, CandidateFacts, PlaceKind, Term } from '../../judging/checks/candidate';
import { plainFigures } from './plainTerms';

export function candidateOf(
  { carrier, resolved, pose, zone, sightlines }: CandidateScene,
  horizonAt: number | null,
  terms: readonly Term[],
  facts: Partial<CandidateFacts>,
  exact: boolean,
): Candidate {
  const { setUp, placed, camera, base, links, lens } = resolved;
  const { family } = resolveRig(carrier.rig).machine;
  const placeKind: PlaceKind =
    zone === 'head' ? 'head' : zone !== null ? 'body' : family === 'beside' ? 'beside' : 'machine';
  const ahead = pose.worldFromCamera.rotation;
  return {
    id: `${carrier.carrierId}/${idOf(setUp)}`,
    carrierId: carrier.carrierId,
    spotId: setUp.spotId,
    spotName: placed.spot.name,
    placeKind,
    setUp,
    horizonAt,
    terms: [...terms].sort((a, b) => TERM_IDS.indexOf(a.id) - TERM_IDS.indexOf(b.id)),
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
      damped: links.some((l) => l.definition.kind === 'damper'),
      horizontalFovDeg: fieldOfViewDeg(lens, 'horizontal'),
      heightM: heightAboveGround(sightlines.scene.ridden[0]!.rig.ground, pose.worldFromCamera.position),
      viewDeg: Math.round((Math.atan2(ahead[6], ahead[0]) * 180) / Math.PI),
      outM: distance(pose.worldFromSpot.position, pose.worldFromCamera.position),
      ...facts,
    },
    exact,
  };
}

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
  setUp.baseId,
  ...setUp.links.map((l) => `${l.linkId}:${l.lengthM}:${l.bendDeg}:${l.turnDeg}`),
  setUp.headId,
  setUp.cameraId,
  setUp.modeId,
  setUp.stabiliserId,
  setUp.mounting,
  ...[setUp.angles.panDeg, setUp.angles.tiltDeg, setUp.angles.rollDeg].map((deg) => deg.toFixed(1)),
];
