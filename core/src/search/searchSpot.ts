import { heightsInBand, type IntentDefinition } from '../checks/intent';
import { frameScore } from '../checks/frame/frameCheck';
import { SEARCH_CHECKS } from '../checks/searchChecks';
import type { CandidateScene, SearchCheck } from '../checks/searchCheck';
import { carrierScene, type CarrierScene } from '../evaluation/carrierScene';
import { coarseFramed, coarseStance, sightlinesFrom, type Sightlines } from '../evaluation/sightlines';
import type { FramedSetUp } from '../evaluation/evaluateSetUp';
import {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
} from '../geometry/rotation';
import { spotZone } from '../rig/spotZone';
import { placedSpots } from '../rig/spots';
import { baseRefusal } from '../strut/baseRefusal';
import type { BaseDefinition, CameraDefinition, CameraMode } from '../strut/definitions';
import { kitWith } from '../strut/kit';
import { poseStrut } from '../strut/kinematics';
import { nearestNotch } from '../strut/notches';
import { resolveSetUp, type ResolvedSetUp } from '../strut/resolveSetUp';
import type { LinkUse, SetUp } from '../strut/setUp';
import { stanceChange } from '../strut/solveAngles';
import { askedIntent, weightsOf, type Ask } from './ask';
import { candidateOf, idOf } from './candidateOf';
import type { Candidate, CandidateFacts, Rejection, SpotResult, Term } from './candidate';
import { placesWith, softLinks } from './places';
import { plainTerms } from './plainTerms';
import { scoreOf } from './score';
import { searchedCarrier, type SearchedCarrier, type SearchJob, type SearchQuestion } from './searchQuestion';
import { aimedSetUp, basesByHabit } from './startingSetUp';

/** How far each round goes; found by npm run bench -- search so that nothing good is lost and it stays quick (docs/performance.md). */
const KEPT = {
  /** Places at a spot that go on after a look in the action stance. */
  places: 7,
  /** Views of each camera at a place that are looked at in all stances. */
  viewsPerCamera: 3,
  /** Struts of a spot that the dear checks see. */
  judged: 24,
  /** Of these, with soft pieces as well. */
  softened: 4,
  /** Bases that the first of them are tried on, and how many those are. */
  bases: 3,
  onEveryBase: 8,
  /** Handed back. */
  candidates: 24,
} as const;

export interface SearchOptions {
  /** Leaves nothing out: every place and view goes through every round. For tests; slow. */
  readonly exhaustive?: boolean;
}

interface Spotted {
  readonly question: SearchQuestion;
  readonly carrier: SearchedCarrier;
  readonly scene: CarrierScene;
  readonly intent: IntentDefinition;
  readonly kept: { readonly [K in keyof typeof KEPT]: number };
}

/** A picture that shows something of what is asked. */
interface Sketch {
  readonly sightlines: Sightlines;
  readonly resolved: ResolvedSetUp;
  readonly horizonAt: number | null;
  readonly score: number;
}

