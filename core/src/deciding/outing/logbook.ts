import { resolveRig } from '../../posing/lookup/resolveRig';
import { placedSpot } from '../../posing/rig/spots';
import { missingPiece, resolvePieces } from '../../posing/strut/resolveSetUp';
import { groundById } from '../../posing/lookup/grounds';
import { carrierOfShot, rigOfShot } from './outing';
import { dateOf } from './shotQuestion';
import type { Outing } from './records/outingRecord';
import type { LogEntry, Shot, WhyNot } from './records/shotRecord';

/** A take as it stands in the logbook: what came of it, and what it was filmed with. */
export interface LogRow {
  readonly entry: LogEntry;
  readonly outingId: string;
  readonly outing: string;
  readonly shotId: string;
  readonly shot: string;
  readonly rider: string;
  /** yyyy-mm-dd for which it was planned. */
  readonly date: string;
  readonly carrier: string;
  readonly place: string;
  readonly base: string;
  readonly camera: string;
  readonly ground: string;
}

/** Names of what a shot is filmed with; what the kit has not got any more is called by its id. */
function namesOf(outing: Outing, shot: Shot): Pick<LogRow, 'carrier' | 'place' | 'base' | 'camera' | 'ground'> {
  const carrier = carrierOfShot(outing, shot);
  const rig = rigOfShot(outing, shot);
  const { machine } = resolveRig(rig);
  const spot = placedSpot(rig, shot.setUp.spotId)?.spot;
  const pieces = missingPiece(rig, shot.setUp) === null ? resolvePieces(rig, shot.setUp) : null;
  return {
    carrier: machine.name,
    place: spot?.name ?? shot.setUp.spotId,
    base: pieces?.base.name ?? shot.setUp.baseId,
    camera: pieces?.camera.name ?? shot.setUp.cameraId,
    ground: groundById(carrier.ride.groundId).name,
  };
}

/** Every take of these outings, the last one first. */
export function logRows(outings: readonly Outing[]): readonly LogRow[] {
  return outings
    .flatMap((outing) =>
      outing.shots.flatMap((shot) => {
        if (shot.log.length === 0) return [];
        const common = {
          outingId: outing.id,
          outing: outing.name,
          shotId: shot.id,
          shot: shot.name,
          rider: outing.riderName,
          date: dateOf(outing, shot),
          ...namesOf(outing, shot),
        };
        return shot.log.map((entry) => ({ entry, ...common }));
      }),
    )
    .sort((a, b) => b.entry.at.localeCompare(a.entry.at));
}

/** By what takes are told apart. */
export const LOG_GROUPS = [
  { id: 'place', name: 'place' },
  { id: 'base', name: 'base' },
  { id: 'camera', name: 'camera' },
  { id: 'ground', name: 'ground' },
  { id: 'carrier', name: 'carrier' },
] as const;
export type LogGroup = (typeof LOG_GROUPS)[number]['id'];

export interface LogTrend {
  readonly name: string;
  /** Takes that were filmed. */
  readonly takes: number;
  /** Of them, 0 to 1: usable (partly counts half), moved or lost, with a lens that was not clean. */
  readonly usable: number;
  readonly moved: number;
  readonly dirty: number;
}

/** How much of a take counts. */
export const USABLE_SHARE = { yes: 1, partly: 0.5, no: 0 } as const;
const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** How takes came out, by place, base, camera, ground or carrier; most takes first. */
export function logTrends(rows: readonly LogRow[], group: LogGroup): readonly LogTrend[] {
  const by = new Map<string, LogEntry[]>();
  for (const row of rows) {
    if (!row.entry.done) continue;
    const entries = by.get(row[group]) ?? [];
    by.set(row[group], entries);
    entries.push(row.entry);
  }
  return [...by]
    .map(([name, entries]) => ({
      name,
      takes: entries.length,
      usable: mean(entries.map(({ usable }) => USABLE_SHARE[usable])),
      moved: mean(entries.map(({ held }) => (held === 'held' ? 0 : 1))),
      dirty: mean(entries.map(({ lens = 'clean' }) => (lens === 'clean' ? 0 : 1))),
    }))
    .sort((a, b) => b.takes - a.takes || a.name.localeCompare(b.name));
}

/** Why a take was not usable, and what mends that next time. */
export const WHY_NOT_WORDS: Readonly<Record<WhyNot, { readonly name: string; readonly next: string }>> = {
  angle: { name: 'wrong angle', next: 'ride ten seconds first and look at the test clip' },
  subject: {
    name: 'subject out of the picture',
    next: 'look at the picture in every stance on the bench, take a wider mode',
  },
  hidden: { name: 'something in the way', next: 'search other places on Find, or turn the arm' },
  shaky: { name: 'shaky', next: 'see what shakes it on Steady: a shorter arm, another place, more stabilising' },
  light: { name: 'too dark or too bright', next: 'see the hour and the shutter on Light' },
  lens: {
    name: 'dirt or drops on the lens',
    next: 'look at the lens more often, or film from a place out of the spray',
  },
  sound: { name: 'sound', next: 'foam over the microphone, or a recorder in the pocket' },
  moved: { name: 'the camera moved', next: 'pull harder before the ride, choose another base on Hold' },
  'not recording': { name: 'was not recording', next: 'see the lamp before you set off' },
};

/** How this base held at this place before, in this outing, in words; null where it held whenever it was filmed. */
export function movedBefore(outing: Outing, shot: Shot): string | null {
  const { machineId } = carrierOfShot(outing, shot).rig;
  const { spotId, baseId } = shot.setUp;
  const same = (other: Shot) =>
    other.setUp.spotId === spotId &&
    other.setUp.baseId === baseId &&
    carrierOfShot(outing, other).rig.machineId === machineId;
  const takes = outing.shots.filter(same).flatMap(({ log }) => log.filter(({ done }) => done));
  const moved = takes.filter(({ held }) => held !== 'held');
  if (moved.length === 0) return null;
  const lost = moved.some(({ held }) => held === 'lost') ? ', once it came off' : '';
  return `In the log it moved here in ${moved.length} of ${takes.length} ${takes.length === 1 ? 'take' : 'takes'}${lost}: choose another base, or clean the place and pull harder before the ride.`;
}

/** From so many takes of one place on something is said of it. */
const ENOUGH_TAKES = 3;

/** What to change next time, one sentence a place, what spoilt most first. */
export function nextTime(rows: readonly LogRow[]): readonly string[] {
  const places = new Map<string, LogRow[]>();
  for (const row of rows) {
    if (!row.entry.done) continue;
    const key = `${row.carrier}: ${row.place.toLowerCase()}`;
    places.set(key, [...(places.get(key) ?? []), row]);
  }
  const said: { spoilt: number; words: string }[] = [];
  for (const [name, all] of places) {
    if (all.length < ENOUGH_TAKES) continue;
    const counts = new Map<WhyNot, number>();
    for (const { entry } of all) {
      const reasons = new Set<WhyNot>(entry.usable === 'yes' ? [] : (entry.whyNot ?? []));
      if (entry.held !== 'held') reasons.add('moved');
      for (const reason of reasons) counts.set(reason, (counts.get(reason) ?? 0) + 1);
    }
    const [worst] = [...counts].sort((a, b) => b[1] - a[1]);
    if (!worst || worst[1] < 2) continue;
    const { name: why, next } = WHY_NOT_WORDS[worst[0]];
    said.push({ spoilt: worst[1], words: `${name}: ${why} in ${worst[1]} of ${all.length} takes. Next time ${next}.` });
  }
  return said.sort((a, b) => b.spoilt - a.spoilt).map(({ words }) => words);
}
