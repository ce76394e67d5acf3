import { multiplyRotations, rotationFromPanTiltRoll, type Rotation } from '../../mathematics/geometry/rotation';
import type { LearntTurn } from '../../words/rig/rigSpec';
import type { PosedRig } from '../rig/poseRig';

/** A place by its id and the part that it is on. */
interface Place {
  readonly id: string;
  readonly partId: string;
}

/** What was learnt of a place: of itself where anything was, else of its part; undefined where nothing was. */
export const turnOf = (learnt: readonly LearntTurn[] = [], { id, partId }: Place): LearntTurn | undefined =>
  learnt.find((turn) => turn.partId === partId && turn.spotId === id) ??
  learnt.find((turn) => turn.partId === partId && turn.spotId === undefined);

/** How what is mounted on a place stands in the world: as its part does, turned by what was learnt of it under way. */
export function mountRotation({ byId, learnt }: PosedRig, place: Place): Rotation {
  const { rotation } = byId.get(place.partId)!.worldFromPart;
  const turn = turnOf(learnt, place);
  if (!turn) return rotation;
  return multiplyRotations(
    rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: turn.pitchDeg, rollDeg: turn.rollDeg }),
    rotation,
  );
}
