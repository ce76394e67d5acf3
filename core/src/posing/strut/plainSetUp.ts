import type { BaseKind, Surface } from '../../words/carrier/surface';
import type { RigSpec } from '../../words/rig/rigSpec';
import { placedSpot, type PlacedSpot } from '../rig/spots';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition, CameraMounting } from '../../words/kit/camera';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';
import { baseRefusal } from './baseRefusal';
import { kitWith, pieceOf, steppedHead } from '../lookup/kit';
import type { SetUp } from '../../words/setUp/setUp';

export interface CameraChoice {
  readonly cameraId: string;
  readonly modeId: string;
  readonly stabiliserId: string;
  readonly mounting?: CameraMounting;
}

export const standardCamera = (): CameraChoice => {
  const camera = pieceOf(kitWith().cameras, 'standard camera', (c) => c.standard === true);
  const [mode] = camera.modes;
  const [off, lightest = off] = camera.stabilisers;
  return { cameraId: camera.id, modeId: mode!.id, stabiliserId: lightest!.id };
};

/** The same for a kind of shot: stills at intervals, not steadied, where lights are to be drawn out. */
export const cameraFor = (intent: IntentDefinition): CameraChoice => {
  const standard = standardCamera();
  if (!intent.exposedS) return standard;
  const takes = ({ modes }: CameraDefinition) => modes.some((mode) => suitsIntent(mode, intent));
  const { cameras } = kitWith();
  const camera = cameras.find((c) => c.id === standard.cameraId && takes(c)) ?? cameras.find(takes);
  if (!camera) return standard;
  const mode = camera.modes.find((m) => suitsIntent(m, intent))!;
  return { cameraId: camera.id, modeId: mode.id, stabiliserId: camera.stabilisers[0]!.id };
};

/** Which way of holding is tried first where no base is made for the surface: common practice, no source. */
const BY_HABIT: readonly BaseKind[] = [
  'clamp',
  'harness',
  'strap',
  'adhesive',
  'suction',
  'jaw',
  'bolt',
  'magnet',
  'stand',
  'hand',
  'bite',
  'tape',
];

/** Bases that go on a surface: those made for it first, then as people try them. */
export function basesByHabit(bases: readonly BaseDefinition[], surface: Surface): readonly BaseDefinition[] {
  const rank = (base: BaseDefinition) =>
    (base.madeFor.includes(surface.shape) ? 0 : BY_HABIT.length) + BY_HABIT.indexOf(base.kind);
  return bases.filter((base) => baseRefusal(base, surface) === null).sort((a, b) => rank(a) - rank(b));
}

/** A surface whose normal points down by more than this (its part upward; 24° below level) has the camera hang. Common practice, no source. */
const LOOKS_DOWN = -0.4;

/** The plainest strut on one base: straight, nothing aimed yet. A camera that can be turned over hangs where the surface looks down. */
export function plainOn(
  { ownKit }: RigSpec,
  { spot, partFromSpot }: Pick<PlacedSpot, 'spot' | 'partFromSpot'>,
  { id: baseId }: BaseDefinition,
  { cameraId, modeId, stabiliserId, mounting }: CameraChoice,
): SetUp {
  const kit = kitWith(ownKit);
  const turnsOver = kit.cameras.some((c) => c.id === cameraId && c.mounting.includes('inverted'));
  const hangs = partFromSpot.rotation[4] < LOOKS_DOWN && turnsOver;
  return {
    spotId: spot.id,
    baseId,
    links: [],
    headId: steppedHead(kit).id,
    cameraId,
    modeId,
    stabiliserId,
    mounting: mounting ?? (hangs ? 'inverted' : 'upright'),
    angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 },
  };
}

/** The strut's simplest form at a spot, on the base that people try first; null when no base of the kit goes there. */
export function plainSetUp(spec: RigSpec, spotId: string, camera: CameraChoice): SetUp | null {
  const placed = placedSpot(spec, spotId);
  if (!placed) throw new RangeError(`plainSetUp: no spot "${spotId}" on this rig`);
  const [base] = basesByHabit(kitWith(spec.ownKit).bases, placed.spot.surface);
  return base ? plainOn(spec, placed, base, camera) : null;
}
