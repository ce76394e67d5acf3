import { CHECKS } from '../../judging/checks';
import { frameScore } from '../../judging/checks/frame/frameScore';
import type { Candidate, Rejection, SpotResult } from '../../judging/check/candidate';
import { forget, onlyFor, type Sightlines } from '../../physics/framing/sightlines';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { askedIntent } from '../../posing/lookup/askedIntent';
import { placedSpot } from '../../posing/rig/spots';
import { carrierScene } from '../../posing/scene/carrierScene';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import type { LinkUse } from '../../words/setUp/setUp';
import { refusalAt, stopAtPlace } from './atPlace';
import { Best } from './best';
import { byScore } from './byScore';
import { framedInAll } from './framedInAll';
import { BETTER_OVER_ALL, howFar, type SearchOptions } from './howFar';
import { judgeInTurn } from './judgeInTurn';
import { kitAt, type KitAt } from './kitAt';
import { mixed } from './mixed';
import { isPole, placesWith } from './places';
import { isPlain } from './plainStruts';
import { Rejected } from './rejected';
import { scoreOf } from './score';
import { searchedCarrier, type SearchJob, type SearchQuestion } from './searchQuestion';
import { sketch } from './sketch';
import type { Count, FramedSketch, Reject, Sketch, Spotted } from './spotted';
import { weightsOf } from './weights';

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
  const { spot } = placedSpot(carrier.rig, job.spotId)!;
  const spotted: Spotted = {
    question,
    carrier,
    scene: carrierScene(carrier.rig, carrier.actionStanceId),
    intent: askedIntent(question.ask),
    checks: options.checks ?? CHECKS,
    kept: howFar(options),
    inHaste: options.hasty !== undefined,
  };
  const rejected = new Rejected();
  const count: Count = { tried: 0, inAllStances: 0 };
  const done = (candidates: readonly Candidate[] = []): SpotResult => ({
    carrierId: job.carrierId,
    spotId: spot.id,
    spotName: spot.name,
    ...count,
    candidates,
    rejections: rejected.all(),
  });

  const refused = refusalAt(spotted, spot);
  if (refused) {
    rejected.add(refused);
    return done();
  }
  const kit = kitAt(spotted, spot, (rejection) => rejected.add(rejection));
  if (!kit) return done();
  const { id: lightestId } = lightest(kit.cameras);
  const reject: Reject = (rejection, { links, cameraId }) =>
    rejected.add(rejection, links.length === 0 && cameraId === lightestId);

  const sketches = yield* sketchAll(spotted, spot.id, kit, { reject, count });
  if (sketches.length === 0) {
    rejected.add({
      check: 'frame',
      because: 'no tilt or turn of its joints shows what is asked',
      mend: null,
      // Where nothing was looked at, no strut held.
      ...(count.tried > 0 && { bars: 'this kit' }),
    });
    return done();
  }
  const forgetAll = () => new Set(sketches.map((s) => s.sightlines)).forEach(forget);
  const inAll = (s: Sketch): FramedSketch => {
    const framed = framedInAll(s, 'ranked');
    count.inAllStances++;
    return { ...s, framed, score: frameScore(framed, spotted.intent) };
  };
  const scored = yield* frameInAllStances(spotted, sketches, kit, { inAll, count });
  if (scored[0]!.score < spotted.kept.leastScore) {
    rejected.add({
      check: 'frame',
      because: 'none of a few views shows enough of what is asked',
      mend: null,
      bars: 'this kit',
    });
    forgetAll();
    return done();
  }
  const judged = yield* judgeInTurn({ spotted, spot, kit, inAll, reject, count }, scored);
  count.tried += judged.length;
  forgetAll();
  // By the usual weights, so that other weights need no other search.
  const weights = weightsOf({ ...question.ask, weights: {} });
  const ranked = [...judged].sort((a, b) => scoreOf(b, weights) - scoreOf(a, weights) || a.id.localeCompare(b.id));
  return done(ranked.slice(0, spotted.kept.candidates));
}

