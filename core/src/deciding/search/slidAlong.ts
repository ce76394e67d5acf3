import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { forget, sightlinesFrom, towardThrough } from '../../physics/framing/sightlines';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { slides, type SpotZone } from '../../words/carrier/spotZone';
import { pictureStopped } from './pictureStopped';
import { sketchOf } from './asHeld';
import { BETTER_OVER_ALL } from './howFar';
import type { FramedSketch, Sketch, Spotted } from './spotted';

/**
 * Where on each half of a stretch is looked first, and how far to both sides of the best then. Shares of that half. A strip of a few per cent
 * is got on a quarter of a bonnet, and elsewhere one place is as poor as another.
 */
const FIRST = [-1, -0.75, -0.5, -0.25, 0.25, 0.5, 0.75, 1] as const;
const THEN = 0.125;
/** A place is measured with a tape. Metres. */
const TO_M = 0.005;
/** A picture must get so much better for the spot to be slid. */
const WORTH_SLIDING = 0.02;

/**
 * Some struts at other places of the stretch that their spot has: the best place of each, or null where its usual one is as good. First along
 * the whole stretch, then about the best found.
 * @param inAll the pictures of a strut in all stances
 */
export function* slidAlong(
  spotted: Spotted,
  zone: SpotZone | undefined,
  firsts: readonly FramedSketch[],
  inAll: (sketch: Sketch) => FramedSketch,
): Generator<FramedSketch | null> {
  if (!zone || !slides(zone)) return;
  for (const first of firsts) {
    // Nothing can be clearly better than it.
    if (first.score > 1 - WORTH_SLIDING && !pictureStopped(spotted, first)) continue;
    const look = (share: number) => slidBy(spotted, first, zone, share);
    const best = bestAlong({ share: 0, found: first }, FIRST, look, inAll);
    yield best && best.share !== 0 && worthSliding(spotted, first, best.found) ? best.found : null;
  }
}

/** Clearly better, or no longer stopped. */
const worthSliding = (spotted: Spotted, first: FramedSketch, there: FramedSketch): boolean =>
  there.score >= first.score + WORTH_SLIDING || (pictureStopped(spotted, first) && !pictureStopped(spotted, there));

/** How far from where one base has its best place another's is looked for first: it lifts the lens, and a strip grows thinner. Shares of a half. */
const ABOUT = [0, -0.25, 0.25, -0.5, 0.5] as const;

/** A strut that was slid, on another base: the best place about the one it has. Null where it cannot be built. */
export function slidOn(
  spotted: Spotted,
  zone: SpotZone,
  inAll: (sketch: Sketch) => FramedSketch,
  { found, baseId }: { readonly found: FramedSketch; readonly baseId: string },
): FramedSketch | null {
  const { setUp } = found.resolved;
  const now = setUp.slideM ?? 0;
  const share = now / (now < 0 ? zone.nearerM : zone.fartherM);
  const onBase = { ...found, resolved: { ...found.resolved, setUp: { ...setUp, baseId } } };
  const look = (at: number) => slidBy(spotted, onBase, zone, at);
  return (
    bestAlong(
      null,
      ABOUT.map((off) => share + off),
      look,
      inAll,
    )?.found ?? null
  );
}

/** A strut at a place of the stretch, as a share of the half that it lies on. */
interface Slid {
  readonly share: number;
  readonly found: FramedSketch;
}

/** The best of some places, and then of two beside the best. @param usual what is as good without; null = nothing */
function bestAlong(
  usual: Slid | null,
  shares: readonly number[],
  look: (share: number) => Sketch | null,
  inAll: (sketch: Sketch) => FramedSketch,
): Slid | null {
  let best = usual;
  const better = (share: number) => {
    const sketched = Math.abs(share) > 1 ? null : look(share);
    if (!sketched) return;
    if (best && sketched.score < best.found.score - BETTER_OVER_ALL) return forget(sketched.sightlines);
    const found = inAll(sketched);
    const beaten = best && best.found.score >= found.score ? found : best?.found;
    if (beaten !== found) best = { share, found };
    if (beaten && beaten !== usual?.found) forget(beaten.sightlines);
  };
  shares.forEach(better);
  if (best) [best.share - THEN, best.share + THEN].forEach(better);
  return best;
}

/** A strut slid to a share of the stretch (−1 = the end nearer to the mark, 1 = the other), aimed anew. */
function slidBy(spotted: Spotted, { resolved, horizonAt }: Sketch, zone: SpotZone, share: number): Sketch | null {
  const { carrier, intent, scene } = spotted;
  // Toward the mark, so that it does not go beyond the end.
  const slideM = Math.trunc(((share < 0 ? zone.nearerM : zone.fartherM) * share) / TO_M) * TO_M;
  if (Math.abs(slideM) < TO_M) return null;
  const there = { ...resolved.setUp, slideM: Number(slideM.toFixed(3)) };
  const aimed = aimedSetUp(carrier.rig, there, intent, carrier.actionStanceId, horizonAt);
  if (!aimed) return null;
  const reference = resolveSetUp(carrier.rig, aimed);
  const sightlines = sightlinesFrom(scene, reference, { toward: towardThrough([reference.lens]) });
  return sketchOf(spotted, sightlines, aimed, horizonAt);
}
