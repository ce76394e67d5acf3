import { knownMachines } from '../../posing/lookup/resolveRig';
import { usualRide } from '../../posing/lookup/grounds';
import type { RideConditions } from '../../words/ride/rideConditions';
import { OUTING_VERSION } from './outing';

type Stored = Record<string, unknown>;

/** Step from version n to n + 1, by n. Each has a stored example in migrations.test.ts. */
export const OUTING_MIGRATIONS: Readonly<Record<number, (old: Stored) => Stored>> = {
  // 1 → 2: the speed of the ride, the time of starting and a free note came in; shots say where the sky line is wanted.
  1: (old) => ({
    startsAt: '09:00',
    speedMps: 6,
    note: '',
    ...old,
    shots: Array.isArray(old.shots) ? old.shots.map((shot: object) => ({ horizonAt: null, ...shot })) : old.shots,
    version: 2,
  }),
  // 2 → 3: an outing has several carriers, each shot names its own; kit of the user's own came in.
  2: ({ rig, ...old }) => ({
    ...old,
    carriers: [{ id: 'carrier', rig }],
    ownKit: { cameras: [], links: [], bases: [] },
    shots: Array.isArray(old.shots) ? old.shots.map((shot: object) => ({ carrierId: 'carrier', ...shot })) : old.shots,
    version: 3,
  }),
  // 3 → 4: each carrier has its own ground, speed, engine and light; the one speed of the outing was the first carrier's.
  3: ({ speedMps, ...old }) => ({
    ...old,
    carriers: Array.isArray(old.carriers)
      ? old.carriers.map((carrier: { rig?: { machineId?: string } }, i) => {
          const ride = usualRideOf(carrier.rig?.machineId ?? '');
          return {
            ...carrier,
            ride: i === 0 && typeof speedMps === 'number' ? { ...ride, speedMps } : ride,
            spotLogs: [],
          };
        })
      : old.carriers,
    shots: Array.isArray(old.shots)
      ? old.shots.map((shot: object) => ({ acknowledged: [], pullTests: [], ...shot }))
      : old.shots,
    version: 4,
  }),
  // 4 → 5: what a strut weighs is called mass in an ask, since light is a check.
  4: (old) => ({
    ...old,
    shots: Array.isArray(old.shots)
      ? old.shots.map((shot: Stored) => ({ ...shot, ...massForLight(shot.ask) }))
      : old.shots,
    version: 5,
  }),
};

/** An ask's weight of lightness by its present name; nothing for what is no ask. */
function massForLight(ask: unknown): Stored {
  if (typeof ask !== 'object' || ask === null) return {};
  const { weights } = ask as { weights?: unknown };
  if (typeof weights !== 'object' || weights === null || !('light' in weights)) return {};
  const { light, ...rest } = weights;
  return { ask: { ...ask, weights: { ...rest, mass: light } } };
}

/** Of a machine of the catalogue or the user's own; of one that is not known (any more), a quiet road. */
function usualRideOf(machineId: string): RideConditions {
  const machine = knownMachines().find((m) => m.id === machineId);
  return usualRide(machine ?? { world: 'road', usualSpeedMps: 6 });
}

/** Brings a stored document of an older version up to date; anything else comes back as it is. */
export function migrateOuting(stored: Stored): Stored {
  let document = stored;
  while (typeof document.version === 'number' && document.version < OUTING_VERSION) {
    const step = OUTING_MIGRATIONS[document.version];
    if (!step) return document;
    document = step(document);
  }
  return document;
}