interface Looking {
  readonly reject: Reject;
  readonly count: Count;
}

/** Pictures from every way of getting away from the surface that some base holds. */
function* sketchAll(
  spotted: Spotted,
  spotId: string,
  { bases, cameras, links }: KitAt,
  { reject, count }: Looking,
): Generator<number, readonly Sketch[]> {
  // What held the last one mostly holds the next: it is asked first.
  let lately = bases[0]!;
  const holds = (place: readonly LinkUse[], camera: CameraDefinition): boolean => {
    const stops = new Map<string, Rejection>();
    for (const base of [lately, ...bases.filter((other) => other !== lately)]) {
      const stop = stopAtPlace(spotted, { spotId, base, links: place }, camera);
      if (!stop) {
        lately = base;
        return true;
      }
      stops.set(base.id, stop);
    }
    reject(stops.get(bases[0]!.id)!, { links: place, cameraId: camera.id });
    return false;
  };
  const places = placesWith(links, bases).filter((place) => holds(place, lightest(cameras)));
  const reachesOut = isPole(links);
  const baseFor = ([link]: readonly LinkUse[]): BaseDefinition =>
    (link && reachesOut(link) && bases.find(({ holdsPole }) => holdsPole)) || bases[0]!;
  const sketching = sketch(spotted, spotId, { baseFor, holds, cameras, places, count });
  for (;;) {
    const step = sketching.next();
    if (step.done) return step.value;
    yield count.tried;
  }
}

/** Pictures in all stances between two pauses. */
const FRAMED_A_STEP = 8;

/** What shows most over the whole ride, best first: all plain struts, and of those that reach out whoever may still get among the judged. */
function* frameInAllStances(
  { kept }: Spotted,
  sketches: readonly Sketch[],
  { cameras }: KitAt,
  { inAll, count }: { readonly inAll: (sketch: Sketch) => FramedSketch; readonly count: Count },
): Generator<number, readonly FramedSketch[]> {
  const scored: FramedSketch[] = [];
  const goOn = kept.judged + kept.spares - Math.min(kept.plain, sketches.filter(isPlain).length);
  const bestOf = new Best(Math.ceil(goOn / cameras.length));
  const worth = worthAllStances(sketches, kept.inAllStances);
  for (const [sightlines, struts] of bySightlines(worth)) onlyFor(sightlines, struts);
  for (const s of worth) {
    const armed = !isPlain(s);
    const { id } = s.resolved.camera;
    if (armed && s.score < bestOf.least(id) - BETTER_OVER_ALL) continue;
    const found = inAll(s);
    if (armed) bestOf.add(id, found.score);
    scored.push(found);
    if (scored.length % FRAMED_A_STEP === 0) yield count.tried;
  }
  return scored.sort(byScore);
}

/** Struts by where they see from. */
function bySightlines(sketches: readonly Sketch[]): ReadonlyMap<Sightlines, readonly ResolvedSetUp[]> {
  const found = new Map<Sightlines, ResolvedSetUp[]>();
  for (const { sightlines, resolved } of sketches) {
    const same = found.get(sightlines) ?? [];
    found.set(sightlines, same);
    same.push(resolved);
  }
  return found;
}

/** All plain struts, and of those that reach out the best of each camera by the action stance: what shows little there is no answer. */
function worthAllStances(sketches: readonly Sketch[], most: number): readonly Sketch[] {
  const armed = sketches.filter((s) => !isPlain(s)).sort(byScore);
  return [...sketches.filter(isPlain), ...mixed(armed, (s) => s.resolved.camera.id, most)];
}

const lightest = (cameras: readonly CameraDefinition[]): CameraDefinition =>
  cameras.reduce((a, b) => (b.massKg.value < a.massKg.value ? b : a));
