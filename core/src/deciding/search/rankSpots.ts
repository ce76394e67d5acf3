import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { frameScore } from '../../judging/checks/frame/frameScore';
import { heightsInBand } from '../../posing/aiming/wantedHorizon';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import { frameSetUp } from '../../physics/framing/frameSetUp';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { RigSpec } from '../../words/rig/rigSpec';
import { placedSpots } from '../../posing/rig/spots';
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

/** Every spot with its plainest strut, aimed for the intent, best frame first. Same input, same order. */
export function rankSpots(
  spec: RigSpec,
  intent: IntentDefinition,
  camera: CameraChoice,
  actionStanceId: string,
): readonly RankedSpot[] {
  const steps = rankSteps(spec, intent, camera, actionStanceId);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The same picture by picture, each telling how many spots are left: for whoever wants to do something else between. */
export function* rankSteps(
  spec: RigSpec,
  intent: IntentDefinition,
  camera: CameraChoice,
  actionStanceId: string,
): Generator<number, readonly RankedSpot[]> {
  const scene = carrierScene(spec, actionStanceId);
  if (notOnThis(intent, resolveRig(spec).machine, scene)) return [];
  const [action] = scene.ridden;
  const holds = action ? [...action.rig.holds, ...action.rig.laid] : [];
  const modes = differentModes(spec, camera, intent);
  const heights = intent.horizonBand ? heightsInBand(intent.horizonBand) : [null];
  const free = placedSpots(spec).filter(({ spot }) => !holds.includes(spot.partId));
  const ranked: RankedSpot[] = [];
  for (const [done, { spot }] of free.entries()) {
    const tries: Pick<RankedSpot, 'setUp' | 'horizonAt' | 'score'>[] = [];
    for (const modeId of modes) {
      for (const horizonAt of heights) {
        const plain = plainSetUp(spec, spot.id, { ...camera, modeId });
        const setUp = plain && aimedSetUp(spec, plain, intent, actionStanceId, horizonAt);
        if (!setUp) continue;
        const framed = frameSetUp(spec, setUp, actionStanceId, SCREEN_COLUMNS, actionStanceId);
        tries.push({ setUp, horizonAt, score: frameScore(framed, intent) });
        yield free.length - done;
      }
    }
    if (tries.length === 0) continue;
    // Another mode or height must be clearly better than the first.
    const { setUp, horizonAt } = tries.reduce((a, b) => (b.score > a.score + CLEARLY_BETTER ? b : a));
    const framed = frameSetUp(spec, setUp, actionStanceId, COARSE_COLUMNS);
    ranked.push({ spotId: spot.id, name: spot.name, setUp, horizonAt, framed, score: frameScore(framed, intent) });
    yield free.length - done - 1;
  }
  return ranked.sort(
    (a, b) =>
      Number(standsOnItsHead(a)) - Number(standsOnItsHead(b)) || b.score - a.score || a.spotId.localeCompare(b.spotId),
  );
}

/** Nobody begins with a picture that stands on its head, whatever it shows. */
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
