import { CARRIERS } from '../../../catalog/index.generated';
import { shapeMachine, type OwnShape } from '../building/ownShape';
import { fittedFor, type Fit } from '../../words/carrier/dimension';
import type { CarrierDefinition, MachineDefinition } from '../../words/carrier/machine';
import type { WornDefinition } from '../../words/carrier/worn';
import type { RigSpec } from '../../words/rig/rigSpec';
import { machineRidden } from './stanceShares';

interface ResolvedRig {
  readonly machine: MachineDefinition;
  readonly worn: readonly WornDefinition[];
  /** The machine's measures for this rider. */
  readonly fit: Fit;
}

const byId = new Map<string, CarrierDefinition>(CARRIERS.map((carrier) => [carrier.id, carrier]));

/** Makes the user's own shapes known beside the catalogue; those known before are replaced. */
export function registerOwnShapes(shapes: readonly OwnShape[]): void {
  for (const id of [...byId.keys()]) if (id.startsWith('own-')) byId.delete(id);
  for (const shape of shapes) byId.set(shape.id, shapeMachine(shape));
}

/** Whether an id is of a shape of somebody's own that is not here. */
export const isMissingShape = (id: string): boolean => id.startsWith('own-') && !byId.has(id);

/** Every machine of the catalogue and of the user's own. */
export const knownMachines = (): readonly MachineDefinition[] =>
  [...byId.values()].filter((c): c is MachineDefinition => c.kind === 'machine');

/** @throws RangeError for an id that the catalogue does not have, or that is of the other kind */
export function resolveRig(spec: RigSpec): ResolvedRig {
  const machine = byId.get(spec.machineId);
  if (machine?.kind !== 'machine') throw new RangeError(`resolveRig: no machine "${spec.machineId}" in the catalogue`);
  const worn = spec.wornIds.map((id) => {
    const found = byId.get(id);
    if (found?.kind !== 'worn') throw new RangeError(`resolveRig: nothing worn called "${id}" in the catalogue`);
    return found;
  });
  return {
    machine: machineRidden(machine, spec.stanceShares),
    worn,
    fit: fittedFor(machine.dimensions, spec.statureM, spec.fit),
  };
}