/** All that one spot gives for an ask. Same input, same result, whatever else was searched before. */
export function searchSpot(question: SearchQuestion, job: SearchJob, options: SearchOptions = {}): SpotResult {
  const carrier = searchedCarrier(question, job.carrierId);
  const { rig } = carrier;
  const spot = placedSpots(rig).find((p) => p.spot.id === job.spotId)?.spot;
  if (!spot) throw new RangeError(`searchSpot: no spot "${job.spotId}" on carrier "${job.carrierId}"`);
  const kept = options.exhaustive
    ? {
        ...KEPT,
        places: Infinity,
        viewsPerCamera: Infinity,
        judged: Infinity,
        onEveryBase: Infinity,
        candidates: Infinity,
      }
    : KEPT;
  const spotted: Spotted = {
    question,
    carrier,
    scene: carrierScene(rig, carrier.actionStanceId),
    intent: askedIntent(question.ask),
    kept,
  };
  const rejections = new Map<string, Rejection & { times: number }>();
  const reject = (rejection: Rejection) => {
    const known = rejections.get(rejection.because);
    if (known) known.times++;
    else rejections.set(rejection.because, { ...rejection, times: 1 });
  };
  const head = { carrierId: job.carrierId, spotId: spot.id, spotName: spot.name };
  const done = (tried: number, inAllStances: number, candidates: readonly Candidate[]): SpotResult => ({
    ...head,
    tried,
    inAllStances,
    candidates,
    rejections: [...rejections.values()].sort((a, b) => b.times - a.times || a.because.localeCompare(b.because)),
  });

  const kit = kitWith(rig.ownKit);
  const inKit = <Item extends { readonly id: string }>(items: readonly Item[]) =>
    items.filter((item) => question.pieceIds.includes(item.id));
  const bases = basesByHabit(inKit(kit.bases), spot.surface).slice(0, KEPT.bases);
  for (const base of inKit(kit.bases)) {
    const refusal = baseRefusal(base, spot.surface);
    if (refusal) reject({ check: 'fits', because: `${base.name}: ${refusal}`, mend: insteadOf(bases) });
  }
  const cameras = inKit(kit.cameras);
  if (bases.length === 0 || cameras.length === 0) {
    const lacks = bases.length === 0 ? 'no base in the kit goes on it' : 'no camera in the kit';
    reject({ check: 'fits', because: lacks, mend: 'look through everything, not the box alone' });
    return done(0, 0, []);
  }

  const count = { tried: 0, inAllStances: 0 };
  const places = placesWith(inKit(kit.links)).filter((links) => {
    let first: Rejection | null = null;
    for (const base of bases) {
      const stop = stopAtPlace(spotted, spot.id, base, links, lightest(cameras));
      if (!stop) return true;
      first ??= stop;
    }
    reject(first!);
    return false;
  });
  const sketches = sketch(spotted, spot.id, bases[0]!, cameras, places, count);
  if (sketches.length === 0) {
    reject({ check: 'frame', because: 'no tilt or turn of its joints shows what is asked', mend: null });
    return done(count.tried, count.inAllStances, []);
  }
  const judged: Candidate[] = [];
  const judge = (s: Sketch & { framed: FramedSetUp }, setUp: SetUp) => {
    const candidate = judgeOne(spotted, s, setUp, reject);
    if (candidate) judged.push(candidate);
  };
  const framed = sketches.map((s) => ({ ...s, framed: framedInAll(s, false) }));
  count.inAllStances += framed.length;
  const best = mixed(
    framed
      .map((s) => ({ ...s, score: frameScore(s.framed, spotted.intent) }))
      .sort((a, b) => b.score - a.score || idOf(a.resolved.setUp).localeCompare(idOf(b.resolved.setUp))),
    (s) => s.resolved.camera.id,
    kept.judged,
  );
  const soft = softLinks(inKit(kit.links));
  best.forEach((sketched, rank) => {
    const s = { ...sketched, framed: framedInAll(sketched, true) };
    const { setUp } = s.resolved;
    // Behind the first few another base would not bring them forward.
    for (const base of rank < kept.onEveryBase ? bases : bases.slice(0, 1)) judge(s, { ...setUp, baseId: base.id });
    if (rank >= KEPT.softened) return;
    for (const piece of soft) judge(s, { ...setUp, links: [...setUp.links, piece] });
  });
  count.tried += judged.length;
  // By the usual weights, so that other weights need no other search.
  const weights = weightsOf({ ...question.ask, weights: {} });
  const ranked = judged.sort(
    (a, b) => scoreOf(b.terms, weights) - scoreOf(a.terms, weights) || a.id.localeCompare(b.id),
  );
  return done(count.tried, count.inAllStances, ranked.slice(0, kept.candidates));
}

const lightest = (cameras: readonly CameraDefinition[]): CameraDefinition =>
  cameras.reduce((a, b) => (b.massKg.value < a.massKg.value ? b : a));

