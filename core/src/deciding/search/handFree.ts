import type { OnlyIn } from '../../judging/check/candidate';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { Spot } from '../../words/carrier/spot';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { RigSpec } from '../../words/rig/rigSpec';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';

/** A carrier and how it is ridden. */
interface Ridden {
  readonly rig: RigSpec;
  readonly actionStanceId: string;
}

/**
 * What holds on to something carries no camera: such a shot is ridden wholly in a stance that leaves the part free: the action itself where the
 * part works in others alone (hands that paddle out), else one that the carrier has for a take. Null where it is free throughout, or never is.
 */
export function stanceLeavingFree(
  { rig, actionStanceId }: Ridden,
  spot: Pick<Spot, 'partId' | 'onlyIn'>,
): OnlyIn | null {
  const { partId } = spot;
  const holds = (stanceId: string) => {
    const posed = poseRig(rig, stanceId);
    return posed.holds.includes(partId) || posed.laid.includes(partId);
  };
  const { machine } = resolveRig(rig);
  if (spot.onlyIn !== undefined) return onlyIn(machine, spot.onlyIn);
  if (!holds(actionStanceId))
    return machine.stances.some(({ id, share }) => share > 0 && holds(id)) ? onlyIn(machine, actionStanceId) : null;
  const free = machine.stances.find(({ id, share }) => id !== SET_UP_STANCE_ID && share === 0 && !holds(id));
  return free ? onlyIn(machine, free.id) : null;
}

const kept = keepLatest<OnlyIn>(40);

/** All of the time in one stance; the same object each time. */
const onlyIn = ({ id, stances }: MachineDefinition, stanceId: string): OnlyIn =>
  kept(`${id} ${stanceId}`, () => ({
    stanceId,
    name: stances.find((stance) => stance.id === stanceId)!.name,
    stanceShares: Object.fromEntries(stances.map((stance) => [stance.id, stance.id === stanceId ? 1 : 0])),
  }));

/** The same carrier ridden so; as it is where nothing is said. */
export const asRidden = <Carrier extends Ridden>(carrier: Carrier, only: OnlyIn | null): Carrier =>
  only
    ? { ...carrier, rig: { ...carrier.rig, stanceShares: only.stanceShares }, actionStanceId: only.stanceId }
    : carrier;
