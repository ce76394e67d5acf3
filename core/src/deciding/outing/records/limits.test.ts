import { fileWith, ridgeLoop } from '../../../../testing/outings';
import { readOuting } from '../../../showing/formats/outingJson/parseOuting';
import type { Outing } from './outingRecord';
import { OUTING_LIMITS } from './schemaParts';

const first = ridgeLoop();
const entry = { id: 'e', at: '2027-02-14T11:00:00Z', done: true, usable: 'yes', held: 'held', note: '' } as const;
const clip = {
  id: 'clip', at: '2027-02-14T10:00:00Z', marks: { left: [0, 0.5], right: [1, 0.5] }, measuredTiltDeg: 3, measuredRollDeg: 1,
  tiltByDeg: -3, rollByDeg: -1, applied: true,
} as const; // prettier-ignore
const log = {
  id: 'l',
  spotId: 'chest',
  fileName: 'a.csv',
  at: '2027-02-14T10:00:00Z',
  seconds: 60,
  sampleHz: 200,
  bands: [{ lowHz: 10, highHz: 20, ratio: 1.4 }],
  used: true,
};
/** With one of everything that has a number in it. */
const full: Outing = {
  ...first,
  carriers: first.carriers.map((c) => ({
    ...c,
    ride: { ...c.ride, rpm: 3000 },
    spotLogs: [log],
    rig: {
      ...c.rig,
      subject: { machineId: 'kayak', distanceM: 6, bearingDeg: 20, headingDeg: 0, aboveM: 0 },
      ownSpots: [
        { id: 'own-s', name: 'x', partId: 'topTube', point: [0, 0, 0], normal: [0, 1, 0], surface: { material: 'alloy', shape: 'tube', tubeDiameterM: 0.03 } },
      ],
    },
  })),
  ownKit: {
    cameras: [{ id: 'own-c', name: 'x', projection: 'equidistant', fovDeg: 120, fovAcross: 'horizontal', widthPx: 3840, heightPx: 2160, framesPerSecond: 50, depthM: 0.03, heightM: 0.04, widthM: 0.06, massKg: 0.13, closestFocusM: 0.3 }],
    links: [{ id: 'own-l', name: 'x', lowM: 0.1, highM: 0.3, thicknessM: 0.02, massKg: 0.1 }],
    bases: [{ id: 'own-b', name: 'x', kind: 'strap', shapes: ['tube'], tubeLowM: 0.02, tubeHighM: 0.06, heightM: 0.02, massKg: 0.05 }],
  },
  shots: first.shots.map((s) => ({
    ...s,
    clips: [clip],
    log: [entry],
    pullTests: [{ at: '2027-02-14T09:00:00Z', newton: 60, held: true }],
    setUp: { ...s.setUp, links: [{ linkId: 'short-arm', lengthM: 0.05, bendDeg: 0, turnDeg: 0 }], shutterS: 0.01, apertureN: 4, isoMost: 800, compensation: -1, ndStops: 1, curedH: 5, gimbalTiltDeg: 0, bodyTiltDeg: 0 },
  })),
}; // prettier-ignore

const read = (path: string, value: unknown) =>
  readOuting(JSON.parse(fileWith(full, { [path]: value })) as Record<string, unknown>);
const shot = 'shots.0';
const carrier = 'carriers.0';

it('the outing that is changed is readable before', () => {
  expect(readOuting(JSON.parse(JSON.stringify(full)) as Record<string, unknown>)).toEqual({ ok: true, value: full });
});

