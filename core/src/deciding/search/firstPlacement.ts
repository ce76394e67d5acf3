import { newAsk } from '../../words/shot/ask';
import type { OnlyIn } from '../../judging/check/candidate';
import type { RigSpec } from '../../words/rig/rigSpec';
import { litFor } from '../../words/shot/ownLight';
import type { RideConditions } from '../../words/ride/rideConditions';
import type { SetUp } from '../../words/setUp/setUp';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { sameFor } from '../../mathematics/caching/sameFor';
import type { MachineDefinition } from '../../words/carrier/machine';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { IntentDefinition } from '../../words/shot/intent';
import type { CameraDefinition } from '../../words/kit/camera';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import { placedSpots } from '../../posing/rig/spots';
import { kitWith } from '../../posing/lookup/kit';
import type { CameraChoice } from '../../posing/strut/plainSetUp';
import { CHECKS } from '../../judging/checks';
import { shotScene, type ShotScene } from '../../judging/scene/shotScene';
import { judgedBy } from './judgeStrut';
import { rankSpots } from './rankSpots';
import { asRidden } from './handFree';
import { searchJobs, type SearchQuestion } from './searchQuestion';
import { searchSpot } from './searchSpot';
import { isStopped, scoreOf } from './score';
import { weightsOf } from './weights';

