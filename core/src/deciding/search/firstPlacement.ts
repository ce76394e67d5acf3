import { newAsk } from '../../words/shot/ask';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { SetUp } from '../../words/setUp/setUp';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { kitWith } from '../../posing/lookup/kit';
import { placedSpot } from '../../posing/rig/spots';
import { basesByHabit, plainOn, type CameraChoice } from '../../posing/strut/plainSetUp';
import { CHECKS } from '../../judging/checks';
import { frame } from '../../judging/checks/frame';
import { shotScene, type ShotScene } from '../../judging/scene/shotScene';
import { judgedBy } from './judgeStrut';
import { rankSpots } from './rankSpots';
import { searchJobs, type SearchQuestion } from './searchQuestion';
import { searchSpot } from './searchSpot';
import { isStopped, scoreOf } from './score';
import { weightsOf } from './weights';

interface Placement {
  readonly spotId: string;
  readonly setUp: SetUp;
  readonly horizonAt: number | null;
  readonly score: number;
  /** Whether a check stops it: then nothing plain was found that none does. */
  readonly stopped: boolean;
}

interface PlacementQuestion {
  readonly rig: RigSpec;
  readonly intent: IntentDefinition;
  readonly camera: CameraChoice;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
}

/** Bases that are tried at a place, the usual ones first. */
const BASES_TRIED = 3;
/** Columns of the pictures that placements are judged by. */
const COLUMNS = 32;
/** Looks and whole judgements that are spent where every plain strut is stopped. */
const MOST_LOOKS = 140;
const MOST_JUDGED = 36;
/** Plain struts that are looked at closely before others are tried. */
const MOST_SURE = 3;

/** The plainest strut at every spot, held against all checks: best first, those that a check stops behind those that none does. */
function placements(question: PlacementQuestion): readonly Placement[] {
  const { rig, intent, camera, actionStanceId } = question;
  return rankSpots(rig, intent, camera, actionStanceId)
    .map(({ spotId, setUp, horizonAt }) => judged(question, spotId, setUp, horizonAt))
    .sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId));
}

/**
 * Where a new shot begins: the best plain strut that no check stops; where each is stopped, the first of other cameras, modes, bases and levels of
 * stabiliser, place by place in turns, that none is; else what a hasty search finds, then one with arms; where that finds none
 * either, the best of all. Null where nothing shows anything of it.
 */
export function firstPlacement(question: PlacementQuestion): Placement | null {
  const plain = placements(question);
  const [best] = plain;
  if (!best) return null;
  const sure = plain
    .filter(({ stopped }) => !stopped)
    .slice(0, MOST_SURE)
    .find((place) => holdsUp(question, place));
  // On an arm people put what they have, or what sees all round.
  const reaching = ({ id, stitch }: CameraDefinition) => id === question.camera.cameraId || stitch !== undefined;
  return (
    sure ?? inTurns(question, plain) ?? searched(question, () => true, []) ?? searched(question, reaching, ARMS) ?? best
  );
}

/** The first of other views and bases that no check stops, place by place in turns, so that one does not take all the tries. */
function inTurns(question: PlacementQuestion, plain: readonly Placement[]): Placement | null {
  let open = plain.map((place) => ({ ...place, views: views(question, place.spotId) }));
  let [looks, whole] = [0, 0];
  while (open.length > 0) {
    const left: typeof open = [];
    for (const place of open) {
      const { value: view } = place.views.next();
      if (!view) continue;
      left.push(place);
      if (++looks > MOST_LOOKS) return null;
      const { spotId, horizonAt } = place;
      const aim = (setUp: SetUp) =>
        aimedSetUp(question.rig, setUp, question.intent, question.actionStanceId, horizonAt);
      const first = view[0] && aim(view[0]);
      if (!first || !showsIt(question, first, horizonAt)) continue;
      for (const setUp of view) {
        if (++whole > MOST_JUDGED) return null;
        const aimed = aim(setUp);
        const placed = aimed && judged(question, spotId, aimed, horizonAt);
        if (placed && !placed.stopped && holdsUp(question, placed)) return placed;
      }
    }
    open = left;
  }
  return null;
}

/** What gets a camera away from its place: to an arm's length, and as far as a pole reaches. */
const ARMS = ['long-arm', 'medium-pole'];
/** Of what a hasty search finds so many are looked at closely. */
const MOST_FOUND = 4;

