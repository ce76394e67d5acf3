import { fileWith, ridgeLoop } from '../../../../testing/outings';
import { lostSpots } from '../../../posing/rig/spots';
import { rigOfShot } from '../../../deciding/outing/outing';
import type { Outing } from '../../../deciding/outing/records/outingRecord';
import { newAsk, type Ask } from '../../../words/shot/ask';
import { parseOuting, readOuting, serialiseOuting } from './parseOuting';
import { LARGEST_DOCUMENT } from './readDocument';

const outing = ridgeLoop();
const problemsOf = (text: string): string => {
  const parsed = parseOuting(text);
  if (parsed.ok) throw new Error('was taken');
  return parsed.problems.join(' ');
};
const taken = (text: string): Outing => {
  const parsed = parseOuting(text);
  if (!parsed.ok) throw new Error(parsed.problems.join(' '));
  return parsed.value;
};
const [shot] = outing.shots;

it('an outing comes back the same', () => {
  expect(parseOuting(serialiseOuting(outing))).toEqual({ ok: true, value: outing });
});

describe('what was asked of a shot', () => {
  const asked = (edit: Partial<Ask>): Outing => ({
    ...outing,
    shots: outing.shots.map((s) => ({ ...s, ask: { ...newAsk(s.intentId, s.carrierId), ...edit } })),
  });
  it('comes back with what must not show and where the sun stands', () => {
    const whole = asked({ without: ['cables', 'legs'], sun: { bearingDeg: -45, heightDeg: 12 }, horizonBand: null });
    expect(parseOuting(serialiseOuting(whole))).toEqual({ ok: true, value: whole });
  });

  it('no longer looks at a carrier that the outing has not got any more', () => {
    const whole = asked({ carrierIds: ['carrier', 'gone'] });
    expect(taken(serialiseOuting(whole)).shots[0]!.ask!.carrierIds).toEqual(['carrier']);
  });

  it.each([
    ['a thing nobody has', { without: ['wings' as 'legs'] }, /ask.without\[0\] must be one of/],
    ['a sun under the ground', { sun: { bearingDeg: 0, heightDeg: -5 } }, /ask.sun.heightDeg is below 0/],
    ['a sun from nowhere', { sun: { heightDeg: 5 } as never }, /ask.sun.bearingDeg is missing/],
    ['an intent nobody knows', { intentId: 'fireworks' }, /ask.intentId: no intent "fireworks"/],
    ['a share from high to low', { shares: { hands: [0.4, 0.1] } }, /ask.shares is no list of shares from low to high/],
  ] as const)('%s is refused', (_, edit, says) => {
    expect(problemsOf(serialiseOuting(asked(edit)))).toMatch(says);
  });
});

