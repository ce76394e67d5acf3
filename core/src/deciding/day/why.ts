import type { Outing } from '../outing/records/outingRecord';
import type { Ordered } from './bestOrder';
import { isBeside, type Lap } from './laps';
import { filmingMinutes } from './rigWork';

/** A planned order as it is explained. */
interface Explained {
  readonly laps: readonly Lap[];
  readonly chosen: Ordered;
  /** Minutes of rigging less than in the order of the list. */
  readonly savedMin: number;
  /** Whether the order is the planner's, or one of the filmer's own. */
  readonly computed: boolean;
  /** Whether some lap may begin only at some time. */
  readonly timed: boolean;
}

/** Why a day is planned as it is, in words. */
export function whyOf(
  outing: Outing,
  { laps, chosen, savedMin: saved, computed, timed }: Explained,
): readonly string[] {
  const why: string[] = [];
  if (computed && saved > 0.5)
    why.push(
      `Mounts stay on for as long as they are used: ${Math.round(saved)} min less of rigging than in the order of the list.`,
    );
  if (!computed && saved < -0.5)
    why.push(`Your order costs ${Math.round(-saved)} min more of rigging than that of the list.`);
  const shots = laps.flat();
  if (timed && shots.some((shot) => shot.hour))
    why.push('Shots begin within three quarters of an hour of their own hours.');
  for (const shot of shots)
    if (shot.only)
      why.push(
        `${shot.name}: only from ${shot.only.from} to ${shot.only.to}${shot.only.why ? ` (${shot.only.why})` : ''}.`,
      );
  const nameOf = (id: string | undefined) => shots.find((shot) => shot.id === id)?.name;
  for (const shot of shots) if (nameOf(shot.after)) why.push(`${shot.name} after ${nameOf(shot.after)}.`);
  if (chosen.misplaced > 0)
    why.push(
      `${chosen.misplaced} ${chosen.misplaced === 1 ? 'shot stands' : 'shots stand'} before what should come first.`,
    );
  if (chosen.lateMin > 0.5)
    why.push(`Hours are missed by ${Math.round(chosen.lateMin)} min in all: something is too close together.`);
  const together = laps.filter((lap) => lap.length > 1);
  if (together.length > 0)
    why.push(
      `${together.reduce((sum, lap) => sum + lap.length, 0)} shots are filmed in ${together.length} ${together.length === 1 ? 'lap' : 'laps'}, with a camera each.`,
    );
  const beside = laps.flat().filter((shot) => isBeside(outing, shot));
  if (beside.length > 0) {
    const minutes = beside.reduce((sum, shot) => sum + filmingMinutes(outing, shot), 0);
    why.push(
      `${beside.length === 1 ? 'The pass-by costs' : `${beside.length} pass-bys cost`} ${Math.round(minutes)} min: place, ride back, pass, collect.`,
    );
  }
  return why;
}