/** What stops every camera at a place, the lightest held against it. */
function stopAtPlace(
  spotted: Spotted,
  spotId: string,
  base: BaseDefinition,
  links: readonly LinkUse[],
  camera: CameraDefinition,
): Rejection | null {
  const { carrier, question, intent, scene } = spotted;
  const [view] = viewsOf(camera, { ...question.ask, format: 'wide' });
  const resolved = resolveSetUp(carrier.rig, plainAt(spotted, spotId, base, links, view!));
  const pose = poseStrut(resolved, scene.setUpRig, scene.ridden[0]!.rig);
  const zone = spotZone(carrier.rig, resolved.placed.spot);
  for (const { atPlace } of SEARCH_CHECKS) {
    const stop = atPlace?.({ carrier, ask: question.ask, intent, resolved, pose, zone, shaken: null });
    if (stop) return stop;
  }
  return null;
}

const insteadOf = ([base]: readonly BaseDefinition[]): string | null => (base ? `${base.name} goes on it` : null);

/** The best of each kind in turn, so that one camera doesn't take every place. Order within is kept. */
function mixed<Item>(items: readonly Item[], kindOf: (item: Item) => string, most: number): readonly Item[] {
  const kinds = new Map<string, Item[]>();
  for (const item of items) kinds.set(kindOf(item), [...(kinds.get(kindOf(item)) ?? []), item]);
  const out: Item[] = [];
  for (let round = 0; out.length < Math.min(most, items.length); round++) {
    for (const list of kinds.values()) if (list[round] && out.length < most) out.push(list[round]!);
  }
  return out;
}

/** First rounds: places by a few views in the action stance, then every view of every camera at the best places. */
function sketch(
  spotted: Spotted,
  spotId: string,
  base: BaseDefinition,
  cameras: readonly CameraDefinition[],
  places: readonly (readonly LinkUse[])[],
  count: { tried: number },
): readonly Sketch[] {
  const { kept } = spotted;
  const views = cameras.flatMap((camera) => viewsOf(camera, spotted.question.ask));
  if (views.length === 0) return [];
  const few = fewWidths(views);
  const heights = spotted.intent.horizonBand ? heightsInBand(spotted.intent.horizonBand) : [null];
  const looked = places.flatMap((links) => {
    const sightlines = sightlinesAt(spotted, spotId, base, links, few[0]!);
    if (!sightlines) return [];
    let best = 0;
    for (const view of few) {
      count.tried++;
      const found = tryView(spotted, sightlines, spotId, base, links, view, heights[0]!);
      if (found) best = Math.max(best, found.score);
    }
    return [{ links, sightlines, best }];
  });
  return looked
    .map((p, order) => ({ ...p, order }))
    .sort((a, b) => b.best - a.best || a.order - b.order)
    .filter((p, rank) => rank < kept.places || p.links.length === 0)
    .flatMap(({ links, sightlines }) =>
      cameras.flatMap((camera) => {
        const look = (view: View, height: number | null): Sketch[] => {
          count.tried++;
          const found = tryView(spotted, sightlines, spotId, base, links, view, height);
          return found ? [found] : [];
        };
        // Modes first, as they are usually stabilised and with the sky line in the middle of its band; then the best of them otherwise.
        const all = viewsOf(camera, spotted.question.ask);
        const usual = camera.stabilisers[Math.min(1, camera.stabilisers.length - 1)]!.id;
        const byMode = all
          .filter((view) => view.stabiliserId === usual)
          .flatMap((view) => look(view, heights[0]!))
          .sort(byScore)
          .slice(0, kept.viewsPerCamera);
        const others = byMode.flatMap((first) => {
          const { modeId } = first.resolved.setUp;
          const same = all.filter((view) => view.modeId === modeId);
          const atHeights = [
            first,
            ...heights.slice(1).flatMap((h) =>
              look(
                same.find((v) => v.stabiliserId === usual)!,
                h,
              ),
            ),
          ].sort(byScore);
          const best = atHeights[0]!;
          return [
            best,
            ...same.filter((view) => view.stabiliserId !== usual).flatMap((view) => look(view, best.horizonAt)),
          ];
        });
        return mixed(others.sort(byScore), (s) => s.resolved.stabiliser.id, kept.viewsPerCamera * 2);
      }),
    );
}

