import type { HeldBefore } from '../../../words/learning/heldBefore';
import type { OutingCarrier } from '../records/carrierRecord';
import type { Outing } from '../records/outingRecord';

const told = new WeakMap<Outing['shots'], Map<string, readonly HeldBefore[]>>();

/** How bases held at the places of a kind of machine, by the outing's log: places and bases that were filmed from. The same shots give the same list. */
export function heldBefore(
  { shots, carriers }: Pick<Outing, 'shots' | 'carriers'>,
  { rig: { machineId } }: Pick<OutingCarrier, 'rig'>,
): readonly HeldBefore[] {
  const known = told.get(shots) ?? new Map<string, readonly HeldBefore[]>();
  told.set(shots, known);
  let list = known.get(machineId);
  if (list) return list;
  const places = new Map<string, HeldBefore>();
  for (const { carrierId, setUp, log } of shots) {
    if (carriers.find(({ id }) => id === carrierId)?.rig.machineId !== machineId) continue;
    const done = log.filter((entry) => entry.done);
    if (done.length === 0) continue;
    const key = `${setUp.spotId} ${setUp.baseId}`;
    const was = places.get(key) ?? { spotId: setUp.spotId, baseId: setUp.baseId, takes: 0, moved: 0, lost: 0 };
    places.set(key, {
      ...was,
      takes: was.takes + done.length,
      moved: was.moved + done.filter(({ held }) => held !== 'held').length,
      lost: was.lost + done.filter(({ held }) => held === 'lost').length,
    });
  }
  known.set(machineId, (list = [...places.values()]));
  return list;
}
