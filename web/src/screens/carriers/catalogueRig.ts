import { newCarrier, type MachineDefinition, type RigSpec } from '@strut-spot/core';

/** Stature of the lay figure in the catalogue, metres; an adult between the European means. */
const STATURE_M = 1.75;

/** A machine as it stands in the catalogue. */
export const catalogueRig = (machine: MachineDefinition): RigSpec => newCarrier('catalogue', machine.id, STATURE_M).rig;
