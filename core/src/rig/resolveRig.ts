import { CARRIERS } from '../../catalog/index.generated';
import type { Vec3 } from '../geometry/vec3';
import { shapeMachine, type OwnShape } from './ownShape';
import type { OwnKit } from '../strut/ownKit';
import type { CarrierDefinition, Fit, MachineDefinition, Surface, WornDefinition } from './definitions';

/** What rides: machine with its fitted measures, what is worn, and the rider's stature. */
export interface RigSpec {
  readonly machineId: string;
  readonly fit: Fit;
  readonly wornIds: readonly string[];
  readonly statureM: number;
  /** Somebody or something else to be framed: another rider, vehicle, boat or aircraft. */
  readonly subject?: SubjectSpec;
  /** Cameras, links and bases that the user added. */
  readonly ownKit?: OwnKit;
  /** Spots that the user put on parts by hand. */
  readonly ownSpots?: readonly OwnSpot[];
}

export interface SubjectSpec {
  readonly machineId: string;
  /** From the carrier (or, beside the course, from the line to the camera), metres. */
  readonly distanceM: number;
  /** 0 = ahead, 90 = to the right, 180 = behind. */
  readonly bearingDeg: number;
  /** Its heading against ours: 0 = the same way. */
  readonly headingDeg: number;
  /** Its height over ours, metres. */
  readonly aboveM: number;
}

/** A spot by point and normal in its part's frame. */
export interface OwnSpot {
  readonly id: string;
  readonly name: string;
  readonly partId: string;
  readonly point: Vec3;
  readonly normal: Vec3;
  readonly surface: Surface;
}

export interface ResolvedRig {
  readonly machine: MachineDefinition;
  readonly worn: readonly WornDefinition[];
}

const byId = new Map<string, CarrierDefinition>(CARRIERS.map((carrier) => [carrier.id, carrier]));

/** Makes the user's own shapes known beside the catalogue; those known before are replaced. */
export function registerOwnShapes(shapes: readonly OwnShape[]): void {
  for (const id of [...byId.keys()]) if (id.startsWith('own-')) byId.delete(id);
  for (const shape of shapes) byId.set(shape.id, shapeMachine(shape));
}

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
  return { machine, worn };
}
