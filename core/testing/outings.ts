import { newOuting } from '../src/deciding/outing/newOuting';
import { newShot } from '../src/deciding/outing/newShot';
import { rigOfCarrier } from '../src/deciding/outing/outing';
import type { Outing } from '../src/deciding/outing/records/outingRecord';
import { intentOf } from '../src/posing/lookup/intentOf';
import { serialiseOuting } from '../src/showing/formats/outingJson/parseOuting';

/** A bike outing with one shot of hands and trail from the chin bar. */
export function ridgeLoop(): Outing {
  const empty = newOuting('o1', '2027-02-14T08:00:00.000Z');
  const [carrier] = empty.carriers;
  const rig = rigOfCarrier(empty, carrier!);
  return {
    ...empty,
    name: 'Ridge loop',
    shots: [newShot('s1', carrier!, rig, { intent: intentOf('hands-and-trail') })],
  };
}

type Json = Record<string, unknown>;

/** An outing's file with something in it changed by its path: `{ 'shots.0.setUp.angles.tiltDeg': 900 }`; undefined takes it out. */
export function fileWith(outing: Outing, changes: Readonly<Record<string, unknown>>): string {
  const copy = JSON.parse(serialiseOuting(outing)) as Json;
  for (const [path, value] of Object.entries(changes)) {
    const keys = path.split('.');
    const last = keys.pop()!;
    const at = keys.reduce<Json>((part, key) => part[key] as Json, copy);
    if (value === undefined) delete at[last];
    else at[last] = value;
  }
  return JSON.stringify(copy);
}