interface Placement {
  readonly spotId: string;
  readonly setUp: SetUp;
  readonly horizonAt: number | null;
  readonly score: number;
  /** Whether a check stops it: then nothing was found that none does. */
  readonly stopped: boolean;
  readonly onlyIn: OnlyIn | null;
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
/** Struts that are looked at closely before others are tried. */
const MOST_SURE = 3;
/** What scores less is compared with what a hasty search finds. */
const WILL_DO = { any: 0.6, wholeCraft: 0.85 };
/** Spots that something is slid along, where all else failed. */
const MOST_SLID = 4;
/** A hasty search ends once it has found something at so many places. */
const ENOUGH = 2;
/** Behind the first place that gives something so many more are asked: the later ones show less. */
const AFTER_FIRST = 3;
/** What gets a camera away from its place: a pole where one is held as a whole, else an arm, a short one where a long one levers too much. */
const POLE = 'medium-pole';
const ARMS = ['long-arm', 'short-arm'] as const;

/**
 * Where a new shot begins: the best plain strut that no check stops; where each is stopped, shows little or is borne for minutes only, what a hasty search finds of all cameras and bases, on
 * poles, on arms, and slid along a part, the poles first where a craft is wanted whole; where that finds nothing either, the best of all. Null where nothing shows
 * anything of it.
 */
export function firstPlacement(asked: PlacementQuestion): Placement | null {
  const question = { ...asked, ride: litFor(asked.ride, asked.intent) };
  // A shape of one's own keeps its id when it is changed, and becomes another machine.
  const { machine } = resolveRig({ ...asked.rig, stanceShares: undefined });
  return placedOn(machine)(JSON.stringify(question), () => found(question));
}

/** The latest answers, by question. */
const placedOn = sameFor<MachineDefinition, ReturnType<typeof keepLatest<Placement | null>>>(() => keepLatest(24));

function found(question: PlacementQuestion): Placement | null {
  const plain = placements(question);
  const [best] = plain;
  if (!best) return null;
  const open = plain.filter(({ stopped }) => !stopped).slice(0, MOST_SURE);
  const inOrder = plain.map(({ spotId }) => spotId);
  // What is ridden with rain and knocks about it is filmed with what bears them; a phone or a gimbal where nothing else shows it.
  const tough = () => searched(question, inOrder, { reaching: bearsRain });
  const anyCamera = () => searched(question, inOrder, {});
  // On an arm people put what they have, or what sees all round.
  const reaching = ({ id, stitch }: CameraDefinition) => id === question.camera.cameraId || stitch !== undefined;
  const onPole = () => searched(question, inOrder, { reaching, linkIds: [POLE] });
  const onArm = () => searched(question, inOrder, { reaching, linkIds: ARMS });
  const slid = () => searched(question, inOrder, { reaching: bearsRain, slides: true });
  const whole = question.intent.wants.some(({ ends }) => ends !== undefined);
  const sure = open.find((place) => holdsUp(question, place));
  const enough = whole ? WILL_DO.wholeCraft : WILL_DO.any;
  if (sure && sure.score >= enough && !forMinutes(question, sure)) return sure;
  for (const search of whole ? [onPole, tough, onArm, slid] : [tough, onArm, slid, onPole]) {
    const better = search();
    if (better && better.score > (sure?.score ?? 0)) return better;
  }
  return sure ?? anyCamera() ?? best;
}

/** Teeth and an outstretched hand come first only where nothing better is found. */
const forMinutes = ({ rig }: PlacementQuestion, { setUp }: Placement): boolean =>
  kitWith(rig.ownKit).bases.find(({ id }) => id === setUp.baseId)?.forMinutes === true;

const bearsRain = ({ lasting }: CameraDefinition): boolean => lasting.water === 'dips' || lasting.water === 'rain';

/** The plainest strut at every spot, held against all checks: best first, those that a check stops behind those that none does. */
function placements(question: PlacementQuestion): readonly Placement[] {
  const { rig, intent, camera, actionStanceId } = question;
  return rankSpots(rig, intent, camera, actionStanceId)
    .map(({ spotId, setUp, horizonAt }) => judged(question, spotId, setUp, horizonAt))
    .sort((a, b) => b.score - a.score || a.spotId.localeCompare(b.spotId));
}

/**
 * The best that a hasty search finds at the first places where it finds anything that no check stops.
 * @param inOrder spots that are looked at first @param linkIds what may be between base and camera; a pole only where a base holds it as one piece
 */
function searched(
  question: PlacementQuestion,
  inOrder: readonly string[],
  {
    reaching = () => true,
    linkIds = [],
    slides = false,
  }: {
    readonly reaching?: (camera: CameraDefinition) => boolean;
    readonly linkIds?: readonly string[];
    readonly slides?: boolean;
  },
): Placement | null {
  const { rig, intent, actionStanceId, ride } = question;
  const { cameras, bases, heads } = kitWith(rig.ownKit);
  const holding = linkIds.includes(POLE) ? bases.filter(({ holdsPole }) => holdsPole) : bases;
  const takes = new Set(
    placedSpots(rig).flatMap(({ spot }) =>
      (!slides || spot.zone) && holding.some((base) => baseRefusal(base, spot.surface) === null) ? [spot.id] : [],
    ),
  );
  const ask: SearchQuestion = {
    ask: { ...newAsk(intent.id, CARRIER), kit: 'anything' },
    carriers: [{ carrierId: CARRIER, rig, actionStanceId, ride, measured: {} }],
    pieceIds: [...[...cameras.filter(reaching), ...holding, ...heads].map(({ id }) => id), ...linkIds],
  };
  const weights = weightsOf(ask.ask);
  const rank = ({ spotId }: { spotId: string }) => (inOrder.indexOf(spotId) + 1 || inOrder.length + 1) - 1;
  const found: Placement[] = [];
  let after = 0;
  const jobs = searchJobs(ask)
    .filter(({ spotId }) => takes.has(spotId))
    .sort((a, b) => rank(a) - rank(b));
  for (const job of slides ? jobs.slice(0, MOST_SLID) : jobs) {
    const place = searchSpot(ask, job, { hasty: slides ? 'sliding' : linkIds.length > 0 ? 'reaching' : 'plain' })
      .candidates.filter((candidate) => !isStopped(candidate))
      .map(({ spotId, setUp, horizonAt, onlyIn, terms, verdicts }): Placement => ({
        spotId,
        setUp,
        horizonAt,
        score: scoreOf({ terms, verdicts }, weights),
        stopped: false,
        onlyIn,
      }))
      .find((candidate) => holdsUp(question, candidate));
    if (place) found.push(place);
    if (found.length > 0) after++;
    if (found.length >= ENOUGH || after > AFTER_FIRST) break;
  }
  return found.sort((a, b) => b.score - a.score)[0] ?? null;
}

/** A search names its carriers. */
const CARRIER = 'carrier';

/** Whether none of the checks stops it once all is looked at as the bench does. */
const holdsUp = (question: PlacementQuestion, place: Placement): boolean =>
  !isStopped(judgedBy(CHECKS, sceneOf(question, place, {}), { all: true }));

const sceneOf = (
  question: PlacementQuestion,
  { setUp, horizonAt, onlyIn }: Pick<Placement, 'setUp' | 'horizonAt' | 'onlyIn'>,
  options: Parameters<typeof shotScene>[1] = { columns: COLUMNS, coarse: true },
): ShotScene => {
  const { rig, intent, actionStanceId, ride } = asRidden(question, onlyIn);
  return shotScene({ rig, setUp, intentId: intent.id, actionStanceId, horizonAt, ride }, options);
};

function judged(question: PlacementQuestion, spotId: string, setUp: SetUp, horizonAt: number | null): Placement {
  const found = judgedBy(CHECKS, sceneOf(question, { setUp, horizonAt, onlyIn: null }), { all: true });
  const score = scoreOf(found, weightsOf(newAsk(question.intent.id, '')));
  return { spotId, setUp, horizonAt, score, stopped: isStopped(found), onlyIn: null };
}
