import { calibrateLens, portrait, type Lens } from '../../mathematics/lens/lens';
import { placedAt, whyUnplaced, type PlacedSpot } from '../rig/spots';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { CameraMode } from '../../words/kit/camera';
import type { StabiliserLevel } from '../../words/kit/stabiliser';
import { besideSpot } from './besideSpot';
import type { ResolvedArm, ResolvedSetUp } from './resolvedSetUp';
import { anchorOf } from './tethering';
import { addOnsOf, kitWith } from '../lookup/kit';
import { wearing } from '../building/wearing';
import type { FurtherArm, SetUp } from '../../words/setUp/setUp';

function find<Item extends { readonly id: string }>(what: string, items: readonly Item[], id: string): Item {
  const item = items.find((candidate) => candidate.id === id);
  if (!item) throw new RangeError(`resolveSetUp: no ${what} "${id}" (there are ${items.map((i) => i.id).join(', ')})`);
  return item;
}

const lenses = new WeakMap<CameraMode, Map<string, Lens>>();

/** The lens of a mode as it is steadied and turned. The same three give the same object, so that what is worked out for a lens can be kept with it. */
export function lensOf(mode: CameraMode, { crop }: StabiliserLevel, upright: boolean): Lens {
  const known = lenses.get(mode) ?? new Map<string, Lens>();
  lenses.set(mode, known);
  const key = `${crop.value}/${upright}`;
  const kept = known.get(key);
  if (kept) return kept;
  const lens = calibrateLens({ ...mode.lens, crop: crop.value });
  const made = upright ? portrait(lens) : lens;
  known.set(key, made);
  return made;
}

/** Ids to catalogue entries, and the place where it goes. @throws RangeError naming the id that is missing, or why the spot is lost */
export function resolveSetUp(spec: RigSpec, setUp: SetUp): ResolvedSetUp {
  const placed = placedAt(spec, setUp);
  if (!placed) throw new RangeError(`resolveSetUp: ${whyUnplaced(spec, setUp.spotId)}`);
  const pieces = resolvePieces(spec, setUp);
  const resolved = { placed, ...pieces, furtherArms: standingBeside(spec, placed, pieces.furtherArms) };
  const { tether } = pieces;
  return tether ? { ...resolved, tether: { ...tether, anchor: anchorOf(spec, resolved, tether.use) } } : resolved;
}

const NONE: readonly ResolvedArm[] = [];
const standingBeside = (spec: RigSpec, placed: PlacedSpot, arms: readonly ResolvedArm[]): readonly ResolvedArm[] =>
  arms.length === 0 ? NONE : arms.map((arm) => ({ ...arm, stands: besideSpot(spec, placed, arm.use) }));

/** What a set-up is made of that the kit lacks, in words; null when all is there. */
export function missingPiece(spec: RigSpec, setUp: SetUp): string | null {
  try {
    resolvePieces(spec, setUp);
    return null;
  } catch (error) {
    return `there is ${(error as Error).message.replace(/^\w+: /, '')}`;
  }
}

/** What slides lies along the surface, whatever a file says. */
const ALONG_DEG = 90;
const NONE_USED: readonly FurtherArm[] = [];
const NOT_YET = { lost: 'it is not put anywhere yet' };

/** The pieces of a set-up, wherever it goes. @throws RangeError naming the id that is missing */
export function resolvePieces(spec: RigSpec, setUp: SetUp): Omit<ResolvedSetUp, 'placed'> {
  const kit = kitWith(spec.ownKit);
  const camera = wearing(find('camera', kit.cameras, setUp.cameraId), addOnsOf(kit, setUp));
  const mode = find('mode', camera.modes, setUp.modeId);
  const stabiliser = find('stabiliser level', camera.stabilisers, setUp.stabiliserId);
  return {
    setUp,
    base: find('base', kit.bases, setUp.baseId),
    links: setUp.links.map((use) => {
      const definition = find('link', kit.links, use.linkId);
      return { use: definition.kind === 'slide' ? { ...use, bendDeg: ALONG_DEG } : use, definition };
    }),
    furtherArms: (setUp.furtherArms ?? NONE_USED).map((use) => ({
      use,
      base: find('base', kit.bases, use.baseId),
      link: find('link', kit.links, use.linkId),
      stands: NOT_YET,
    })),
    tether: setUp.tether
      ? { use: setUp.tether, definition: find('tether', kit.tethers, setUp.tether.tetherId), anchor: null }
      : null,
    head: find('head', kit.heads, setUp.headId),
    camera,
    mode,
    stabiliser,
    lens: lensOf(mode, stabiliser, setUp.mounting.startsWith('portrait')),
  };
}
