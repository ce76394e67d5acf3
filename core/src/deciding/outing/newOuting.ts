import { usualRide } from '../../posing/lookup/grounds';
import type { RigSpec } from '../../words/rig/rigSpec';
import { pieceOf } from '../../posing/lookup/kit';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { IntentDefinition } from '../../words/shot/intent';
import { notOnThis } from '../../judging/scene/notOnThis';
import { carrierScene } from '../../posing/scene/carrierScene';
import { firstPlacement } from '../search/firstPlacement';
import { cameraFor } from '../../posing/strut/plainSetUp';
import { NO_OWN_KIT } from '../../words/kit/ownKit';
import type { OutingCarrier } from './records/carrierRecord';
import { OUTING_FORMAT, OUTING_VERSION, type Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

/** Stature of an adult between the European means for women and men: estimate 1.6 to 1.85 m. */
const STATURE_M = 1.75;

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
  carriers: [newCarrier('carrier', standardMachine().id, STATURE_M)],
  ownKit: NO_OWN_KIT,
  shots: [],
  createdAt: now,
  changedAt: now,
});

/** A carrier of the catalogue as it stands there, its rider dressed as usual. @throws RangeError for a machine it lacks */
export const newCarrier = (id: string, machineId: string, statureM: number): OutingCarrier => {
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

/** A shot for an intent at the spot that suits it best of those that no check stops, camera already aimed. */
export function newShot(
  id: string,
  { id: carrierId, ride }: Pick<OutingCarrier, 'id' | 'ride'>,
  rig: RigSpec,
  intent: IntentDefinition,
): Shot {
  const { actionStanceId } = resolveRig(rig).machine;
  const best = firstPlacement({ rig, intent, camera: cameraFor(intent), actionStanceId, ride });
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
    actionStanceId,
    horizonAt: best.horizonAt,
    setUp: best.setUp,
    clips: [],
    log: [],
    acknowledged: [],
    pullTests: [],
  };
}
