import { addOnsOf, filtersOf, kitWith } from '../../posing/lookup/kit';
import { placedAt } from '../../posing/rig/spots';
import { missingPiece, resolvePieces, resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { BaseKind } from '../../words/carrier/surface';
import { suppliesOf } from '../../words/shot/use';
import { carrierOfShot, rigOfShot } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import { piecesTaken, type PieceCounts } from '../outing/kitUse';
import { powerOfDay } from '../outing/powerOfDay';
import { lapsOf } from './laps';

/** One thing to take along. */
export interface PackItem {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** All of them together, grams; null where nobody knows. */
  readonly grams: number | null;
  readonly kind: 'camera' | 'mount' | 'power' | 'care';
  /** Mounted before one sets off, with whoever rides, or left at the start. */
  readonly goes: 'on' | 'along' | 'start';
  /** What it is for, in a few words. */
  readonly why: string;
  /** Piece of the kit, where it is one. */
  readonly pieceId?: string;
}

/** The same in words. */
export const GOES: Readonly<Record<PackItem['goes'], string>> = {
  on: 'mounted at home',
  along: 'with you',
  start: 'stays at the start',
};

/** What a base wants along. Common practice, no source. */
const WITH_BASE: Readonly<Partial<Record<BaseKind, readonly [id: string, name: string, grams: number, why: string]>>> =
  {
    suction: ['cup-water', 'Cloth and a little water', 120, 'for the cups: clean, slightly wet, press'],
    adhesive: ['spare-pads', 'Spare pads and alcohol wipes', 40, 'for what was stuck'],
    clamp: ['hex-key', 'Hex keys', 60, 'for the clamps'],
    bolt: ['hex-key', 'Hex keys', 60, 'for the bolts'],
    tape: ['spare-tape', 'Spare interlocking tape', 20, 'for what is taped'],
    stand: ['level', 'A stone bag or peg', 150, 'so that the stand stays'],
  };
/** What is used before and after the ride only. Common practice, no source. */
const LEFT_AT_START = ['scale', 'hex-key', 'cup-water', 'level', 'spare-pads'];
/** A card in its sleeve, grams. Estimate 1 to 4. */
const CARD_G = 2;
/** Cord and a ring for one camera, grams. */
const TETHER_G = 15;
/** A pad with a ring for a tether, which is no piece of the kit. Grams: estimate 5 to 12. */
const TETHER_PAD = {
  id: 'tether-pad',
  name: 'Stick-on pad with a ring',
  count: 1,
  grams: 8,
  kind: 'care',
  why: 'for the tether',
} as const;

interface Piece {
  readonly id: string;
  readonly name: string;
  readonly massKg: { readonly value: number };
}

/** How many of each piece are out at once, by id: of each as many as the lap takes that takes most of them. */
function mostAtOnce(outing: Outing, shots: readonly Shot[], counts: PieceCounts): ReadonlyMap<string, number> {
  const most = new Map<string, number>();
  const days = new Set(shots.map((shot) => shot.hour?.day ?? 1));
  const laps = [...days].flatMap((day) =>
    lapsOf(
      outing,
      shots.filter((shot) => (shot.hour?.day ?? 1) === day),
      counts,
    ),
  );
  for (const lap of laps) for (const [id, count] of piecesTaken(lap)) most.set(id, Math.max(most.get(id) ?? 0, count));
  return most;
}

/** Everything that an outing's shots take along, each once with its count, heaviest kind first; what the trade takes besides at the end. */
export function packList(outing: Outing, counts: PieceCounts = {}): readonly PackItem[] {
  const shots = outing.shots.filter((shot) => missingPiece(rigOfShot(outing, shot), shot.setUp) === null);
  if (shots.length === 0) return [];
  const kit = kitWith(outing.ownKit);
  const atOnce = mostAtOnce(outing, shots, counts);
  const items = new Map<string, PackItem>();
  const add = (item: Omit<PackItem, 'goes'> & Partial<Pick<PackItem, 'goes'>>) => {
    const had = items.get(item.id);
    const goes = item.goes ?? (LEFT_AT_START.includes(item.id) ? 'start' : 'along');
    items.set(
      item.id,
      had
        ? {
            ...item,
            goes,
            count: Math.max(had.count, item.count),
            grams: Math.max(had.grams ?? 0, item.grams ?? 0) || null,
          }
        : { ...item, goes },
    );
  };
  const piece = (
    { id, name, massKg: { value } }: Piece,
    kind: PackItem['kind'],
    why: string,
    { count = atOnce.get(id) ?? 1, goes = 'along' }: { count?: number; goes?: PackItem['goes'] } = {},
  ) => add({ id, pieceId: id, name, count, grams: Math.round(value * count * 1000), kind, why, goes });

  const cameraIds = [...new Set(shots.map((shot) => shot.setUp.cameraId))];
  for (const id of cameraIds) {
    const camera = kit.cameras.find((c) => c.id === id)!;
    const of = shots.filter((shot) => shot.setUp.cameraId === id).length;
    piece(camera, 'camera', of === 1 ? 'one shot' : `${of} shots`);
  }
  // What is stuck or bolted stays on its place: one for each place, of each other piece as many as are out at once.
  const places = new Map<string, Set<string>>();
  const unitsOf = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (atOnce.get(id) ?? 1), 0);
  // A tether stays with its camera.
  const tied = new Map<string, string>();
  for (const shot of shots) {
    const { base, links, furtherArms, head } = resolvePieces(rigOfShot(outing, shot), shot.setUp);
    const key = `${shot.carrierId} ${shot.setUp.spotId}`;
    places.set(base.id, (places.get(base.id) ?? new Set()).add(key));
    const stays = base.kind === 'adhesive' || base.kind === 'bolt';
    if (stays) piece(base, 'mount', 'stays where it is stuck', { count: places.get(base.id)!.size, goes: 'on' });
    else piece(base, 'mount', 'moved from place to place');
    for (const { definition } of links) piece(definition, 'mount', 'between base and camera');
    for (const arm of furtherArms) {
      piece(arm.base, 'mount', 'one under each arm');
      piece(arm.link, 'mount', 'arms beside the first');
    }
    piece(head, 'mount', 'turns the camera');
    const { weatherId = 'dry' } = carrierOfShot(outing, shot).ride;
    if (weatherId !== 'dry')
      add({
        id: 'lens-cover',
        name: 'Spare lens cover',
        count: 1,
        grams: 15,
        kind: 'care',
        why: 'where mud, grit or spray comes to the lens',
      });
    const extra = WITH_BASE[base.kind];
    if (extra) add({ id: extra[0], name: extra[1], count: 1, grams: extra[2], kind: 'care', why: extra[3] });
    if (shot.use?.foam || shot.ask?.talking)
      add({ id: 'foam', name: 'Wind foam', count: 1, grams: 5, kind: 'care', why: 'for who talks' });
    if (shot.use?.recorder)
      add({
        id: 'recorder',
        name: 'Recorder with a collar microphone',
        count: 1,
        grams: 90,
        kind: 'power',
        why: 'for who talks',
      });
    if (shot.use?.feed === 'power bank')
      add({
        id: 'bank',
        name: 'Power bank and short cable',
        count: 1,
        grams: 220,
        kind: 'power',
        why: 'feeds while it records',
      });
    if (shot.use?.feed === 'machine')
      add({
        id: 'cable',
        name: 'Cable to the machine',
        count: 1,
        grams: 60,
        kind: 'power',
        why: 'feeds while it records',
      });
    for (const filter of filtersOf(kit, shot.setUp))
      piece(filter, 'care', filter.mirrorLeft ? 'against what glass mirrors' : 'off again before dusk');
    const tether = kit.tethers.find(({ id }) => id === shot.setUp.tether?.tetherId);
    if (tether) {
      tied.set(shot.setUp.cameraId, tether.id);
      const count = unitsOf([...tied].flatMap(([cameraId, id]) => (id === tether.id ? cameraId : [])));
      piece(tether, 'care', 'what comes off must not leave', { count });
      const rig = rigOfShot(outing, shot);
      if (placedAt(rig, shot.setUp) && resolveSetUp(rig, shot.setUp).tether?.anchor?.stuckOn) add(TETHER_PAD);
    }
    for (const addOn of addOnsOf(kit, shot.setUp)) piece(addOn, 'care', addOn.place);
  }
  const day = powerOfDay(outing);
  for (const camera of day.cameras) {
    const swaps = kit.cameras.find((c) => c.id === camera.cameraId)?.lasting.swaps ?? false;
    const spare = camera.batteries - 1;
    if (swaps && spare > 0)
      add({
        id: `battery-${camera.cameraId}`,
        name: `Spare batteries, ${camera.name.toLowerCase()}`,
        count: spare,
        grams: spare * 30,
        kind: 'power',
        why: `${camera.batteries} needed, one is in it`,
      });
    const { cardGb } = suppliesOf(outing.supplies, camera.cameraId);
    const cards = Math.ceil(camera.gb / cardGb) + 1;
    add({
      id: `card-${camera.cameraId}`,
      name: `Cards of ${cardGb} GB, ${camera.name.toLowerCase()}`,
      count: cards,
      grams: CARD_G * cards,
      kind: 'power',
      why: `${Math.max(1, Math.round(camera.gb))} GB of film, and one spare`,
    });
  }
  const untied = unitsOf(cameraIds.filter((id) => !tied.has(id)));
  if (untied > 0)
    add({
      id: 'tethers',
      name: 'Tethers: cord and rings',
      count: untied,
      grams: TETHER_G * untied,
      kind: 'care',
      why: 'around each camera itself',
    });
  add({ id: 'scale', name: 'Hand scale', count: 1, grams: 100, kind: 'care', why: 'for the pull test' });
  add({
    id: 'wipes',
    name: 'Soft cloths and a water-repellent wipe',
    count: 2,
    grams: 20,
    kind: 'care',
    why: 'for lenses, in a dry pocket',
  });
  add({
    id: 'ties',
    name: 'Cable ties and cloth tape',
    count: 1,
    grams: 60,
    kind: 'care',
    why: 'for whatever comes loose',
  });
  const order: readonly PackItem['kind'][] = ['camera', 'mount', 'power', 'care'];
  return [...items.values()].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
}

/** All of it, grams; what nobody knows is left out. */
export const packedGrams = (items: readonly PackItem[]): number =>
  items.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