/** The best that a hasty search of all places finds and no check stops. @param linkIds what may be between base and camera */
function searched(
  question: PlacementQuestion,
  withCamera: (camera: CameraDefinition) => boolean,
  linkIds: readonly string[],
): Placement | null {
  const { rig, intent, actionStanceId, ride } = question;
  const { cameras, bases, heads } = kitWith(rig.ownKit);
  const ask: SearchQuestion = {
    ask: { ...newAsk(intent.id, CARRIER), kit: 'anything' },
    carriers: [{ carrierId: CARRIER, rig, actionStanceId, ride, measured: {} }],
    pieceIds: [...[...cameras.filter(withCamera), ...bases, ...heads].map(({ id }) => id), ...linkIds],
  };
  const weights = weightsOf(ask.ask);
  const open = searchJobs(ask)
    .flatMap((job) => searchSpot(ask, job, { hasty: true }).candidates.filter((c) => !isStopped(c)))
    .map(({ spotId, setUp, horizonAt, terms, verdicts }) => ({
      spotId,
      setUp,
      horizonAt,
      score: scoreOf({ terms, verdicts }, weights),
      stopped: false,
    }))
    .sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId));
  return open.slice(0, MOST_FOUND).find((place) => holdsUp(question, place)) ?? null;
}

/** A search names its carriers. */
const CARRIER = 'carrier';

/** Whether none of the checks stops it once all is looked at as the bench does. */
const holdsUp = (question: PlacementQuestion, { setUp, horizonAt }: Placement): boolean =>
  !isStopped(judgedBy(CHECKS, sceneOf(question, setUp, horizonAt, {}), { all: true }));

const sceneOf = (
  { rig, intent, actionStanceId, ride }: PlacementQuestion,
  setUp: SetUp,
  horizonAt: number | null,
  options: Parameters<typeof shotScene>[1] = { columns: COLUMNS, coarse: true },
): ShotScene => shotScene({ rig, setUp, intentId: intent.id, actionStanceId, horizonAt, ride }, options);

/** Whether the picture is one that was asked for: looked at first, since the other checks take several times as long. */
function showsIt(question: PlacementQuestion, setUp: SetUp, horizonAt: number | null): boolean {
  const { verdict, rejection } = frame.searchTerm.judge(sceneOf(question, setUp, horizonAt));
  return verdict !== 'stop' && rejection === null;
}

function judged(question: PlacementQuestion, spotId: string, setUp: SetUp, horizonAt: number | null): Placement {
  const found = judgedBy(CHECKS, sceneOf(question, setUp, horizonAt), { all: true });
  const score = scoreOf(found, weightsOf(newAsk(question.intent.id, '')));
  return { spotId, setUp, horizonAt, score, stopped: isStopped(found) };
}

/** Modes of a camera that are tried: the usual one and those that see most and least. */
const modesTried = ({ modes }: CameraDefinition, intent: IntentDefinition): readonly CameraMode[] => {
  const suited = modes.filter((mode) => suitsIntent(mode, intent));
  const byWidth = [...suited].sort((a, b) => b.lens.fovDeg - a.lens.fovDeg);
  return [...new Set([suited[0], byWidth[0], byWidth.at(-1)])].flatMap((mode) => mode ?? []);
};

/** Cameras and modes, each with the bases that go there and the two best levels of its stabiliser: all of one view show about the same. */
function* views({ rig, camera, intent }: PlacementQuestion, spotId: string): Generator<readonly SetUp[]> {
  const kit = kitWith(rig.ownKit);
  const placed = placedSpot(rig, spotId);
  if (!placed) return;
  const bases = basesByHabit(kit.bases, placed.spot.surface);
  // The camera in hand, then the lightest first.
  const cameras = [...kit.cameras].sort(
    (a, b) => Number(b.id === camera.cameraId) - Number(a.id === camera.cameraId) || a.massKg.value - b.massKg.value,
  );
  for (const other of cameras) {
    const levels = intent.exposedS ? other.stabilisers.slice(0, 1) : [...other.stabilisers].reverse().slice(0, 2);
    for (const mode of modesTried(other, intent))
      yield levels.flatMap(({ id }) =>
        bases
          .slice(0, BASES_TRIED)
          .map((base) => plainOn(rig, placed, base, { cameraId: other.id, modeId: mode.id, stabiliserId: id })),
      );
  }
}
