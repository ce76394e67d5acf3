import { CARRIERS } from '../../../catalog/index.generated';
import { shapeMachine, type OwnShape } from '../building/ownShape';
import { fittedFor, type Dimension, type Fit } from '../../words/carrier/dimension';
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
  return { machine: machineRidden(machine, spec.stanceShares), worn, fit: fitOf(spec, machine.dimensions) };
}

const fits = new WeakMap<RigSpec, { readonly of: readonly Dimension[]; readonly fit: Fit }>();

/** The same rig gives the same object, so that what is worked out for its measures can be kept with it. */
function fitOf(spec: RigSpec, dimensions: readonly Dimension[]): Fit {
  const kept = fits.get(spec);
  if (kept?.of === dimensions) return kept.fit;
  const fit = fittedFor(dimensions, spec.statureM, spec.fit);
  fits.set(spec, { of: dimensions, fit });
  return fit;
}
