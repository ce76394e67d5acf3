import { kitWith, pieceOf } from '../../posing/lookup/kit';
import { intentOf } from '../../posing/lookup/intentOf';
import type { RigSpec } from '../../words/rig/rigSpec';
import { newShot } from './newShot';
import type { OutingCarrier } from './records/carrierRecord';
import type { Shot } from './records/shotRecord';

/** What is behind the camera of a shot: who follows, or for that the way ahead. */
const BEHIND = 'who-follows';
const AHEAD = 'clear-ahead';

/**
 * A second camera of the same kind that films the other way on the same ride: front and rear as one order, with one mode, hour and stretch.
 * @throws RangeError where nothing of the other way is shown, or with another camera only
 */
export function counterpartShot(
  id: string,
  carrier: Pick<OutingCarrier, 'id' | 'ride'>,
  rig: RigSpec,
  shot: Shot,
): Shot {
  const { cameraId, modeId, stabiliserId } = shot.setUp;
  const intent = intentOf(shot.intentId === BEHIND ? AHEAD : BEHIND);
  const made = newShot(id, carrier, rig, { intent, camera: { cameraId, modeId, stabiliserId } });
  if (made.setUp.cameraId !== cameraId) {
    const { name } = pieceOf(kitWith(rig.ownKit).cameras, `camera "${cameraId}"`, (camera) => camera.id === cameraId);
    throw new RangeError(`"${intent.name}": a second ${name.toLowerCase()} shows nothing of it that no check stops`);
  }
  const { hour, lightId, use, stretch, only, seconds } = shot;
  return {
    ...made,
    name: `${shot.name}, ${intent.id === BEHIND ? 'and behind' : 'and ahead'}`,
    seconds,
    ...(hour ? { hour } : {}),
    ...(lightId ? { lightId } : {}),
    ...(use ? { use } : {}),
    ...(stretch ? { stretch } : {}),
    ...(only ? { only } : {}),
  };
}