it.each<[path: string, low: number, high: number]>([
  [`${shot}.seconds`, 0, 36000],
  [`${shot}.horizonAt`, 0, 1],
  [`${shot}.setUp.angles.tiltDeg`, -180, 180],
  [`${shot}.setUp.angles.panDeg`, -360, 360],
  [`${shot}.setUp.links.0.lengthM`, 0.001, 5],
  [`${shot}.setUp.links.0.bendDeg`, -180, 180],
  [`${shot}.setUp.ndStops`, 0, 12],
  [`${shot}.setUp.shutterS`, 1e-5, 30],
  [`${shot}.setUp.apertureN`, 0.7, 64],
  [`${shot}.setUp.isoMost`, 50, 500_000],
  [`${shot}.setUp.compensation`, -3, 3],
  [`${shot}.setUp.curedH`, 0, 1000],
  [`${shot}.setUp.gimbalTiltDeg`, -180, 180],
  [`${shot}.setUp.bodyTiltDeg`, -90, 90],
  [`${shot}.pullTests.0.newton`, 0, 5000],
  [`${shot}.clips.0.measuredTiltDeg`, -180, 180],
  [`${carrier}.rig.statureM`, 1.3, 2.1],
  [`${carrier}.rig.subject.distanceM`, 0.5, 3000],
  [`${carrier}.rig.subject.aboveM`, -1000, 1000],
  [`${carrier}.ride.speedMps`, 0, 120],
  [`${carrier}.ride.rpm`, 300, 20000],
  [`${carrier}.ride.dropM`, 0, 10],
  [`${carrier}.ride.windMps`, 0, 50],
  [`${carrier}.ride.altitudeM`, -400, 9000],
  [`${carrier}.ride.temperatureC`, -40, 60],
  [`${carrier}.spotLogs.0.bands.0.ratio`, 0, 1e6],
  [`${carrier}.rig.ownSpots.0.surface.tubeDiameterM`, 0.001, 2],
  ['ownKit.cameras.0.fovDeg', 3, 220],
  ['ownKit.cameras.0.massKg', 0.005, 8],
  ['ownKit.links.0.thicknessM', 0.002, 0.1],
  ['ownKit.bases.0.heightM', 0.002, 0.4],
])('%s goes from %d to %d: its ends are taken, what is beyond is refused with its place', (path, low, high) => {
  expect([read(path, low).ok, read(path, high).ok]).toEqual([true, true]);
  const step = Math.max(1e-9, (high - low) * 1e-6);
  const place = path.replace(/\.(\d+)/g, '[$1]');
  for (const beyond of [low - step, high + step, 1e308, -1e308]) {
    const parsed = read(path, beyond);
    expect(parsed.ok).toBe(false);
    expect(parsed.ok ? '' : parsed.problems.join(' ')).toContain(place);
  }
  for (const odd of ['7', null, [], {}, true]) {
    const parsed = read(path, odd);
    // An engine may be as usual, and a sky line anywhere: there null says so.
    if (odd === null && /rpm|horizonAt/.test(path)) expect(parsed.ok).toBe(true);
    else expect(parsed.ok).toBe(false);
  }
});

it.each<[path: string, limit: number, one: (i: number) => unknown]>([
  ['shots', OUTING_LIMITS.shots, (i) => ({ ...full.shots[0], id: `s${i}` })],
  ['carriers', OUTING_LIMITS.carriers, (i) => ({ ...full.carriers[0], id: i === 0 ? 'carrier' : `c${i}` })],
  [`${shot}.log`, OUTING_LIMITS.logEntries, (i) => ({ ...entry, id: `e${i}` })],
  [`${shot}.clips`, OUTING_LIMITS.clips, (i) => ({ ...clip, id: `k${i}` })],
  [`${shot}.acknowledged`, OUTING_LIMITS.acknowledged, (i) => `rule-${i}`],
  [`${carrier}.spotLogs`, OUTING_LIMITS.spotLogs, (i) => ({ ...log, id: `l${i}` })],
  [`${carrier}.spotLogs.0.bands`, OUTING_LIMITS.bands, (i) => ({ lowHz: i, highHz: i + 1, ratio: 1 })],
  [`${shot}.setUp.links`, OUTING_LIMITS.links, () => full.shots[0]!.setUp.links[0]],
])('%s holds %i entries and not one more', (path, limit, one) => {
  const list = (count: number) => Array.from({ length: count }, (_, i) => one(i));
  expect(read(path, list(limit)).ok).toBe(true);
  const more = read(path, list(limit + 1));
  expect(more.ok ? [] : more.problems).toEqual([expect.stringContaining(`more than ${limit} entries`)]);
});

it.each(['name', 'place', 'riderName', `${shot}.name`, 'ownKit.cameras.0.name', `${carrier}.rig.ownSpots.0.name`])(
  '%s is text of at most 120 letters, of whatever script',
  (path) => {
    expect(read(path, 'Ж'.repeat(OUTING_LIMITS.nameLength)).ok).toBe(true);
    expect(read(path, 'x'.repeat(OUTING_LIMITS.nameLength + 1)).ok).toBe(false);
    for (const odd of [7, null, [], {}, true]) expect(read(path, odd).ok).toBe(false);
  },
);

it.each([
  'name',
  'carriers',
  'shots',
  'ownKit',
  'createdAt',
  `${shot}.setUp`,
  `${shot}.setUp.angles`,
  `${carrier}.rig`,
  `${carrier}.ride`,
  `${carrier}.ride.groundId`,
])('without %s it is refused, and the place is said', (path) => {
  const parsed = read(path, undefined);
  expect(parsed.ok ? '' : parsed.problems.join(' ')).toContain(path.replace(/\.(\d+)/g, '[$1]'));
});
