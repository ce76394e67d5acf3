import { sameFor } from '../../mathematics/caching/sameFor';
import type { Candidate } from '../../judging/check/candidate';
import { forget } from '../../physics/framing/sightlines';
import { spotZone } from '../../posing/rig/spotZone';
import type { Spot } from '../../words/carrier/spot';
import { atPlace } from './atPlace';
import { byScore } from './byScore';
import { framedInAll } from './framedInAll';
import { judgeStrut } from './judgeStrut';
import type { KitAt } from './kitAt';
import { mixed } from './mixed';
import { otherBases } from './onBase';
import { pictureStopped } from './pictureStopped';
import { isPole, softLinks } from './places';
import { isPlain, isSteadied } from './plainStruts';
import { sceneAt } from './sceneAt';
import { isStopped } from './score';
import { slidAlong, slidOn } from './slidAlong';
import type { Count, FramedSketch, Reject, Sketch, Spotted } from './spotted';

interface Judging {
  readonly spotted: Spotted;
  readonly spot: Spot;
  readonly kit: KitAt;
  readonly inAll: (sketch: Sketch) => FramedSketch;
  readonly reject: Reject;
  readonly count: Count;
}

/**
 * What the checks say of the struts whose pictures show most: each on its base and on others, slid along its part, the first of them with what is
 * soft under the camera; pictures that a check stops wait till the end. Yields how many pictures have been looked at.
 * @param scored pictures in all stances, the best first
 */
export function* judgeInTurn(
  { spotted, spot, kit, inAll, reject, count }: Judging,
  scored: readonly FramedSketch[],
): Generator<number, readonly Candidate[]> {
  const { kept } = spotted;
  const { plain, armed, spares } = turns(scored, spotted);
  const judged: Candidate[] = [];
  /** Looked at closely once, whatever soft goes under the camera. */
  const closely = sameFor((s: FramedSketch) => framedInAll(s, 'judged'));
  /** Whether it stays there at all (many an arm does not, whatever it shows), and every check takes it. */
  const judgeClosely = (s: FramedSketch, setUp = s.resolved.setUp): boolean => {
    if (!stays(s, setUp)) return false;
    const { candidate, rejection } = judgeStrut(spotted, { ...s, framed: closely(s) }, setUp);
    if (candidate) judged.push(candidate);
    if (rejection) reject(rejection, setUp);
    return candidate !== null;
  };
  const stays = (s: FramedSketch, setUp = s.resolved.setUp): boolean => {
    const stop = atPlace(spotted, sceneAt(spotted, setUp, s.horizonAt, s));
    if (stop) reject(stop, setUp);
    return stop === null;
  };

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

  const elsewhere = otherBases(spotted, inAll);
  const soft = softLinks(kit.links);
  const onMachine = spotZone(spotted.carrier.rig, spot) === null;
  /** On its base and on others; with what is soft under it too where it is among the first. */
  const judgeOnAll = (s: FramedSketch, rank: number): boolean => {
    const holds = judgeClosely(s);
    const { setUp } = s.resolved;
    // Behind the first few another base would not bring them forward.
    for (const base of rank < kept.onEveryBase ? kit.bases.filter(({ id }) => id !== setUp.baseId) : []) {
      const there = stays(s, { ...setUp, baseId: base.id }) ? elsewhere.on(s, base) : null;
      if (there) judgeClosely(there);
    }
    // A body is soft itself, and so is a pole: what is soft under the camera there lets it swing.
    const softens = onMachine && rank < kept.softened && !setUp.links.some(isPole(kit.links));
    for (const piece of softens ? soft : []) judgeClosely(s, { ...setUp, links: [...setUp.links, piece] });
    return holds;
  };

  const best = [...plain, ...armed].sort(byScore);
  const aside: FramedSketch[] = [];
  const putAside = (s: FramedSketch): boolean => {
    const stopped = pictureStopped(spotted, s);
    if (stopped) aside.push(s);
    return stopped;
  };
  let open = 0;
  const shown = best.filter((s) => !putAside(s));
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
    const onOthers = kit.bases.slice(1).flatMap(({ id }) => {
      const found = spot.zone && slidOn(spotted, spot.zone, inAll, { found: there, baseId: id });
      return found ? [found] : [];
    });
    slid.push(...onOthers);
    for (const s of [there, ...onOthers]) judgeClosely(s);
    yield count.tried;
  }
  // Where all is stopped a closer look or another base may free one of those; else a few of them stand for the rest.
  const stillStopped = (s: FramedSketch) => pictureStopped(spotted, { ...s, framed: closely(s) });
  for (const [rank, s] of aside.sort(byScore).entries()) {
    const enough = judged.length >= kept.stopped;
    const free = judged.some((candidate) => !isStopped(candidate));
    if (enough && free) break;
    if (!enough || rank < kept.onEveryBase || !stillStopped(s)) judgeOnAll(s, rank);
    yield count.tried;
  }
  elsewhere.forget();
  new Set(slid.map(({ sightlines }) => sightlines)).forEach(forget);
  return judged;
}

/**
 * The plainest struts, a riser under them at most, are judged whatever an arm shows beyond them: most arms are stopped by what shakes or tears them.
 * A stabiliser takes some of the picture and gives it back as steadiness: each camera with and without.
 */
function turns(scored: readonly FramedSketch[], { kept }: Spotted) {
  const plain = mixed(scored.filter(isPlain), (s) => `${s.resolved.camera.id} ${isSteadied(s)}`, kept.plain);
  const inTurn = mixed(
    scored.filter((s) => !plain.includes(s)),
    (s) => s.resolved.camera.id,
    kept.judged - plain.length + kept.spares,
  );
  const armed = inTurn.slice(0, kept.judged - plain.length);
  return { plain, armed, spares: inTurn.slice(armed.length) };
}
