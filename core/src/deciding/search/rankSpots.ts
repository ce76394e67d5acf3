import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { frameScore } from '../../judging/checks/frame/frameScore';
import { heightsInBand } from '../../posing/aiming/wantedHorizon';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { RigSpec } from '../../words/rig/rigSpec';
import { placedSpot, placedSpots } from '../../posing/rig/spots';
import { notOnThis } from '../../judging/scene/notOnThis';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { carrierScene } from '../../posing/scene/carrierScene';
import { kitWith } from '../../posing/lookup/kit';
import type { SetUp } from '../../words/setUp/setUp';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { plainSetUp, type CameraChoice } from '../../posing/strut/plainSetUp';

interface RankedSpot {
  readonly spotId: string;
  readonly name: string;
  readonly setUp: SetUp;
  /** Height at which the sky line was aimed, fraction from the top. */
  readonly horizonAt: number | null;
  readonly framed: FramedSetUp;
  /** 0 to 1, see frameScore. */
  readonly score: number;
}

/** Columns of the coarse frames that spots are compared by: worst error of a share 1.9 percentage points (docs/models.md). */
const COARSE_COLUMNS = 32;

/** Columns of the frames, in the action stance alone, that choose mode and height. */
const SCREEN_COLUMNS = 24;
/** What another mode or height must add to the score to be put in place of the one asked for. Estimate 0.01 to 0.05. */
const CLEARLY_BETTER = 0.02;

/** How many spots are looked at in all stances where only the best is wanted. Estimate 4 to 8. */
const LOOKED_AT_CLOSELY = 5;

/** Every spot with its plainest strut, aimed for the intent, best frame first. Same input, same order. */
export function rankSpots(
  spec: RigSpec,
  intent: IntentDefinition,
  camera: CameraChoice,
  actionStanceId: string,
): readonly RankedSpot[] {
  const asked = rankedFor(spec, intent, camera, actionStanceId);
  const ranked: RankedSpot[] = [];
  for (const spotId of asked.spotIds) {
    const steps = looked(asked, spotId);
    let step = steps.next();
    while (!step.done) step = steps.next();
    if (step.value) ranked.push(step.value);
  }
  return ranked.sort(bestFirst);
}

/**
 * The spot that shows an intent best, picture by picture for whoever wants to do something else between: each spot by one picture, and the first few
 * of them in all stances. Null where nothing shows it.
 */
export function* bestShownSteps(
  spec: RigSpec,
  intent: IntentDefinition,
  camera: CameraChoice,
  actionStanceId: string,
): Generator<void, RankedSpot | null> {
  const asked = rankedFor(spec, intent, camera, actionStanceId);
  const first: Tried[] = [];
  for (const spotId of asked.spotIds) {
    const tried = atFirstSight(asked, spotId);
    if (tried) first.push(tried);
    yield;
  }
  first.sort((a, b) => b.score - a.score || a.setUp.spotId.localeCompare(b.setUp.spotId));
  const best: RankedSpot[] = [];
  for (const { setUp } of first.slice(0, LOOKED_AT_CLOSELY)) {
    const found = yield* looked(asked, setUp.spotId);
    if (found) best.push(found);
  }
  return best.sort(bestFirst)[0] ?? null;
}

type Tried = Pick<RankedSpot, 'setUp' | 'horizonAt' | 'score'>;

/** What each spot is looked at for: by which modes and heights of the sky line. */
function rankedFor(spec: RigSpec, intent: IntentDefinition, camera: CameraChoice, actionStanceId: string) {
  const scene = carrierScene(spec, actionStanceId);
  const never = notOnThis(intent, resolveRig(spec).machine, scene) !== null;
  const [action] = scene.ridden;
  const holds = action ? [...action.rig.holds, ...action.rig.laid] : [];
  const free = never ? [] : placedSpots(spec).filter(({ spot }) => !holds.includes(spot.partId));
  return {
    ...{ spec, intent, camera, actionStanceId },
    modes: differentModes(spec, camera, intent),
    heights: intent.horizonBand ? heightsInBand(intent.horizonBand) : [null],
    spotIds: free.map(({ spot }) => spot.id),
  };
}
type RankedFor = ReturnType<typeof rankedFor>;

/** A spot's plainest strut with a mode, aimed so that the sky line stands as high, by its picture in the action stance. */
function tried(
  { spec, intent, camera, actionStanceId }: RankedFor,
  spotId: string,
  { modeId, horizonAt }: { readonly modeId: string; readonly horizonAt: number | null },
): Tried | null {
  const plain = plainSetUp(spec, spotId, { ...camera, modeId });
  const setUp = plain && aimedSetUp(spec, plain, intent, actionStanceId, horizonAt);
  if (!setUp) return null;
  const framed = frameSetUp(spec, setUp, actionStanceId, SCREEN_COLUMNS, actionStanceId);
  return { setUp, horizonAt, score: frameScore(framed, intent) };
}

/** By the first mode, the sky line in the middle of what is asked. */
function atFirstSight(asked: RankedFor, spotId: string): Tried | null {
  const [modeId] = asked.modes;
  const horizonAt = asked.heights[Math.floor(asked.heights.length / 2)] ?? null;
  return modeId === undefined ? null : tried(asked, spotId, { modeId, horizonAt });
}

/** A spot by its best mode and height, in all stances; null where no strut goes. */
function* looked(asked: RankedFor, spotId: string): Generator<void, RankedSpot | null> {
  const { spec, intent, actionStanceId } = asked;
  const tries: Tried[] = [];
  for (const modeId of asked.modes) {
    for (const horizonAt of asked.heights) {
      const one = tried(asked, spotId, { modeId, horizonAt });
      if (!one) continue;
      tries.push(one);
      yield;
    }
  }
  if (tries.length === 0) return null;
  // Another mode or height must be clearly better than the first.
  const { setUp, horizonAt } = tries.reduce((a, b) => (b.score > a.score + CLEARLY_BETTER ? b : a));
  const framed = frameSetUp(spec, setUp, actionStanceId, COARSE_COLUMNS);
  yield;
  const { name } = placedSpot(spec, spotId)!.spot;
  return { spotId, name, setUp, horizonAt, framed, score: frameScore(framed, intent) };
}

/** Nobody begins with a picture that stands on its head, whatever it shows. */
const bestFirst = (a: RankedSpot, b: RankedSpot): number =>
  Number(standsOnItsHead(a)) - Number(standsOnItsHead(b)) || b.score - a.score || a.spotId.localeCompare(b.spotId);

const standsOnItsHead = ({ framed }: RankedSpot): boolean =>
  framed.stances.some(({ stanceId, onItsHead }) => onItsHead && stanceId === framed.actionStanceId);

/** Modes of the camera that show something else, the chosen one first: two rates of one view count once. */
function differentModes(spec: RigSpec, { cameraId, modeId }: CameraChoice, intent: IntentDefinition): string[] {
  const all = kitWith(spec.ownKit).cameras.find((c) => c.id === cameraId)!.modes;
  // A whole sphere is no picture yet.
  const modes = all.filter((mode) => mode.lens.projection !== WHOLE_SPHERE && suitsIntent(mode, intent));
  const sorted = [...modes].sort((a, b) => Number(b.id === modeId) - Number(a.id === modeId));
  const view = ({ lens }: (typeof modes)[number]) =>
    JSON.stringify([lens.projection, lens.fovDeg, lens.fovAcross, (lens.widthPx / lens.heightPx).toFixed(2)]);
  return sorted.filter((mode, i) => sorted.findIndex((other) => view(other) === view(mode)) === i).map((m) => m.id);
}
