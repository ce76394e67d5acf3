import { ridgeLoop } from '../../../testing/outings';
import { kitWith } from '../../posing/lookup/kit';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { newCarrier } from '../outing/newOuting';
import { rigOfCarrier } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import type { SetUp } from '../../words/setUp/setUp';
import { GOES, packList, type PackItem } from './packList';

const base = ridgeLoop();
const rig = rigOfCarrier(base, base.carriers[0]!);
const cube = { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' };
const thumb = { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'off' };
const shot = (id: string, spotId: string, setUp: Partial<SetUp> = cube, over: Partial<Shot> = {}): Shot => {
  const camera = { ...cube, ...setUp };
  return { ...base.shots[0]!, id, name: id, setUp: { ...plainSetUp(rig, spotId, camera)!, ...camera }, ...over };
};
const day = (shots: readonly Shot[], over: Partial<Outing> = {}): Outing => ({ ...base, shots, ...over });
const pack = (shots: readonly Shot[], cameras = 1, over: Partial<Outing> = {}) =>
  packList(day(shots, over), { 'cube-camera': cameras });
const of = (items: readonly PackItem[], id: string) => items.find((item) => item.id === id);
const count = (items: readonly PackItem[], id: string) => of(items, id)?.count ?? 0;

describe('as many as are out at once', () => {
  const joint = { ...cube, headId: 'finger-joint' };
  const two = [shot('a', 'chest', joint), shot('b', 'handlebar', joint)];

  it('cameras that ride together each have their own joint; one that moves takes its joint along', () => {
    expect([count(pack(two, 1), 'cube-camera'), count(pack(two, 1), 'finger-joint')]).toEqual([1, 1]);
    expect([count(pack(two, 2), 'cube-camera'), count(pack(two, 2), 'finger-joint')]).toEqual([2, 2]);
    const mixed = [shot('a', 'chest', joint), shot('b', 'handlebar', { ...thumb, headId: 'finger-joint' })];
    expect([count(pack(mixed), 'cube-camera'), count(pack(mixed), 'thumb-camera')]).toEqual([1, 1]);
    expect(count(pack(mixed), 'finger-joint')).toBe(2);
  });

  it('no second camera goes along for what is filmed from one place, however many there are', () => {
    expect(count(pack([shot('a', 'chest'), shot('b', 'chest')], 5), 'cube-camera')).toBe(1);
  });

  it('what is stuck stays, so that each place takes one, whatever rides together', () => {
    const stuck = { ...cube, baseId: 'adhesive-pad' };
    const three = ['helmet-top', 'helmet-side', 'helmet-top'].map((spotId, i) => shot(`s${i}`, spotId, stuck));
    const pads = of(pack(three), 'adhesive-pad')!;
    expect([pads.count, pads.goes, GOES[pads.goes]]).toEqual([2, 'on', 'mounted at home']);
  });

  it('days do not add up: what was used on the first is free on the second', () => {
    const second = { day: 2, at: '09:00', headingDeg: null };
    const days = [
      shot('a', 'chest', joint),
      shot('b', 'handlebar', { ...thumb, headId: 'finger-joint' }, { hour: second }),
    ];
    expect(count(pack(days), 'finger-joint')).toBe(1);
  });

  it('weighs as much as there is of it', () => {
    const { massKg } = kitWith().cameras.find(({ id }) => id === 'cube-camera')!;
    expect(of(pack(two, 2), 'cube-camera')!.grams).toBe(Math.round(2000 * massKg.value));
  });

  it('each camera has its tether, of its own kind where that was told', () => {
    expect(count(pack(two, 2), 'tethers')).toBe(2);
    expect(count(pack(two, 1), 'tethers')).toBe(1);
    const tied = { ...joint, tether: { tetherId: 'cord', lengthM: 0.2 } } as Partial<SetUp>;
    const items = pack([shot('a', 'chest', tied), shot('b', 'handlebar', thumb)]);
    expect([count(items, 'cord'), count(items, 'tethers')]).toEqual([1, 1]);
  });

  it('a strut of three arms takes three bases and joints', () => {
    const further = ['long-arm', 'long-arm'].map((linkId, i) => ({
      baseId: 'suction-single',
      linkId,
      lengthM: 0.2,
      awayM: 0.13,
      towardDeg: 90 * i,
    }));
    const setUp = { ...cube, furtherArms: further } as unknown as Partial<SetUp>;
    const plain = shot('a', 'chest');
    const heads = count(pack([plain]), plain.setUp.headId);
    const items = pack([{ ...plain, setUp: { ...plain.setUp, ...setUp } }]);
    expect([count(items, 'suction-single'), count(items, 'long-arm')]).toEqual([2, 2]);
    expect(count(items, plain.setUp.headId)).toBe(heads + 2);
  });
});

describe('what a shot wants besides', () => {
  const items = (over: Partial<Shot>, setUp: Partial<SetUp> = cube) => pack([shot('a', 'chest', setUp, over)]);
  const ids = (list: readonly PackItem[]) => list.map(({ id }) => id);

  it('who talks takes foam, or a recorder; who feeds it a power bank, or a cable to the machine', () => {
    expect(ids(items({ use: { foam: true, feed: 'power bank' } }))).toEqual(expect.arrayContaining(['foam', 'bank']));
    expect(ids(items({ use: { recorder: true, feed: 'machine' } }))).toEqual(
      expect.arrayContaining(['recorder', 'cable']),
    );
    for (const id of ['foam', 'bank', 'recorder', 'cable']) expect(ids(items({}))).not.toContain(id);
  });

  it('a filter is off again before dusk, a polariser is against what glass mirrors', () => {
    expect(of(items({}, { ...cube, ndStops: 4 }), 'nd16')!.why).toBe('off again before dusk');
    expect(of(items({}, { ...cube, polariser: true }), 'polariser')!.why).toBe('against what glass mirrors');
  });

  it('in the wet a spare cover for the lens, which in the dry stays at home', () => {
    const wet = base.carriers.map((c) => ({ ...c, ride: { ...c.ride, weatherId: 'rain' as const } }));
    expect(count(pack([shot('a', 'chest')], 1, { carriers: wet }), 'lens-cover')).toBe(1);
    const dry = base.carriers.map((c) => ({ ...c, ride: { ...c.ride, weatherId: 'dry' as const } }));
    expect(count(pack([shot('a', 'chest')], 1, { carriers: dry }), 'lens-cover')).toBe(0);
  });

  it('tools for what is clamped or pressed on stay at the start, cameras go along', () => {
    const clamped = shot('a', 'handlebar', { ...cube, baseId: 'tube-clamp' });
    const list = pack([clamped]);
    expect([of(list, 'hex-key')?.goes, of(list, 'scale')?.goes, of(list, 'cube-camera')?.goes]).toEqual([
      'start',
      'start',
      'along',
    ]);
  });

  it('a day of running takes spare batteries and cards, and says how many are needed', () => {
    const long = items({ use: { hours: 8, start: 'running' } });
    const battery = of(long, 'battery-cube-camera')!;
    expect(battery.why).toBe(`${battery.count + 1} needed, one is in it`);
    expect(battery.count).toBeGreaterThan(1);
    const [cards, fewer] = [long, items({})].map((list) => of(list, 'card-cube-camera')!);
    expect(cards!.count).toBeGreaterThan(fewer!.count);
    expect(cards!.grams! / cards!.count).toBe(fewer!.grams! / fewer!.count);
    // A fixed battery is not changed: nothing spare is of use.
    const barrel = { cameraId: 'barrel-camera', modeId: 'wide', stabiliserId: 'off' };
    const fixed = kitWith().cameras.find(({ id }) => id === 'barrel-camera')!.lasting.swaps;
    expect(count(items({ use: { hours: 8, start: 'running' } }, barrel), 'battery-barrel-camera') > 0).toBe(fixed);
  });

  it('a tether that nothing else holds takes a pad that is stuck on, which is no piece of the kit', () => {
    const car = newCarrier('car', 'coupe', 1.75);
    const setUp = { ...plainSetUp(car.rig, 'roof', cube)!, tether: { tetherId: 'cord', lengthM: 0.15 } };
    const onRoof = { ...base.shots[0]!, carrierId: 'car', actionStanceId: 'straight', setUp };
    const pad = of(pack([onRoof], 1, { carriers: [...base.carriers, car] }), 'tether-pad');
    expect([pad?.count, pad?.pieceId]).toEqual([1, undefined]);
  });

  it('comes in the order of a bag: cameras, mounts, power, care', () => {
    const kinds = items({ use: { feed: 'power bank' } }).map(({ kind }) => kind);
    expect([...new Set(kinds)]).toEqual(['camera', 'mount', 'power', 'care']);
  });

  it('nothing goes along for shots whose pieces are lost', () => {
    expect(items({}, { ...cube, cameraId: 'cube-camera' }).length).toBeGreaterThan(5);
    const lost = shot('a', 'chest');
    expect(pack([{ ...lost, setUp: { ...lost.setUp, headId: 'sold' } }])).toEqual([]);
  });
});
