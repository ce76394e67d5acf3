import type { Check } from '../../judging/check/check';
import { CHECKS } from '../../judging/checks';
import { frameScore } from '../../judging/checks/frame/frameScore';
import { atPlace, refusalAt, stopAtPlace } from './atPlace';
import { judgeStrut } from './judgeStrut';
import { sceneAt } from './sceneAt';
import { carrierScene } from '../../posing/scene/carrierScene';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import { coarseFramed, coarseStance, forget, type CoarseFor } from '../../physics/framing/sightlines';
import { placedSpot } from '../../posing/rig/spots';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import { kitWith } from '../../posing/lookup/kit';
import type { LinkUse } from '../../words/setUp/setUp';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { weightsOf } from './weights';
import type { Candidate, Rejection, SpotResult } from '../../judging/check/candidate';
import { Best } from './best';
import { mixed } from './mixed';
import { otherBases } from './onBase';
import { placesWith, softLinks } from './places';
import { pictureStopped } from './pictureStopped';
import { isStopped, scoreOf } from './score';
import { searchedCarrier, type SearchJob, type SearchQuestion } from './searchQuestion';
import { byScore, sketch } from './sketch';
import { slidAlong, slidOn } from './slidAlong';
import { BETTER_OVER_ALL, KEPT, type Count, type FramedSketch, type Sketch, type Spotted } from './spotted';
import { basesByHabit } from '../../posing/strut/plainSetUp';

interface SearchOptions {
  /** Leaves nothing out: every place and view goes through every round. For tests; slow. */
  readonly exhaustive?: boolean;
  /** Looks at a few places, views and struts only, where any answer will do: straight on their bases, reaching out, or slid along a part. */
  readonly hasty?: keyof typeof IN_HASTE;
  /** The house's own checks, or others. */
  readonly checks?: readonly Check[];
}

const HASTY: Spotted['kept'] = {
  ...KEPT,
  places: 3,
  viewsPerCamera: 1,
  inAllStances: 24,
  judged: 8,
  spares: 6,
  plain: 6,
  leastScore: 0.35,
  slid: 0,
  onEveryBase: 2,
  candidates: 4,
};

const IN_HASTE = {
  plain: {},
  // A pole points many ways, and few of them show it.
  reaching: { places: 14, judged: 12 },
  // What shows little at the usual place may show it elsewhere on the part.
  sliding: { slid: 3, leastScore: 0.2 },
} as const;