const byScore = (a: Sketch, b: Sketch): number =>
  b.score - a.score || idOf(a.resolved.setUp).localeCompare(idOf(b.resolved.setUp));

interface View {
  readonly camera: CameraDefinition;
  readonly modeId: string;
  readonly stabiliserId: string;
  readonly mounting: 'upright' | 'portrait-left';
  readonly widthDeg: number;
}

/** Modes of a camera that show something else, each with its levels of stabiliser; upright pictures only where it can be turned. */
function viewsOf(camera: CameraDefinition, { format }: Ask): readonly View[] {
  if (format === 'upright' && !camera.mounting.includes('portrait-left')) return [];
  const look = ({ lens }: CameraMode) =>
    JSON.stringify([lens.projection, lens.fovDeg, lens.fovAcross, (lens.widthPx / lens.heightPx).toFixed(2)]);
  const { modes, stabilisers } = camera;
  return modes
    .filter((mode, i) => modes.findIndex((other) => look(other) === look(mode)) === i)
    .flatMap((mode) =>
      stabilisers.map((stabiliser) => ({
        camera,
        modeId: mode.id,
        stabiliserId: stabiliser.id,
        mounting: format === 'upright' ? ('portrait-left' as const) : ('upright' as const),
        widthDeg: mode.lens.fovDeg * stabiliser.crop.value,
      })),
    );
}

/** The narrowest, the middle and the widest. */
function fewWidths(views: readonly View[]): readonly View[] {
  const sorted = [...views].sort((a, b) => a.widthDeg - b.widthDeg);
  return [...new Set([sorted[sorted.length >> 1]!, sorted[0]!, sorted.at(-1)!])];
}

const plainAt = (
  { carrier: { rig } }: Spotted,
  spotId: string,
  base: BaseDefinition,
  links: readonly LinkUse[],
  { camera, modeId, stabiliserId, mounting }: View,
): SetUp => {
  const hangs = placedSpots(rig).find((p) => p.spot.id === spotId)!.partFromSpot.rotation[4] < -0.4;
  return {
    spotId,
    baseId: base.id,
    links,
    headId: 'finger-joint',
    cameraId: camera.id,
    modeId,
    stabiliserId,
    mounting: mounting === 'upright' && hangs && camera.mounting.includes('inverted') ? 'inverted' : mounting,
    angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 },
  };
};

function sightlinesAt(
  spotted: Spotted,
  spotId: string,
  base: BaseDefinition,
  links: readonly LinkUse[],
  view: View,
): Sightlines | null {
  const { carrier, intent, scene } = spotted;
  const height = intent.horizonBand ? heightsInBand(intent.horizonBand)[0]! : null;
  const plain = plainAt(spotted, spotId, base, links, view);
  const aimed = aimedSetUp(carrier.rig, plain, intent, carrier.actionStanceId, height);
  return aimed && sightlinesFrom(scene, resolveSetUp(carrier.rig, aimed));
}

/** A view aimed as the joint really holds it, and its picture in the action stance. */
function tryView(
  spotted: Spotted,
  sightlines: Sightlines,
  spotId: string,
  base: BaseDefinition,
  links: readonly LinkUse[],
  view: View,
  horizonAt: number | null,
): Sketch | null {
  const { carrier, intent, scene } = spotted;
  const plain = plainAt(spotted, spotId, base, links, view);
  const aimed = aimedSetUp(carrier.rig, plain, intent, carrier.actionStanceId, horizonAt);
  if (!aimed) return null;
  const free = resolveSetUp(carrier.rig, aimed);
  if (aimed.headId !== 'finger-joint' && !spotted.question.pieceIds.includes(aimed.headId)) return null;
  const resolved = levelled(spotted, free) ?? notched(spotted, free);
  const action = coarseStance(sightlines, resolved, scene.ridden[0]!, false);
  const framed = coarseFramed(sightlines, resolved, [{ ...action, share: 1 }]);
  return { sightlines, resolved, horizonAt, score: frameScore(framed, intent) };
}

