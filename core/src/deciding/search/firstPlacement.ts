import { newAsk } from '../../words/shot/ask';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { SetUp } from '../../words/setUp/setUp';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { kitWith } from '../../posing/lookup/kit';
import { placedSpots } from '../../posing/rig/spots';
import { basesByHabit, plainOn, type CameraChoice } from '../../posing/strut/plainSetUp';
import { CHECKS } from '../../judging/checks';
import { shotScene } from '../../judging/scene/shotScene';
import { judgedBy } from './judgeStrut';
import { rankSpots } from './rankSpots';
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

/** Columns of the pictures that placements are judged by. */
const COLUMNS = 32;
/** Places whose other bases and cameras are tried where every plain strut is stopped, and tries in all. */
const TRIED_AGAIN = 5;
const MOST_TRIES = 60;

/** The plainest strut at every spot, held against all checks: best first, those that a check stops behind those that none does. */
function placements(question: PlacementQuestion): readonly Placement[] {
  const { rig, intent, camera, actionStanceId } = question;
  return rankSpots(rig, intent, camera, actionStanceId)
    .map(({ spotId, setUp, horizonAt }) => judged(question, spotId, setUp, horizonAt))
    .sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId));
}

/**
 * Where a new shot begins: the best plain strut that no check stops; where each is stopped, the first of other bases, cameras and levels of
 * stabiliser at the best places that none is; where there is none either, the best of all. Null where nothing shows anything of it.
 */
export function firstPlacement(question: PlacementQuestion): Placement | null {
  const plain = placements(question);
  const [best] = plain;
  if (!best?.stopped) return best ?? null;
  // In turns, so that one place does not take all the tries.
  let open = plain.slice(0, TRIED_AGAIN).map((place) => ({ ...place, others: variations(question, place.spotId) }));
  let tries = 0;
  while (open.length > 0 && tries < MOST_TRIES) {
    const left: typeof open = [];
    for (const place of open) {
      const { value: setUp } = place.others.next();
      if (!setUp) continue;
      left.push(place);
      tries++;
      const { spotId, horizonAt } = place;
      const aimed = aimedSetUp(question.rig, setUp, question.intent, question.actionStanceId, horizonAt);
      const placed = aimed && judged(question, spotId, aimed, horizonAt);
      if (placed && !placed.stopped) return placed;
    }
    open = left;
  }
  return best;
}

function judged(
  { rig, intent, actionStanceId, ride }: PlacementQuestion,
  spotId: string,
  setUp: SetUp,
  horizonAt: number | null,
): Placement {
  const asked = { rig, setUp, intentId: intent.id, actionStanceId, horizonAt, ride };
  const found = judgedBy(CHECKS, shotScene(asked, { columns: COLUMNS, coarse: true }), { all: true });
  const score = scoreOf(found, weightsOf(newAsk(intent.id, '')));
  return { spotId, setUp, horizonAt, score, stopped: isStopped(found) };
}

/** Modes of a camera that are tried: the usual one and those that see most and least. */
const modesTried = ({ modes }: CameraDefinition, intent: IntentDefinition): readonly CameraMode[] => {
  const suited = modes.filter((mode) => suitsIntent(mode, intent));
  const byWidth = [...suited].sort((a, b) => b.lens.fovDeg - a.lens.fovDeg);
  return [...new Set([suited[0], byWidth[0], byWidth.at(-1)])].flatMap((mode) => mode ?? []);
};

/** Every camera of the kit on every base that goes there, steadied as well as it can be. */
function* variations({ rig, camera, intent }: PlacementQuestion, spotId: string): Generator<SetUp> {
  const kit = kitWith(rig.ownKit);
  const placed = placedSpots(rig).find((p) => p.spot.id === spotId);
  if (!placed) return;
  const cameras = [...kit.cameras].sort((a, b) => Number(b.id === camera.cameraId) - Number(a.id === camera.cameraId));
  for (const other of cameras) {
    for (const base of basesByHabit(kit.bases, placed.spot.surface)) {
      const levels = intent.exposedS ? other.stabilisers.slice(0, 1) : [...other.stabilisers].reverse().slice(0, 2);
      for (const mode of modesTried(other, intent))
        for (const { id } of levels)
          yield plainOn(rig, placed, base, { cameraId: other.id, modeId: mode.id, stabiliserId: id });
    }
  }
}
