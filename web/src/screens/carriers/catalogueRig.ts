import { newCarrier, type MachineDefinition, type RigSpec } from '@strut-spot/core';

/** A machine as it stands in the catalogue. */
export const catalogueRig = (machine: MachineDefinition): RigSpec => newCarrier('catalogue', machine.id).rig;
