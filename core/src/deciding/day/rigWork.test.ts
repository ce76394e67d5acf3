import { ridgeLoop } from '../../../testing/outings';
import { plainSetUp, standardCamera } from '../../posing/strut/plainSetUp';
import { newCarrier } from '../outing/newOuting';
import { rigOfCarrier } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import { dayPlans } from './dayPlan';
import { isBeside, lapsOf } from './laps';
import { filmingMinutes, rigMinutes, rigSteps } from './rigWork';

const base = ridgeLoop();
const quay = { ...newCarrier('quay', 'beside-the-course', 1.75) };
const kayak = newCarrier('kayak', 'kayak', 1.75);
const outing: Outing = { ...base, carriers: [...base.carriers, kayak, quay] };
const carrierOf = (id: string) => outing.carriers.find((c) => c.id === id)!;
const on = (id: string, carrierId: string, spotId: string, over: Partial<Shot> = {}): Shot => ({
  ...base.shots[0]!,
  id,
  name: id,
  carrierId,
  actionStanceId: carrierId === 'carrier' ? base.shots[0]!.actionStanceId : carrierId === 'kayak' ? 'right' : 'abreast',
  setUp: plainSetUp(rigOfCarrier(outing, carrierOf(carrierId)), spotId, standardCamera())!,
  ...over,
});
const chest = on('chest', 'carrier', 'chest');
const bars = on('bars', 'carrier', 'handlebar');
const tilted = (shot: Shot, id: string): Shot => ({
  ...shot,
  id,
  setUp: { ...shot.setUp, angles: { ...shot.setUp.angles, tiltDeg: shot.setUp.angles.tiltDeg + 12 } },
});

describe('rigging from lap to lap', () => {
  it('what stays as it is costs a look, another angle a minute, another camera half of one', () => {
    const same = rigMinutes(outing, [chest], [{ ...chest, id: 'again' }]);
    expect(rigSteps(outing, [chest], [{ ...chest, id: 'again' }])[0]!.words).toMatch(/stays as it is: chest/);
    expect(rigMinutes(outing, [chest], [tilted(chest, 't')]) - same).toBeCloseTo(1, 9);
    const other = { ...chest, id: 'o', setUp: { ...chest.setUp, cameraId: 'thumb-camera', modeId: 'wide' } };
    expect(rigMinutes(outing, [chest], [other]) - same).toBeCloseTo(0.5, 9);
    expect(rigSteps(outing, [chest], [other])[0]!.words).toMatch(/mount stays: chest, other camera/);
  });

  it('something put on the camera costs half a minute; with a quick release another camera slides on in a moment', () => {
    const same = rigMinutes(outing, [chest], [chest]);
    const shut = { ...chest, id: 's', setUp: { ...chest.setUp, addOnIds: ['clear-housing'] } };
    expect(rigMinutes(outing, [chest], [shut]) - same).toBeCloseTo(0.5, 9);
    expect(rigSteps(outing, [chest], [shut])[0]!.words).toMatch(/something else on it/);
    const released = (cameraId: string, modeId: string): Shot => {
      const links = [{ linkId: 'quick-release', lengthM: 0.015, bendDeg: 0, turnDeg: 0 }];
      return { ...chest, id: cameraId, setUp: { ...chest.setUp, links, cameraId, modeId } };
    };
    const [cube, thumb] = [released(chest.setUp.cameraId, chest.setUp.modeId), released('thumb-camera', 'wide')];
    const swap = rigMinutes(outing, [cube], [thumb]) - rigMinutes(outing, [cube], [cube]);
    expect(swap).toBeGreaterThan(0);
    expect(swap).toBeLessThan(0.5);
  });

  it('another place takes the minutes to fit, to try, and to take the camera off where it was', () => {
    const moved = rigMinutes(outing, [chest], [bars]);
    expect(moved).toBeGreaterThan(rigMinutes(outing, [chest], [chest]) + 5);
    // The first of the day comes out of the bag: nothing is taken off for it.
    expect(moved - rigMinutes(outing, null, [bars])).toBeCloseTo(1, 9);
    expect(rigSteps(outing, [chest], [bars])[0]!.words).toMatch(/on: .*pull, tether, level, ten seconds/);
  });

  it('a pad that was stuck the evening before is quicker than one that is stuck now', () => {
    const deck = on('deck', 'kayak', 'fore-deck');
    const late = { ...deck, id: 'late', setUp: { ...deck.setUp, curedH: 1 } };
    expect(rigSteps(outing, null, [deck])[0]!.words).toMatch(/stuck the evening before/);
    expect(rigMinutes(outing, null, [late])).toBeGreaterThan(rigMinutes(outing, null, [deck]) + 3);
  });

  it('from one carrier to another there is a way to go, said first', () => {
    const deck = on('deck', 'kayak', 'fore-deck');
    const [first] = rigSteps(outing, [chest], [deck]);
    expect(first!.words).toMatch(/^move to: /);
    expect(first!.minutes).toBeGreaterThan(3);
  });
});

