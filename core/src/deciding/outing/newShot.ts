import { resolveRig } from '../../posing/lookup/resolveRig';
import { carrierScene } from '../../posing/scene/carrierScene';
import { cameraFor, type CameraChoice } from '../../posing/strut/plainSetUp';
import { notOnThis } from '../../judging/scene/notOnThis';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { IntentDefinition } from '../../words/shot/intent';
import { firstPlacement } from '../search/firstPlacement';
import type { OutingCarrier } from './records/carrierRecord';
import type { Shot } from './records/shotRecord';

/** A shot for an intent at the spot that suits it best of those that no check stops, camera already aimed. */
export function newShot(
  id: string,
  { id: carrierId, ride }: Pick<OutingCarrier, 'id' | 'ride'>,
  rig: RigSpec,
  { intent, camera = cameraFor(intent) }: { readonly intent: IntentDefinition; readonly camera?: CameraChoice },
): Shot {
  const { actionStanceId } = resolveRig(rig).machine;
  const best = firstPlacement({ rig, intent, camera, actionStanceId, ride });
  if (!best) {
    const never = notOnThis(intent, resolveRig(rig).machine, carrierScene(rig, actionStanceId));
    throw new RangeError(`"${intent.name}": ${never ?? 'no spot of this carrier shows what it asks for'}`);
  }
  return {
    id,
    name: intent.name,
    carrierId,
    intentId: intent.id,
    note: '',
    seconds: intent.seconds,
    actionStanceId: best.onlyIn?.stanceId ?? actionStanceId,
    ...(best.onlyIn ? { stanceShares: best.onlyIn.stanceShares } : {}),
    horizonAt: best.horizonAt,
    setUp: best.setUp,
    clips: [],
    log: [],
    acknowledged: [],
    pullTests: [],
  };
}
