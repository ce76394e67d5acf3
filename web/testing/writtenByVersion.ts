import { newCarrier, newOuting } from '@strut-spot/core';
import { outingWithShot } from './openSheet';

type Stored = Record<string, unknown>;
const now = { ...newOuting('old', '2027-02-14T08:00:00.000Z'), name: 'Old trip' } as unknown as Stored;
const shot = outingWithShot().shots[0]! as unknown as Stored;
const without = (from: Stored, ...fields: string[]): Stored =>
  Object.fromEntries(Object.entries(from).filter(([field]) => !fields.includes(field)));
const { rig, ...carrier } = newCarrier('carrier', 'mountain-bike', 1.8);

/** One outing as each version of the program wrote it, the first version first. */
export const WRITTEN_BY_VERSION: readonly Stored[] = [
  {
    ...without(now, 'carriers', 'ownKit', 'startsAt', 'note'),
    version: 1,
    rig,
    shots: [without(shot, 'carrierId', 'horizonAt', 'acknowledged', 'pullTests')],
  },
  {
    ...without(now, 'carriers', 'ownKit'),
    version: 2,
    rig,
    speedMps: 9,
    shots: [without(shot, 'carrierId', 'acknowledged', 'pullTests')],
  },
  {
    ...now,
    version: 3,
    speedMps: 9,
    carriers: [{ id: carrier.id, rig }],
    shots: [without(shot, 'acknowledged', 'pullTests')],
  },
  {
    ...now,
    version: 4,
    carriers: [{ ...carrier, rig }],
    shots: [{ ...shot, ask: { ...fullAsk(), weights: { light: 7, steady: 2 } } }],
  },
  {
    ...now,
    version: 5,
    carriers: [{ ...carrier, rig }],
    shots: [{ ...shot, ask: { ...fullAsk(), weights: { mass: 7, steady: 2 } } }],
  },
  {
    ...now,
    version: 6,
    carriers: [{ ...carrier, rig: { ...rig, stanceShares: { seated: 0 } } }],
    shots: [
      { ...shot, stanceShares: { seated: 0.5 }, ask: { ...fullAsk(), kit: 'left', weights: { mass: 7, steady: 2 } } },
    ],
  },
  {
    ...now,
    version: 7,
    carriers: [{ ...carrier, rig }],
    where: { latDeg: 61.5, lonDeg: -7.2, timeZone: 'UTC' },
    shots: [
      {
        ...shot,
        hour: { at: '16:40', headingDeg: 210 },
        ask: { ...fullAsk(), light: 'front', weights: { mass: 7, steady: 2 } },
      },
    ],
  },
  {
    ...now,
    version: 8,
    carriers: [{ ...carrier, rig, ride: { ...carrier.ride, weatherId: 'muddy', humidityPct: 90 } }],
    film: { seconds: 180, audience: 'friends' },
    plan: { packed: ['wipes'], done: ['charge'] },
    shots: [
      {
        ...shot,
        use: { takes: 5, hours: 6, start: 'remote', foam: true, fromC: -4 },
        only: { from: '11:00', to: '12:00', why: 'tide' },
        hour: { at: '16:40', headingDeg: 210 },
        ask: { ...fullAsk(), light: 'front', weights: { mass: 7, steady: 2 } },
      },
    ],
    where: { latDeg: 61.5, lonDeg: -7.2, timeZone: 'UTC' },
  },
  withTaught({ version: 9 }),
  withTaught({ version: 10 }, { setUp: { ...(shot.setUp as Stored), slideM: -0.02 } }),
  withTaught(
    { version: 11 },
    {
      hour: { at: '16:40', until: '17:20', headingDeg: 210 },
      setUp: {
        ...(shot.setUp as Stored),
        slideM: -0.02,
        ndStops: 3,
        isoMost: 800,
        compensation: -1,
        exposureLock: true,
      },
    },
  ),
  withTaught({
    version: 12,
    lessons: [{ id: 'c0', at: '2027-02-13T09:00:00Z', ...lesson(), strut: 'chest-harness + short-arm' }],
  }),
  withTaught(
    { version: 13 },
    {
      setUp: {
        ...(shot.setUp as Stored),
        furtherArms: [{ alongM: -0.2, acrossM: 0.15, baseId: 'suction-single', linkId: 'long-arm' }],
      },
    },
  ),
  withTaught({ version: 14, carriers: [{ ...carrier, rig, ride: { ...carrier.ride, blades: 'nicked' } }] }),
  withTaught({ version: 15 }, { setUp: { ...(shot.setUp as Stored), addOnIds: ['clear-housing'] } }),
  withTaught(
    { version: 16 },
    {
      setUp: {
        ...(shot.setUp as Stored),
        tether: { tetherId: 'cord', partId: 'backpack', lengthM: 0.2 },
        furtherArms: [{ spotId: 'pack', alongM: 0, acrossM: 0, baseId: 'suction-single', linkId: 'long-arm' }],
      },
    },
  ),
  withTaught({ version: 17 }, { setUp: { ...(shot.setUp as Stored), baseId: 'bar-bracket', besideKg: 0.12 } }),
  withTaught(
    {},
    {
      setUp: {
        ...(shot.setUp as Stored),
        cameraId: 'two-lens-360',
        modeId: 'reframed',
        stabiliserId: 'sphere',
        bodyTiltDeg: 40,
      },
    },
  ),
];

/** With all that clips, log and supplies may say. */
function withTaught(over: Stored, ofShot: Stored = {}): Stored {
  return {
    ...now,
    carriers: [{ ...carrier, rig, ride: { ...carrier.ride, weatherId: 'muddy', humidityPct: 90 } }],
    lessons: [{ id: 'c0', at: '2027-02-13T09:00:00Z', ...lesson() }],
    supplies: { cameras: [{ cameraId: 'cube-camera', batteries: 4, cardGb: 256, worn: true }], bays: 2 },
    where: { latDeg: 61.5, lonDeg: -7.2, timeZone: 'UTC' },
    shots: [
      {
        ...shot,
        use: { takes: 5, hours: 6, start: 'remote', foam: true, fromC: -4 },
        clips: [clip()],
        log: [{ ...entry(), lap: 2, usableS: 12, whyNot: ['shaky', 'lens'], lens: 'drops', batteryPct: 55 }],
        hour: { at: '16:40', headingDeg: 210 },
        ask: { ...fullAsk(), light: 'front', weights: { mass: 7, steady: 2 } },
        ...ofShot,
      },
    ],
    ...over,
  };
}
function lesson(): Stored {
  return { machineId: 'mountain-bike', partId: 'torso', spotId: 'chest', pitchDeg: 4.5, rollDeg: -1, used: true };
}
function clip(): Stored {
  return {
    id: 'c1',
    at: '2027-02-14T09:00:00Z',
    marks: { left: [0.1, 0.5], right: [0.9, 0.5] },
    measuredTiltDeg: -8,
    measuredRollDeg: 1,
    tiltByDeg: -4,
    rollByDeg: -1,
    applied: true,
    lesson: lesson(),
  };
}
function entry(): Stored {
  return { id: 'e1', at: '2027-02-14T10:00:00Z', done: true, usable: 'partly', held: 'held', note: '' };
}

function fullAsk(): Stored {
  return {
    intentId: 'hands-and-trail',
    format: 'wide',
    hands: 'as the intent',
    talking: false,
    reachable: false,
    kit: 'box',
    carrierIds: ['carrier'],
  };
}