describe('laps', () => {
  it('one camera is at one place at a time; two places with a camera each are one lap', () => {
    expect(lapsOf(outing, [chest, bars], {})).toEqual([[chest], [bars]]);
    expect(lapsOf(outing, [chest, bars], { 'cube-camera': 2 })).toEqual([[chest, bars]]);
    const thumb = { ...bars, setUp: { ...bars.setUp, cameraId: 'thumb-camera', modeId: 'wide' } };
    expect(lapsOf(outing, [chest, thumb], {})).toEqual([[chest, thumb]]);
  });

  it('what there is one of is on one mount at a time, and what another would save is told', () => {
    const thumb = { ...bars, setUp: { ...bars.setUp, cameraId: 'thumb-camera', modeId: 'wide' } };
    const sameJoint = { ...thumb, setUp: { ...thumb.setUp, headId: chest.setUp.headId } };
    const joints = (count: number) => lapsOf(outing, [chest, sameJoint], { [chest.setUp.headId]: count });
    expect(joints(1)).toEqual([[chest], [sameJoint]]);
    expect(joints(2)).toEqual([[chest, sameJoint]]);
    const [plan] = dayPlans({ ...outing, shots: [chest, sameJoint] }, { counts: { [chest.setUp.headId]: 1 } });
    expect(plan!.why.join(' ')).toMatch(/1 lap fewer with 2 of: finger joint \(1 in the box\)/);
  });

  it('the same place, another stance, another hour or another carrier make another lap', () => {
    const many = { 'cube-camera': 9 };
    expect(lapsOf(outing, [chest, tilted(chest, 't')], many)).toHaveLength(2);
    expect(lapsOf(outing, [chest, { ...bars, actionStanceId: 'seated' }], many)).toHaveLength(2);
    expect(lapsOf(outing, [chest, { ...bars, hour: { at: '15:00', headingDeg: null } }], many)).toHaveLength(2);
    expect(lapsOf(outing, [chest, on('deck', 'kayak', 'fore-deck')], many)).toHaveLength(2);
  });

  it('a camera beside the course is a lap of its own, and costs placing, riding back and collecting', () => {
    const spot = 'tripod';
    const passes = on('pass', 'quay', spot, { seconds: 12, use: { takes: 2 } });
    expect(isBeside(outing, passes)).toBe(true);
    expect(lapsOf(outing, [passes, { ...passes, id: 'p2' }], { 'cube-camera': 9 })).toHaveLength(2);
    expect(filmingMinutes(outing, passes)).toBeCloseTo(4 + 3 + 2 * (3 + 0.2), 9);
    expect(filmingMinutes(outing, { ...passes, use: { takes: 4 } })).toBeGreaterThan(
      filmingMinutes(outing, passes) + 6,
    );
  });

  it('a shot takes at least five minutes, more with takes, and the hours that were told', () => {
    expect(filmingMinutes(outing, { ...chest, seconds: 5, use: { takes: 1 } })).toBe(5);
    expect(filmingMinutes(outing, { ...chest, seconds: 20, use: { takes: 10 } })).toBeGreaterThan(15);
    expect(filmingMinutes(outing, { ...chest, use: { hours: 2 } })).toBe(120);
  });
});