/** As the joint really holds it. */
function notched({ scene }: Spotted, free: ResolvedSetUp): ResolvedSetUp {
  const { heldTiltDeg } = nearestNotch(free, scene.setUpRig, free.setUp.angles.tiltDeg);
  return { ...free, setUp: { ...free.setUp, angles: { ...free.setUp.angles, tiltDeg: heldTiltDeg } } };
}

/** A camera leaning to the side by more than this is turned level, where a joint of the kit can. Degrees; common practice. */
const LEANS_DEG = 3;

/** Rolled so that the picture is level in the action stance, on a ball joint; null where it is level, or nothing can turn it. */
function levelled({ carrier, scene, question }: Spotted, free: ResolvedSetUp): ResolvedSetUp | null {
  const { setUp, camera, placed } = free;
  const action = scene.ridden[0]!.rig;
  const change = stanceChange(scene.setUpRig, action, placed.spot.partId);
  const seen = panTiltRollFromRotation(multiplyRotations(change, rotationFromPanTiltRoll(setUp.angles)));
  if (Math.abs(seen.rollDeg) <= LEANS_DEG || camera.gimbal || camera.stitch) return null;
  const ball = kitWith(carrier.rig.ownKit).heads.find((h) => h.turns.roll && question.pieceIds.includes(h.id));
  if (!ball) return null;
  const level = rotationFromPanTiltRoll({ ...seen, rollDeg: 0 });
  const angles = panTiltRollFromRotation(multiplyRotations(inverseRotation(change), level));
  return resolveSetUp(carrier.rig, { ...setUp, headId: ball.id, angles });
}

/** @param feel whether the speed feel is wanted too */
const framedInAll = ({ sightlines, resolved }: Sketch, feel: boolean): FramedSetUp =>
  coarseFramed(
    sightlines,
    resolved,
    sightlines.scene.ridden.map((posed) => coarseStance(sightlines, resolved, posed, feel)),
  );

/** Through all checks, the cheap ones first; null where one stops it. */
function judgeOne(
  spotted: Spotted,
  { sightlines, framed, horizonAt }: Sketch & { framed: FramedSetUp },
  setUp: SetUp,
  reject: (rejection: Rejection) => void,
): Candidate | null {
  const { carrier, question, intent, scene } = spotted;
  const resolved = resolveSetUp(carrier.rig, setUp);
  const pose = poseStrut(resolved, scene.setUpRig, scene.ridden[0]!.rig);
  let judgedScene: CandidateScene = {
    carrier,
    ask: question.ask,
    intent,
    resolved,
    pose,
    framed,
    sightlines,
    zone: spotZone(carrier.rig, resolved.placed.spot),
    shaken: null,
  };
  const terms: Term[] = [];
  let facts: Partial<CandidateFacts> = {};
  for (const cost of ['cheap', 'dear'] as const satisfies readonly SearchCheck['cost'][]) {
    for (const check of SEARCH_CHECKS) {
      if (check.cost !== cost) continue;
      const judged = check.judge(judgedScene);
      if (judged.stop) {
        reject(judged.stop);
        return null;
      }
      terms.push(...judged.terms);
      facts = { ...facts, ...judged.facts };
      if (judged.shaken) judgedScene = { ...judgedScene, shaken: judged.shaken };
    }
  }
  return candidateOf(judgedScene, horizonAt, [...terms, ...plainTerms(judgedScene)], facts, false);
}
