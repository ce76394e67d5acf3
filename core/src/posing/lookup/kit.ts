import { ADD_ONS, BASES, CAMERAS, FILTERS, HEADS, LINKS, TETHERS } from '../../../catalog/index.generated';
import { ADD_ON_PLACES, type AddOnDefinition } from '../../words/kit/addOn';
import type { BaseDefinition } from '../../words/kit/base';
import type { CameraDefinition } from '../../words/kit/camera';
import type { FilterDefinition } from '../../words/kit/filter';
import type { HeadDefinition } from '../../words/kit/head';
import type { LinkDefinition } from '../../words/kit/link';
import type { TetherDefinition } from '../../words/kit/tether';
import { NO_OWN_KIT, type OwnKit } from '../../words/kit/ownKit';
import type { SetUp } from '../../words/setUp/setUp';
import { goesOn, wearing } from '../building/wearing';
import { ownBase, ownCamera, ownLink } from '../building/ownKit';

/** Everything that a strut can be made of: the catalogue and what the user added. */
export interface Kit {
  readonly cameras: readonly CameraDefinition[];
  readonly bases: readonly BaseDefinition[];
  readonly links: readonly LinkDefinition[];
  readonly heads: readonly HeadDefinition[];
  readonly filters: readonly FilterDefinition[];
  readonly addOns: readonly AddOnDefinition[];
  readonly tethers: readonly TetherDefinition[];
}

/** The first of some pieces that a condition names. @throws RangeError where the kit lacks such a piece */
export function pieceOf<Piece>(pieces: readonly Piece[], what: string, is: (piece: Piece) => boolean): Piece {
  const found = pieces.find(is);
  if (found === undefined) throw new RangeError(`pieceOf: the kit has no ${what}`);
  return found;
}

/** The joint that a strut begins with: it tilts in steps and turns no other way. */
export const steppedHead = ({ heads }: Kit): HeadDefinition =>
  pieceOf(heads, 'joint that tilts alone', ({ turns }) => !turns.pan && !turns.roll);

/** The joint that a camera gets which must be turned or rolled. */
export const turningHead = ({ heads }: Kit): HeadDefinition =>
  pieceOf(heads, 'joint that turns all ways', ({ turns }) => turns.pan && turns.roll);

const kits = new WeakMap<OwnKit, Kit>();

export function kitWith(own: OwnKit = NO_OWN_KIT): Kit {
  const known = kits.get(own);
  if (known) return known;
  const kit: Kit = {
    cameras: [...CAMERAS, ...own.cameras.map(ownCamera)],
    bases: [...BASES, ...own.bases.map(ownBase)],
    links: [...LINKS, ...own.links.map(ownLink)],
    heads: HEADS,
    addOns: ADD_ONS,
    tethers: TETHERS,
    filters: [...FILTERS].sort((a, b) => a.stops - b.stops),
  };
  kits.set(own, kit);
  return kit;
}

/** Everything that can lie in a box. */
export const allPieces = ({ cameras, bases, links, heads, filters, addOns, tethers }: Kit) => [
  ...cameras,
  ...bases,
  ...links,
  ...heads,
  ...filters,
  ...addOns,
  ...tethers,
];

/** Those that go on a camera as it is, by its size and by what sits on its lens. */
export const addOnsFor = ({ addOns }: Kit, camera: CameraDefinition): readonly AddOnDefinition[] =>
  addOns.filter((addOn) => goesOn(addOn, camera));

/** What a set-up has on its camera, in the kit's order: round the body before what goes before the lens. */
export const addOnsOf = ({ addOns }: Kit, { addOnIds = NONE }: Pick<SetUp, 'addOnIds'>): readonly AddOnDefinition[] =>
  ADD_ON_PLACES.flatMap((place) => addOns.filter((a) => a.place === place && addOnIds.includes(a.id)));
const NONE: readonly string[] = [];

/** The camera of a set-up with what it wears. @throws RangeError where the kit lacks it */
export const cameraOf = (own: OwnKit | undefined, setUp: Pick<SetUp, 'cameraId' | 'addOnIds'>): CameraDefinition => {
  const kit = kitWith(own);
  const bare = pieceOf(kit.cameras, `camera "${setUp.cameraId}"`, ({ id }) => id === setUp.cameraId);
  return wearing(bare, addOnsOf(kit, setUp));
};

/** The filter that takes what glass and water mirror. */
export const polariserOf = ({ filters }: Kit): FilterDefinition =>
  pieceOf(filters, 'polarising filter', ({ mirrorLeft }) => mirrorLeft !== undefined);

/** Those that fit before a camera's lens, the lightest first. */
export const filtersFor = ({ filters }: Kit, { filterFittings }: Pick<CameraDefinition, 'filterFittings'>) =>
  filters.filter(({ fittings }) => fittings.some((one) => filterFittings.includes(one)));

/** What a set-up has before its lens: the filter of the kit that takes as much, and a polarising one. */
export const filtersOf = (kit: Kit, { ndStops = 0, polariser }: Pick<SetUp, 'ndStops' | 'polariser'>) => [
  ...kit.filters.filter(({ stops, mirrorLeft }) => mirrorLeft === undefined && stops === ndStops),
  ...(polariser ? [polariserOf(kit)] : []),
];
