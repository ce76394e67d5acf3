import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { forget, sightlinesFrom, towardThrough, type Sightlines } from '../../physics/framing/sightlines';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { BaseDefinition } from '../../words/kit/base';
import { sketchOf } from './asHeld';
import { lensesOf, viewsOf } from './views';
import type { FramedSketch, Sketch, Spotted } from './spotted';

/** A base that lifts the lens by less than this against another shows the same. Metres; an estimate. */
const SAME_LENS_M = 0.01;

/**
 * The same strut on other bases: looked at anew where the base lifts the lens elsewhere, since what is near comes or goes by centimetres. Struts of
 * one place whose cameras are alike see by the same cubes.
 * @param inAll the pictures of a strut in all stances
 */
export function otherBases(spotted: Spotted, inAll: (sketch: Sketch) => FramedSketch) {
  const cubes = new Map<string, Sightlines>();
  return {
    /** Null where it cannot be aimed there. */
    on(s: FramedSketch, base: BaseDefinition): FramedSketch | null {
      const { setUp, base: now } = s.resolved;
      if (Math.abs(base.heightM.value - now.heightM.value) < SAME_LENS_M)
        return { ...s, resolved: { ...s.resolved, setUp: { ...setUp, baseId: base.id }, base } };
      const { carrier, intent, scene } = spotted;
      const aimed = aimedSetUp(carrier.rig, { ...setUp, baseId: base.id }, intent, carrier.actionStanceId, s.horizonAt);
      if (!aimed) return null;
      const resolved = resolveSetUp(carrier.rig, aimed);
      const key = JSON.stringify([base.id, aimed.links, aimed.mounting, resolved.camera.bodyM, aimed.slideM]);
      const sightlines =
        cubes.get(key) ??
        sightlinesFrom(scene, resolved, {
          toward: towardThrough(lensesOf(viewsOf(resolved.camera, spotted.question.ask.format, intent))),
        });
      cubes.set(key, sightlines);
      return inAll(sketchOf(spotted, sightlines, aimed, s.horizonAt));
    },
    forget: () => cubes.forEach(forget),
  };
}
