import { usualRide } from '../../posing/lookup/grounds';
import { pieceOf } from '../../posing/lookup/kit';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import type { MachineDefinition } from '../../words/carrier/machine';
import { STANDARD_RIDER_M } from '../../words/carrier/dimension';
import { NO_OWN_KIT } from '../../words/kit/ownKit';
import type { OutingCarrier } from './records/carrierRecord';
import { OUTING_FORMAT, OUTING_VERSION, type Outing } from './records/outingRecord';

/** What a new outing begins with. */
const standardMachine = (): MachineDefinition =>
  pieceOf(knownMachines(), 'standard machine', (machine) => machine.standard === true);

/** @param now ISO 8601 */
export const newOuting = (id: string, now: string): Outing => ({
  format: OUTING_FORMAT,
  version: OUTING_VERSION,
  id,
  name: 'New outing',
  place: '',
  date: now.slice(0, 10),
  startsAt: '09:00',
  riderName: '',
  note: '',
  carriers: [newCarrier('carrier', standardMachine().id, STANDARD_RIDER_M)],
  ownKit: NO_OWN_KIT,
  shots: [],
  createdAt: now,
  changedAt: now,
});

/** A carrier of the catalogue as it stands there, its rider dressed as usual. @throws RangeError for a machine it lacks */
export const newCarrier = (id: string, machineId: string, statureM: number = STANDARD_RIDER_M): OutingCarrier => {
  const base = { machineId, fit: {}, statureM };
  const { machine } = resolveRig({ ...base, wornIds: [] });
  const passing = machine.passing !== undefined;
  return {
    id,
    ride: usualRide(machine),
    spotLogs: [],
    rig: {
      ...base,
      wornIds: machine.wearing,
      // Somebody has to pass a camera that stays.
      ...(passing
        ? { subject: { machineId: standardMachine().id, distanceM: 4, bearingDeg: 0, headingDeg: 90, aboveM: 0 } }
        : {}),
    },
  };
};
