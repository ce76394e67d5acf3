import type { Rejection } from '../../judging/check/candidate';
import { notOnThis } from '../../judging/scene/notOnThis';
import type { ShotScene } from '../../judging/scene/shotScene';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { HANDS } from '../../posing/rig/poseRig';
import type { Spot } from '../../words/carrier/spot';
import type { CameraDefinition } from '../../words/kit/camera';
import { sceneAt } from './sceneAt';
import { plainAt, type Place } from './sketch';
import type { Spotted } from './spotted';
import { viewsOf } from './views';

/** Why nothing is looked for at a spot at all: the shot makes no sense on this carrier, or what would carry the camera holds on to something. */
export function refusalAt({ intent, carrier, scene }: Spotted, { partId }: Spot): Rejection | null {
  const never = notOnThis(intent, resolveRig(carrier.rig).machine, scene);
  if (never) return { check: 'frame', because: never, mend: null, bars: 'any kit' };
  const [action] = scene.ridden;
  if (action?.rig.holds.includes(partId)) {
    const hand = partId === HANDS.left || partId === HANDS.right;
    const stance = action.stance.name.toLowerCase();
    return {
      check: 'clear',
      because: hand ? `that hand holds on in ${stance}` : `that foot works a pedal in ${stance}`,
      mend: hand ? 'a stance with one hand off, where that is done' : 'a place that leaves the feet alone',
    };
  }
  if (action?.rig.laid.includes(partId))
    return {
      check: 'clear',
      because: `that hand lies still in ${action.stance.name.toLowerCase()}`,
      mend: 'a stance in which it is held out',
    };
  return null;
}

/** What stops a camera at a place, whichever way it looks. */
export function stopAtPlace(spotted: Spotted, place: Place, camera: CameraDefinition): Rejection | null {
  const [view] = viewsOf(camera, 'wide', spotted.intent);
  if (!view) return null;
  return atPlace(spotted, sceneAt(spotted, plainAt(spotted, place, view), null));
}

/** What says no before anything is seen from there. */
export function atPlace({ checks, inHaste }: Spotted, scene: ShotScene): Rejection | null {
  for (const { searchTerm } of checks) {
    const stop = searchTerm.atPlace?.(scene) ?? (inHaste ? searchTerm.aboutPlace?.(scene) : null);
    if (stop) return stop;
  }
  return null;
}
