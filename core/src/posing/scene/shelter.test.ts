import { newCarrier } from '../../deciding/outing/newOuting';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { resolveRig } from '../lookup/resolveRig';
import { poseRig } from '../rig/poseRig';
import { poseStrut } from '../strut/kinematics';
import { plainSetUp, standardCamera } from '../strut/plainSetUp';
import { resolveSetUp } from '../strut/resolveSetUp';
import { shelteredIn } from './shelter';
import { sunkInto } from './sunkInto';

/** Whether a plain camera is indoors at a spot, and what its lens lies in. */
function at(machineId: string, spotId: string) {
  const { rig } = newCarrier('c', machineId, 1.75);
  const resolved = resolveSetUp(rig, plainSetUp(rig, spotId, standardCamera())!);
  const action = poseRig(rig, resolveRig(rig).machine.stances[0]!.id);
  const { position } = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), action).worldFromCamera;
  return {
    indoors: shelteredIn(rig, resolved, action, position),
    sunk: sunkInto(
      action.parts.filter(({ group }) => group === 'machine'),
      position,
    ),
  };
}

it.each([
  ['coupe', 'chest'],
  ['coupe', 'screen-inside'],
  ['four-by-four', 'headrest'],
  ['glider', 'canopy-inside'],
  ['light-aircraft', 'cabin-tube'],
])('in a cabin or under a canopy it is indoors: %s, %s', (machineId, spotId) =>
  expect(at(machineId, spotId).indoors).toBe(true),
);

it.each([
  ['coupe', 'bonnet'],
  ['glider', 'wing-left'],
  ['mountain-bike', 'handlebar'],
  ['kayak', 'fore-deck'],
  ['motorcycle', 'handlebar'],
])('what is fixed to the outside is outdoors: %s, %s', (machineId, spotId) =>
  expect(at(machineId, spotId).indoors).toBe(false),
);

it.each([
  ['coupe', 'sill', false],
  ['coupe', 'rear-bumper', false],
  ['beach-catamaran', 'mast', false],
  ['glider', 'panel-top', true],
])(
  'a lens that leans into a wall finds walls all round, and stands as its spot does: %s, %s',
  (machineId, spotId, indoors) => {
    const found = at(machineId, spotId);
    expect(found.sunk?.depthM).toBeGreaterThan(0);
    expect(found.indoors).toBe(indoors);
  },
);
