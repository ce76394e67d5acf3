import { link } from '../../../testing/shakes';
import { newCarrier } from '../../deciding/outing/newOuting';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';

import { usualRide } from '../../posing/lookup/grounds';
import { knownMachines } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { placedSpots } from '../../posing/rig/spots';
import { poseStrut } from '../../posing/strut/kinematics';
import { plainSetUp, standardCamera } from '../../posing/strut/plainSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { firstToLetGo } from './firstToLetGo';
import { holdIn } from './holdReport';
import { loadEnvelope } from './loads/loads';

it('names something on every carrier just where the full report has a margin below one, and then something that has none', () => {
  const random = seededNumbers(7);
  const seen = { holds: 0, goes: 0 };
  for (const machine of knownMachines()) {
    const { rig } = newCarrier('c', machine.id, 1.75);
    const ride = usualRide(machine);
    for (const { spot } of placedSpots(rig)) {
      const plain = plainSetUp(rig, spot.id, standardCamera());
      if (!plain) continue;
      const links = random() < 0.5 ? [] : [link('long-arm', 0.1 + 0.4 * random())];
      const resolved = resolveSetUp(rig, { ...plain, links });
      const pose = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, machine.actionStanceId));
      const thrown = { shakeRmsMS2: 30 * random(), shakeHz: 12, landingG: 3 * random() };
      const envelope = loadEnvelope(rig, resolved, ride, machine.actionStanceId, thrown);
      const { weakest, interfaces } = holdIn(rig, resolved, pose, envelope, ride);
      const first = firstToLetGo({ resolved, pose, ride }, envelope);
      expect([machine.id, spot.id, first === null]).toEqual([machine.id, spot.id, weakest.margin >= 1]);
      if (first !== null) expect(interfaces.find(({ name }) => name === first)!.margin).toBeLessThan(1);
      seen[first === null ? 'holds' : 'goes']++;
    }
  }
  expect(Math.min(seen.holds, seen.goes)).toBeGreaterThan(30);
});
