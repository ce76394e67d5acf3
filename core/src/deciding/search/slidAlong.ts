import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { forget, sightlinesFrom } from '../../physics/framing/sightlines';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { slides, type SpotZone } from '../../words/carrier/spotZone';
import { sketchOf, type Sketch, type Spotted } from './sketch';

/** With its pictures in all stances, and its score over them. */
export type FramedSketch = Sketch & { readonly framed: FramedSetUp };

/** Where on each half of a stretch is looked first, and how far to both sides of the best then, finer and finer. Shares of that half. */
const FIRST = [-1, -0.5, 0.5, 1] as const;
const THEN = [0.25, 0.125] as const;
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
    const usual = { share: 0, found: first };
    let best = usual;
    const look = (share: number) => {
      const found = slidBy(spotted, first, zone, share);
      if (!found) return;
      const framed = inAll(found);
      const beaten = framed.score > best.found.score ? best.found : framed;
      if (framed.score > best.found.score) best = { share, found: framed };
      if (beaten !== first) forget(beaten.sightlines);
    };
    FIRST.forEach(look);
    for (const step of THEN) {
      const around = best.share;
      for (const share of [around - step, around + step]) if (Math.abs(share) <= 1) look(share);
    }
    yield best.found.score >= first.score + WORTH_SLIDING ? best.found : null;
  }
}

/** A strut slid to a share of the stretch (−1 = the end nearer to the mark, 1 = the other), aimed anew. */
function slidBy(spotted: Spotted, { resolved, horizonAt }: Sketch, zone: SpotZone, share: number): Sketch | null {
  const { carrier, intent, scene } = spotted;
  const slideM = Math.round(((share < 0 ? zone.nearerM : zone.fartherM) * share) / TO_M) * TO_M;
  if (Math.abs(slideM) < TO_M) return null;
  const there = { ...resolved.setUp, slideM: Number(slideM.toFixed(3)) };
  const aimed = aimedSetUp(carrier.rig, there, intent, carrier.actionStanceId, horizonAt);
  return aimed && sketchOf(spotted, sightlinesFrom(scene, resolveSetUp(carrier.rig, aimed)), aimed, horizonAt);
}