describe('refused with what is wrong and where:', () => {
  const setUp = 'shots.0.setUp';
  it.each([
    ['cut off', serialiseOuting(outing).slice(0, 300), /not whole JSON.*export it again/],
    ['a list', '[]', /holds no document/],
    ['nothing at all', 'null', /holds no document/],
    ['foreign', '{"format":"somebody/else","version":1}', /format is "somebody\/else", wanted "strut-spot\/outing"/],
    ['newer', fileWith(outing, { version: 99 }), /version 99, newer than this program reads \(18\)/],
    ['of a version there never was', fileWith(outing, { version: 0 }), /version is no version that there was/],
    ['too long a name', fileWith(outing, { name: 'x'.repeat(500) }), /name is longer than 120/],
    ['a number for a name', fileWith(outing, { name: 7 }), /name is not text/],
    [
      'text for a height',
      fileWith(outing, { 'carriers.0.rig.statureM': 'tall' }),
      /carriers\[0\].rig.statureM is not a number/,
    ],
    ['no carrier at all', fileWith(outing, { carriers: [null] }), /carriers\[0\]/],
    ['a date that is none', fileWith(outing, { date: '2027-02-30' }), /date is not a day like 2027-02-14/],
    [
      'a moment that is none',
      fileWith(outing, { changedAt: '2027-13-01T08:00:00Z' }),
      /changedAt is not a date and time/,
    ],
    [
      'a link of no length',
      fileWith(outing, { [`${setUp}.links`]: [{ linkId: 'short-link', lengthM: 0, bendDeg: 0, turnDeg: 0 }] }),
      /lengthM is below 0.001/,
    ],
    [
      'an impossible tilt',
      fileWith(outing, { [`${setUp}.angles.tiltDeg`]: 900 }),
      /shots\[0\].setUp.angles.tiltDeg is above 180/,
    ],
    [
      'an unknown camera',
      fileWith(outing, { [`${setUp}.cameraId`]: 'pinhole' }),
      /shots\[0\].setUp: no camera "pinhole".*cube-camera/,
    ],
    [
      'an unknown spot',
      fileWith(outing, { [`${setUp}.spotId`]: 'moon' }),
      /shots\[0\].setUp: no spot "moon" on this carrier/,
    ],
    [
      'an unknown machine',
      fileWith(outing, { 'carriers.0.rig.machineId': 'sledge' }),
      /carriers\[0\].rig: no machine "sledge"/,
    ],
    [
      'a shape that is not here',
      fileWith(outing, { 'carriers.0.rig.machineId': 'own-raft' }),
      /own-raft.*bring its model in under Carriers/,
    ],
    [
      'somebody else on an unknown machine',
      fileWith(outing, {
        'carriers.0.rig.subject': { machineId: 'sledge', distanceM: 5, bearingDeg: 0, headingDeg: 0, aboveM: 0 },
      }),
      /no machine "sledge"/,
    ],
    ['an unknown stance', fileWith(outing, { 'shots.0.actionStanceId': 'flying' }), /no stance "flying"/],
    [
      'an unknown intent',
      fileWith(outing, { 'shots.0.intentId': 'fireworks' }),
      /shots\[0\].intentId: no intent "fireworks"/,
    ],
    [
      'a shot from a carrier that is not there',
      fileWith(outing, { 'shots.0.carrierId': 'balloon' }),
      /no carrier "balloon"/,
    ],
    [
      'an own camera that cannot be',
      fileWith(outing, { 'ownKit.cameras': [{ id: 'own-1', name: 'x', fovDeg: 900 }] }),
      /ownKit\.cameras\[0\]/,
    ],
    ['a strange field', fileWith(outing, { surprise: 1 }), /unknown fields: surprise/],
  ])('%s', (_name, text, message) => {
    const problems = problemsOf(text);
    expect(problems).toMatch(message);
    // Whoever found it is no news to the reader.
    expect(problems).not.toMatch(/resolve|placeSpot|parse[A-Z]|undefined is not/);
  });

  it('an own camera whose picture is a stripe', () => {
    const stripe = {
      id: 'own-1', name: 'Stripe', projection: 'rectilinear', fovDeg: 90, fovAcross: 'horizontal', widthPx: 160, heightPx: 20000,
      framesPerSecond: 30, depthM: 0.03, heightM: 0.04, widthM: 0.06, massKg: 0.1, closestFocusM: 0.3,
    }; // prettier-ignore
    expect(problemsOf(fileWith(outing, { 'ownKit.cameras': [stripe] }))).toMatch(
      /cameras\[0\]: one side of its picture is more than 4 times/,
    );
    expect(taken(fileWith(outing, { 'ownKit.cameras': [{ ...stripe, heightPx: 120 }] })).ownKit.cameras).toHaveLength(
      1,
    );
  });

  it('more problems than anybody reads are counted', () => {
    const shots = Array.from({ length: 30 }, (_, i) => ({ ...shot, id: `s${i}`, seconds: -1 }));
    expect(problemsOf(fileWith(outing, { shots }))).toMatch(/… and 22 more/);
  });

  it('a file over the limit, before it is read', () => {
    expect(problemsOf(`"${'x'.repeat(LARGEST_DOCUMENT + 1)}"`)).toMatch(/at most 8,000,000/);
  });

  it('a file nested ever deeper', () => {
    const deep = `{"format":"strut-spot/outing","version":1,"rig":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
    expect(problemsOf(deep)).toMatch(/nested more than 40 levels/);
  });
});

describe('ids', () => {
  const ids = (text: string) => taken(text).shots.map((s) => s.id);
  it('that would break an address, or come twice, are made anew; the others stay', () => {
    const shots = ['s1', 's1', '../up', 'a b', 'what?#', 'ok-2'].map((id) => ({ ...shot, id }));
    const made = ids(fileWith(outing, { shots }));
    expect([made[0], made[5]]).toEqual(['s1', 'ok-2']);
    expect(new Set(made).size).toBe(6);
    for (const id of made) expect(id).toMatch(/^[\w-]+$/);
  });

  it('of a carrier take the shots along that are filmed from it', () => {
    const { carriers } = outing;
    const again = taken(
      fileWith(outing, { carriers: [{ ...carriers[0], id: 'a/b' }, carriers[0]], 'shots.0.carrierId': 'a/b' }),
    );
    expect(again.shots[0]!.carrierId).toBe(again.carriers[0]!.id);
    expect(again.carriers[1]!.id).toBe('carrier');
  });

  it('of clips and log entries are told apart', () => {
    const entry = { id: 'x', at: '2027-02-14T10:00:00Z', done: true, usable: 'yes', held: 'held', note: '' };
    const read = taken(fileWith(outing, { 'shots.0.log': [entry, entry, { ...entry, id: '' }] }));
    expect(new Set(read.shots[0]!.log.map((e) => e.id)).size).toBe(3);
  });
});

describe('a spot of one’s own that has lost its place', () => {
  const lost = {
    id: 'own-1', name: 'Beside the bike', partId: 'downTube', point: [0, 5, 0], normal: [0, 1, 0],
    surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.03 },
  }; // prettier-ignore
  const text = fileWith(outing, { 'carriers.0.rig.ownSpots': [lost], 'shots.0.setUp.spotId': 'own-1' });

  it('does not keep the outing, nor the other shots, from being read', () => {
    const read = taken(text);
    const rig = rigOfShot(read, read.shots[0]!);
    expect(lostSpots(rig).map((spot) => spot.id)).toEqual(['own-1']);
  });

  it('is refused where it points nowhere at all', () => {
    const nowhere = { ...lost, normal: [0, 0, 0] };
    expect(problemsOf(fileWith(outing, { 'carriers.0.rig.ownSpots': [nowhere] }))).toMatch(/normal has no direction/);
  });
});

it('what lies in the store is read without the catalogue: a machine that is gone keeps nobody from their notes', () => {
  const stored = JSON.parse(fileWith(outing, { 'carriers.0.rig.machineId': 'own-raft', note: 'mine' })) as Record<
    string,
    unknown
  >;
  expect(readOuting(stored)).toMatchObject({ ok: true, value: { note: 'mine' } });
});
