import {
  aimedSetUp,
  intentOf,
  newCarrier,
  newOuting,
  newShot,
  plainSetUp,
  rigOfCarrier,
  standardCamera,
  type GlobePlace,
  type Outing,
  type OutingCarrier,
  type RideConditions,
  type SetUp,
  type Shot,
  type ShotHour,
  type ShotUse,
} from '@strut-spot/core';
import { demoTrack, STRETCHES } from './demoTrack';

const AT = '2027-02-18T17:30:00.000Z';
const STATURE_M = 1.76;
/** Out in the open ocean, where there is no island. */
const WHERE: GlobePlace = { latDeg: 61.4, lonDeg: -9.6, timeZone: 'UTC' };
/** Late winter by the sea. */
const AIR_C = 5;
/** How cameras are run where not as usual. */
const USES: Readonly<Record<string, ShotUse>> = {
  'gravel-hands': { hours: 2, takes: 6 },
  skerries: { hours: 2.5, stintMin: 40, start: 'running' },
  'kayak-ahead': { hours: 1, takes: 4 },
  'buggy-wheel': { takes: 2, start: 'running', stintMin: 15 },
};
/** When each shot is taken and which way it goes. */
const HOURS: Readonly<Record<string, ShotHour>> = {
  'quay-low': { day: 1, at: '10:10', headingDeg: 215 },
  'quay-pass': { day: 1, at: '10:40', headingDeg: 215 },
  'first-try': { day: 4, at: '11:30', headingDeg: 40 },
  'gravel-hands': { day: 4, at: '14:20', headingDeg: 130 },
  skerries: { day: 2, at: '11:00', headingDeg: 300 },
  'kayak-ahead': { day: 2, at: '11:20', headingDeg: 300 },
  sister: { day: 2, at: '11:40', headingDeg: 160 },
  flight: { day: 3, at: '16:40', headingDeg: 250 },
  'buggy-crew': { day: 4, at: '13:10', headingDeg: 20 },
  'buggy-wheel': { day: 4, at: '13:30', headingDeg: 200 },
  'buggy-arm': { day: 4, at: '15:30', headingDeg: 235 },
};

