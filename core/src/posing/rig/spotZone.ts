import { keepLatest } from '../../mathematics/caching/keepLatest';
import { keyOf } from '../../mathematics/caching/keyOf';
import { bodySegments } from '../body/segments';
import { zoneOfBodyPart, type RiderZone } from './riderZone';
import type { Spot } from '../../words/carrier/spot';
import { resolveRig } from '../lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';

const latest = keepLatest<ReadonlyMap<string, string>>(12);
const wornKey = keyOf(({ wornIds, statureM }: RigSpec) => [wornIds, statureM]);

/** What each worn part sits on, by part id. */
export const wornOn = (spec: RigSpec): ReadonlyMap<string, string> =>
  latest(wornKey(spec), () => {
    const segments = bodySegments(spec.statureM);
    return new Map(
      resolveRig(spec)
        .worn.flatMap((w) => w.parts(segments))
        .map((p) => [p.id, p.on]),
    );
  });

/** Where on the rider a spot is, through whatever is worn between; null where it is on the machine or beside the course. */
export const spotZone = (spec: RigSpec, { partId }: Pick<Spot, 'partId'>): RiderZone | null =>
  zoneOfBodyPart(wornOn(spec).get(partId) ?? partId);
