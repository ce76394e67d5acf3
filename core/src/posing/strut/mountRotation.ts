import { multiplyRotations, rotationFromPanTiltRoll, type Rotation } from '../../mathematics/geometry/rotation';
import type { LearntTurn } from '../../words/rig/rigSpec';
import { strutOf } from '../../words/setUp/strutOf';
import type { SetUp } from '../../words/setUp/setUp';
import type { PosedRig } from '../rig/poseRig';

/** A place by its id and the part that it is on, with what is mounted there. */
interface Mounted {
  readonly placed: { readonly spot: { readonly id: string; readonly partId: string } };
  readonly setUp: Pick<SetUp, 'baseId' | 'links'>;
}

/** What was learnt of a strut on a place: nearest first, of both, of the place, of the strut on its part, of the part, of the strut anywhere; undefined where nothing was. */
export function turnOf(learnt: readonly LearntTurn[] = [], { placed, setUp }: Mounted): LearntTurn | undefined {
  if (learnt.length === 0) return undefined;
  const { id, partId } = placed.spot;
  const strut = strutOf(setUp);
  const of = (wanted: Pick<LearntTurn, 'partId' | 'spotId' | 'strut'>) =>
    learnt.find(
      (turn) => turn.partId === wanted.partId && turn.spotId === wanted.spotId && turn.strut === wanted.strut,
    );
  return (
    of({ partId, spotId: id, strut }) ??
    of({ partId, spotId: id }) ??
    of({ partId, strut }) ??
    of({ partId }) ??
    of({ strut })
  );
}

/** How what is mounted on a place stands in the world: as its part does, turned by what was learnt of it under way. */
export function mountRotation({ byId, learnt }: PosedRig, mounted: Mounted): Rotation {
  const { rotation } = byId.get(mounted.placed.spot.partId)!.worldFromPart;
  const turn = turnOf(learnt, mounted);
  if (!turn) return rotation;
  return multiplyRotations(
    rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: turn.pitchDeg, rollDeg: turn.rollDeg }),
    rotation,
  );
}