/** The demo trip: three days in late winter on the made-up island of Skerra. Written to skerra.json by scripts/make-demo.mjs. */
export function makeDemo(): Outing {
  const empty = newOuting('skerra-late-winter', AT);
  const carrier = (
    id: string,
    machineId: string,
    ride: Partial<RideConditions>,
    over: Partial<OutingCarrier['rig']> = {},
  ): OutingCarrier => {
    const made = newCarrier(id, machineId, STATURE_M);
    return {
      ...made,
      rig: { ...made.rig, ...over },
      ride: { ...made.ride, lightId: 'hazy-sun', temperatureC: AIR_C, ...ride },
    };
  };
  const carriers = [
    carrier('longboard', 'longboard', { groundId: 'worn-asphalt', speedMps: 7, venueId: 'private-ground' }),
    carrier(
      'kayak',
      'kayak',
      { groundId: 'ripples' },
      {
        subject: { machineId: 'kayak', distanceM: 7, bearingDeg: 24, headingDeg: -8, aboveM: 0 },
      },
    ),
    carrier('paramotor', 'paramotor', { groundId: 'calm-air', lightId: 'sunset' }),
    carrier(
      'quay',
      'beside-the-course',
      {},
      {
        subject: { machineId: 'longboard', distanceM: 3.5, bearingDeg: 0, headingDeg: 90, aboveM: 0 },
      },
    ),
    carrier('gravel', 'road-bike', { groundId: 'gravel-road', speedMps: 6.5, weatherId: 'wet' }),
    carrier('buggy', 'buggy', { groundId: 'rooty-trail', speedMps: 10, weatherId: 'muddy' }),
  ];
  const carrierOf = (carrierId: string) => carriers.find((c) => c.id === carrierId)!;
  const rigOf = (carrierId: string) => rigOfCarrier(empty, carrierOf(carrierId));
  const shot = (id: string, carrierId: string, intentId: string, over: Partial<Shot> = {}): Shot => {
    const made = newShot(id, carrierOf(carrierId), rigOf(carrierId), { intent: intentOf(intentId) });
    return { ...made, ...over, setUp: roundAngles(over.setUp ?? made.setUp) };
  };
  /** A spot chosen by hand, aimed for the intent. */
  const at = (
    carrierId: string,
    spotId: string,
    intentId: string,
    stanceId: string,
    over: Partial<SetUp> = {},
    horizonAt = 0.4,
  ): SetUp => {
    const rig = rigOf(carrierId);
    const plain = { ...plainSetUp(rig, spotId, standardCamera())!, ...over };
    return aimedSetUp(rig, plain, intentOf(intentId), stanceId, horizonAt) ?? plain;
  };
  return {
    ...empty,
    name: 'Late winter on Skerra',
    place: 'Skerra, quay road and skerries',
    where: WHERE,
    track: demoTrack(),
    date: '2027-02-19',
    film: { seconds: 180 },
    startsAt: '09:30',
    riderName: 'Ina Fjeldmark',
    note: 'Friday the closed quay road on the longboard, Saturday by kayak through the skerries, Sunday an evening flight. Spare day: gravel bike and the borrowed buggy.',
    carriers,
    supplies: { cameras: [{ cameraId: 'cube-camera', batteries: 3, cardGb: 128 }], bays: 2, eveningH: 3 },
    shots: withHours([
      // Low on the boot it trembles: read out as quickly as the camera can.
      withMode(shot('quay-low', 'longboard', 'machine-at-work', { name: 'Down the quay road, low' }), 'action'),
      shot('quay-pass', 'quay', 'pass-by', { name: 'Past the harbour wall' }),
      shot('first-try', 'gravel', 'hands-and-trail', {
        name: 'First try: levelled while standing',
        note: 'Levelled upright astride, then ridden on the hoods.',
        seconds: 10,
        horizonAt: 0.16,
        setUp: {
          ...at('gravel', 'chest', 'hands-and-trail', 'hoods', { modeId: 'tall' }),
          angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 },
        },
      }),
      shot('gravel-hands', 'gravel', 'hands-and-trail', {
        name: 'Gravel, hands on the hoods',
        horizonAt: 0.16,
        setUp: at('gravel', 'chest', 'hands-and-trail', 'hoods', { modeId: 'tall' }, 0.16),
      }),
      shot('skerries', 'kayak', 'look-back-at-the-face', {
        name: 'Ina between the skerries',
        setUp: at('kayak', 'fore-deck', 'look-back-at-the-face', 'right'),
      }),
      shot('kayak-ahead', 'kayak', 'hands-and-trail', {
        name: 'Paddle and bow',
        setUp: at('kayak', 'chest', 'hands-and-trail', 'right', {}, 0.31),
      }),
      shot('sister', 'kayak', 'far-subject', {
        name: 'Runa alongside',
        setUp: at('kayak', 'fore-deck', 'far-subject', 'right', { modeId: 'straight' }),
      }),
      shot('flight', 'paramotor', 'clear-ahead', { name: 'Evening over the fields' }),
      shot('buggy-crew', 'buggy', 'look-back-at-the-face', {
        name: 'Both in the buggy',
        setUp: at('buggy', 'cage-front', 'look-back-at-the-face', 'cruise'),
      }),
      shot('buggy-wheel', 'buggy', 'machine-at-work', { name: 'Rear wheel at work' }),
      shot('buggy-arm', 'buggy', 'clear-ahead', {
        name: 'From the cage, on a long arm',
        note: 'Everything that was in the box, one on the other.',
        setUp: {
          ...at('buggy', 'cage-front', 'clear-ahead', 'cruise', {
            links: [
              { linkId: 'stand-off-hook', lengthM: 0.03, bendDeg: 0, turnDeg: 0 },
              { linkId: 'long-arm', lengthM: 0.28, bendDeg: 0, turnDeg: 0 },
            ],
          }),
        },
      }),
    ]),
  };
}

const withMode = (shot: Shot, modeId: string): Shot => ({ ...shot, setUp: { ...shot.setUp, modeId } });

const roundAngles = (setUp: SetUp): SetUp => {
  const half = (deg: number) => Math.round(deg * 2) / 2;
  const { panDeg, tiltDeg, rollDeg } = setUp.angles;
  return { ...setUp, angles: { panDeg: half(panDeg), tiltDeg: half(tiltDeg), rollDeg: half(rollDeg) } };
};

const withHours = (shots: readonly Shot[]): Shot[] =>
  shots.map((shot) => {
    const use = USES[shot.id];
    const stretch = STRETCHES[shot.id];
    return { ...shot, hour: HOURS[shot.id]!, ...(stretch ? { stretch } : {}), ...(use ? { use } : {}) };
  });