/** All that one spot gives for an ask. Same input, same result, whatever else was searched before. */
export function searchSpot(question: SearchQuestion, job: SearchJob, options: SearchOptions = {}): SpotResult {
  const steps = searchSteps(question, job, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The same in many short steps, each telling how many pictures have been looked at: for whoever wants to stop or do something else between. */
export function* searchSteps(
  question: SearchQuestion,
  job: SearchJob,
  options: SearchOptions = {},
): Generator<number, SpotResult> {
  const carrier = searchedCarrier(question, job);
  const { rig } = carrier;
  const { spot } = placedSpot(rig, job.spotId)!;
  const kept = options.exhaustive
    ? {
        ...KEPT,
        places: Infinity,
        viewsPerCamera: Infinity,
        judged: Infinity,
        plain: Infinity,
        inAllStances: Infinity,
        spares: Infinity,
        onEveryBase: Infinity,
        candidates: Infinity,
        stopped: Infinity,
      }
    : options.hasty
      ? { ...HASTY, ...IN_HASTE[options.hasty] }
      : KEPT;
  const spotted: Spotted = {
    question,
    carrier,
    scene: carrierScene(rig, carrier.actionStanceId),
    intent: askedIntent(question.ask),
    checks: options.checks ?? CHECKS,
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

  const refused = refusalAt(spotted, spot);
  if (refused) {
    reject(refused);
    return done(0, 0, []);
  }
  const kit = kitWith(rig.ownKit);
  const inKit = <Item extends { readonly id: string }>(items: readonly Item[]) =>
    items.filter((item) => question.pieceIds.includes(item.id));
  // Whoever talks has no mouth to hold a camera with.
  const talks = ({ kind }: BaseDefinition) => question.ask.talking && kind === 'bite';
  const bases = basesByHabit(
    inKit(kit.bases).filter((base) => !talks(base)),
    spot.surface,
  ).slice(0, KEPT.bases);
  if (question.ask.talking && spot.surface.shape === 'mouth')
    reject({
      check: 'fits',
      because: 'whoever talks has no mouth to hold it with',
      mend: 'the head, the chest or the cockpit near the mouth',
    });
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

  const count: Count = { tried: 0, inAllStances: 0 };
  const holds = (links: readonly LinkUse[], camera: CameraDefinition) => {
    let first: Rejection | null = null;
    for (const base of bases) {
      const stop = stopAtPlace(spotted, { spotId: spot.id, base, links, camera }, options.hasty !== undefined);
      if (!stop) return true;
      first ??= stop;
    }
    reject(first!);
    return false;
  };
  const places = placesWith(inKit(kit.links), bases).filter((links) => holds(links, lightest(cameras)));
  const isPole = ({ linkId }: LinkUse) => kit.links.some(({ id, kind }) => id === linkId && kind === 'pole');
  const baseFor = ([link]: readonly LinkUse[]): BaseDefinition =>
    (link && isPole(link) && bases.find(({ holdsPole }) => holdsPole)) || bases[0]!;
  const sketching = sketch(spotted, spot.id, { baseFor, holds, cameras, places, count });
  let sketched = sketching.next();
  while (!sketched.done) {
    yield count.tried;
    sketched = sketching.next();
  }
  const sketches = sketched.value;
  if (sketches.length === 0) {
    reject({ check: 'frame', because: 'no tilt or turn of its joints shows what is asked', mend: null });
    return done(count.tried, count.inAllStances, []);
  }
  const judged: Candidate[] = [];
  const judge = (s: FramedSketch, setUp = s.resolved.setUp) => {
    const { candidate, rejection } = judgeStrut(spotted, s, setUp);
    if (candidate) judged.push(candidate);
    if (rejection) reject(rejection);
    return candidate !== null;
  };
  /** Whether it stays there at all: many an arm does not, whatever it shows. */
  const stays = (s: FramedSketch, setUp = s.resolved.setUp) => {
    const stop = atPlace(spotted, sceneAt(spotted, setUp, s.horizonAt, s), options.hasty !== undefined);
    if (stop) reject(stop);
    return stop === null;
  };
  const inAll = (s: Sketch): FramedSketch => {
    const framed = framedInAll(s, 'ranked');
    count.inAllStances++;
    return { ...s, framed, score: frameScore(framed, spotted.intent) };
  };
  const scored: FramedSketch[] = [];
  const goOn = kept.judged + kept.spares - Math.min(kept.plain, sketches.filter(isPlain).length);
  const bestOf = new Best(Math.ceil(goOn / cameras.length));
  for (const s of worthAllStances(sketches, kept.inAllStances)) {
    const armed = !isPlain(s);
    const { id } = s.resolved.camera;
    if (armed && s.score < bestOf.least(id) - BETTER_OVER_ALL) continue;
    const found = inAll(s);
    if (armed) bestOf.add(id, found.score);
    scored.push(found);
    if (scored.length % FRAMED_A_STEP === 0) yield count.tried;
  }
  scored.sort(byScore);
  if (scored[0]!.score < kept.leastScore) {
    reject({ check: 'frame', because: 'none of a few views shows enough of what is asked', mend: null });
    new Set(sketches.map((s) => s.sightlines)).forEach(forget);
    return done(count.tried, count.inAllStances, []);
  }
  // The plainest struts, a riser under them at most, are judged whatever an arm shows beyond them: most arms are stopped by what shakes or tears them.
  // A stabiliser takes some of the picture and gives it back as steadiness: each camera with and without.
  const plain = mixed(scored.filter(isPlain), (s) => `${s.resolved.camera.id} ${isSteadied(s)}`, kept.plain);
  const inTurn = mixed(
    scored.filter((s) => !plain.includes(s)),
    (s) => s.resolved.camera.id,
    kept.judged - plain.length + kept.spares,
  );
  const armed = inTurn.slice(0, kept.judged - plain.length);
  const spares = inTurn.slice(armed.length);
  const slid: FramedSketch[] = [];
  // To slide is simpler than to reach out: the plain struts first.
  const steadied = plain.filter(isSteadied);
  const firsts = [
    ...mixed(steadied.length > 0 ? steadied : plain, (s) => s.resolved.camera.id, kept.slid),
    ...armed.slice(0, Math.min(1, kept.slid)),
  ];
  for (const there of slidAlong(spotted, spot.zone, firsts, inAll)) {
    count.tried++;
    if (there) slid.push(there);
    yield count.tried;
  }
  const best = [...plain, ...armed].sort(byScore);
  const soft = softLinks(inKit(kit.links));
  const elsewhere = otherBases(spotted, inAll);
  const judgeClosely = (s: FramedSketch, setUp = s.resolved.setUp) =>
    stays(s, setUp) && judge({ ...s, framed: framedInAll(s, 'judged') }, setUp);
  let open = 0;
  const aside: FramedSketch[] = [];
  const putAside = (s: FramedSketch) => {
    const stopped = pictureStopped(spotted, s);
    if (stopped) aside.push(s);
    return stopped;
  };
  const shown = best.filter((s) => !putAside(s));
  /** On its base and on others; with what is soft under it too where it is among the first. */
  const judgeOnAll = (s: FramedSketch, rank: number) => {
    const holds = judgeClosely(s);
    const { setUp } = s.resolved;
    // Behind the first few another base would not bring them forward.
    for (const base of rank < kept.onEveryBase ? bases.filter(({ id }) => id !== setUp.baseId) : []) {
      const there = stays(s, { ...setUp, baseId: base.id }) ? elsewhere.on(s, base) : null;
      if (there) judgeClosely(there);
    }
    if (rank < KEPT.softened) for (const piece of soft) judgeClosely(s, { ...setUp, links: [...setUp.links, piece] });
    return holds;
  };
  for (const [rank, s] of shown.entries()) {
    if (judgeOnAll(s, rank)) open++;
    yield count.tried;
  }
  // What shows most may be what is struck or torn off: others take its turn.
  for (const spare of spares) {
    if (open >= best.length) break;
    if (!putAside(spare) && judgeClosely(spare)) open++;
    yield count.tried;
  }
  // Beside the others, so that none of them loses its turn.
  for (const there of [...slid].sort(byScore)) {
    const onOthers = bases.slice(1).flatMap(({ id }) => {
      const found = spot.zone && slidOn(spotted, spot.zone, there, id, inAll);
      return found ? [found] : [];
    });
    slid.push(...onOthers);
    for (const s of [there, ...onOthers]) judgeClosely(s);
    yield count.tried;
  }
  // Where all is stopped a closer look or another base may free one of those; else a few of them stand for the rest.
  const stillStopped = (s: FramedSketch) => pictureStopped(spotted, { ...s, framed: framedInAll(s, 'judged') });
  for (const [rank, s] of aside.sort(byScore).entries()) {
    const enough = judged.length >= kept.stopped;
    const free = judged.some((candidate) => !isStopped(candidate));
    if (enough && free) break;
    if (!enough || rank < kept.onEveryBase || !stillStopped(s)) judgeOnAll(s, rank);
    yield count.tried;
  }
  elsewhere.forget();
  count.tried += judged.length;
  new Set([...sketches, ...slid].map((s) => s.sightlines)).forEach(forget);
  // By the usual weights, so that other weights need no other search.
  const weights = weightsOf({ ...question.ask, weights: {} });
  const ranked = judged.sort((a, b) => scoreOf(b, weights) - scoreOf(a, weights) || a.id.localeCompare(b.id));
  return done(count.tried, count.inAllStances, ranked.slice(0, kept.candidates));
}

/** Straight on its base, or with a riser between. */
const isPlain = ({ resolved }: Sketch): boolean =>
  resolved.links.every(({ definition }) => definition.kind === 'riser');

/** By more than the camera itself does with all of that switched off. */
const isSteadied = ({ resolved: { camera, stabiliser } }: Sketch): boolean =>
  stabiliser.id !== camera.stabilisers[0]?.id;

/** All plain struts, and of those that reach out the best of each camera by the action stance: what shows little there is no answer. */
function worthAllStances(sketches: readonly Sketch[], most: number): readonly Sketch[] {
  const armed = sketches.filter((s) => !isPlain(s)).sort(byScore);
  return [...sketches.filter(isPlain), ...mixed(armed, (s) => s.resolved.camera.id, most)];
}

/** Pictures in all stances between two pauses. */
const FRAMED_A_STEP = 8;

const lightest = (cameras: readonly CameraDefinition[]): CameraDefinition =>
  cameras.reduce((a, b) => (b.massKg.value < a.massKg.value ? b : a));

const insteadOf = ([base]: readonly BaseDefinition[]): string | null => (base ? `${base.name} goes on it` : null);

const framedInAll = ({ sightlines, resolved, action }: Sketch, what: CoarseFor): FramedSetUp =>
  coarseFramed(
    sightlines,
    resolved,
    sightlines.scene.ridden.map((posed, i) =>
      i === 0 && what === 'ranked' ? action : coarseStance(sightlines, resolved, posed, what),
    ),
  );
