/** Light: that each finding comes where practice has it. */
import { INTENTS } from '../../../../catalog/index.generated';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { newShot } from '../../../deciding/outing/newShot';
import { findingsOf } from '../../../words/check/result';
import type { Moment } from '../../../words/shot/moment';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { newAsk } from '../../../words/shot/ask';
import { shotScene } from '../../scene/shotScene';
import { light as lightCheck } from './index';
import { darkFrom } from '../../../physics/light/darkFrom';
import { exposingOf } from '../../../physics/light/exposing';
import { filmedMin, filmedThen } from '../../../physics/light/clock';
import { kitWith } from '../../../posing/lookup/kit';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { SunOnWay } from './found/sunOnWays';
import { attemptsAt } from './lightAttempts';
import { wishMet } from './lightWish';
import { foundBy, shotReport } from '../../report/shotReport';
import { plainSetUp } from '../../../posing/strut/plainSetUp';
import { placedSpots } from '../../../posing/rig/spots';
import { lightOfDay } from '../../report/lightOfDay';
import { advisedReport } from '../../advice/advisedReport';

const carrier = newCarrier('c', 'road-bike', 1.75);
const made = newShot('s', carrier, carrier.rig, { intent: INTENTS.find((i) => i.id === 'hands-and-trail')! });
const camerasMode = (id: string): string => kitWith().cameras.find((c) => c.id === id)!.modes[0]!.id;
const WINTER: Moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '16:00', headingDeg: 60 };
const question = (over: Partial<ShotQuestion> = {}, ride: object = {}): ShotQuestion => ({
  rig: carrier.rig,
  setUp: made.setUp,
  intentId: made.intentId,
  actionStanceId: made.actionStanceId,
  horizonAt: made.horizonAt,
  ride: { ...carrier.ride, ...ride },
  moment: WINTER,
  ...over,
});
const light = (asked: ShotQuestion) => shotReport(asked, { only: ['light'] });
const found = (asked: ShotQuestion) => foundBy(light(asked), 'light');
const told = (asked: ShotQuestion, id: string) => findingsOf(light(asked).checks[0]!).find((f) => f.id === id);

describe('blades', () => {
  it('of a multirotor in bright sun come out cut, and a grey filter that is proved makes a veil of them', () => {
    const drone = newCarrier('d', 'multirotor', 1.75);
    const spotId = placedSpots(drone.rig).map(({ spot }) => spot.id);
    const seen = spotId.flatMap((id) => {
      const setUp = plainSetUp(drone.rig, id, { cameraId: 'cube-camera', modeId: 'widest', stabiliserId: 'off' });
      if (!setUp) return [];
      const asked = {
        ...question(),
        rig: drone.rig,
        setUp,
        actionStanceId: 'forward',
        intentId: 'clear-ahead',
        ride: { ...drone.ride, lightId: 'bright-sun' as const },
      };
      return told(asked, 'blades') ? [asked] : [];
    });
    expect(seen.length).toBeGreaterThan(0);
    const finding = findingsOf(advisedReport(seen[0]!, { only: ['light'] }).checks[0]!).find((f) => f.id === 'blades')!;
    expect(finding.verdict).toBe('watch');
    expect(finding.because).toMatch(/blades pass \d+ times a second/);
    const nd = finding.mend?.setUp?.ndStops;
    if (nd !== undefined)
      expect(told({ ...seen[0]!, setUp: finding.mend!.setUp! }, 'blades')!.value).toBeGreaterThan(finding.value);
    expect(told(question(), 'blades')).toBeUndefined();
  });
});

describe('a shot', () => {
  it('without a place says how much light there is and nothing of the sun', () => {
    const { moment, ...nowhere } = question();
    expect(moment).toBeDefined();
    expect(found(nowhere).ways).toEqual([]);
    expect(told(nowhere, 'too-dark')!.because).toMatch(/^1\/\d+ s at ISO \d+$/);
    expect(told(nowhere, 'sun')).toBeUndefined();
    expect(found(nowhere).sun).toBeNull();
    expect(lightOfDay(nowhere)).toBeNull();
  });

  it('has no shadow and no sun under clouds, and none from a sun that is down', () => {
    expect(found(question({}, { lightId: 'overcast' })).ways).toEqual([]);
    expect(found(question({ moment: { ...WINTER, at: '23:00' } })).ways).toEqual([]);
  });

  it('turned round all the way, or with another clock for the same instant, is lit the same', () => {
    const once = found(question());
    expect(found(question({ moment: { ...WINTER, timeZone: 'Etc/GMT-3', at: '19:00' } }))).toEqual(once);
    const turned = found(question({ moment: { ...WINTER, headingDeg: 240 } }));
    expect(turned.ways[0]!.toSunDeg).not.toBeCloseTo(once.ways[0]!.toSunDeg, 0);
    expect(turned.ev).toBe(once.ev);
  });

  it('at a held shutter in full sun is white without a filter, and the filter that is told mends it', () => {
    const held = question({ setUp: { ...made.setUp, shutterS: 1 / 120 } }, { lightId: 'bright-sun' });
    const bright = told(held, 'too-bright')!;
    expect(bright.verdict).toBe('stop');
    const nd = Number(/ND(\d+)/.exec(bright.mend!.text)![1]);
    expect(
      told(
        question({ setUp: { ...made.setUp, shutterS: 1 / 120, ndStops: Math.log2(nd) } }, { lightId: 'bright-sun' }),
        'too-bright',
      ),
    ).toBeUndefined();
    const mended = findingsOf(advisedReport(held, { only: ['light'] }).checks[0]!).find((f) => f.id === 'too-bright');
    expect(told({ ...held, setUp: mended!.mend!.setUp! }, 'too-bright')).toBeUndefined();
  });

  it('in a lit street at night takes more gain than a small camera has, and taking a filter off helps', () => {
    const night = told(question({ setUp: { ...made.setUp, ndStops: 4 } }, { lightId: 'street-night' }), 'too-dark')!;
    expect(night.verdict).toBe('stop');
    expect(night.mend!.text).toMatch(/filter off/);
    const off = told(question({}, { lightId: 'street-night' }), 'too-dark')!;
    expect(night.value - off.value).toBeCloseTo(4, 6);
  });

  it.each([
    ['front', 60, 240],
    ['behind', 240, 60],
    ['in', 240, 60],
    ['out', 60, 240],
  ] as const)('asked for "%s" has it at heading %s and not at %s, by the bench and in a search', (wish, yes, no) => {
    const asked = (headingDeg: number) =>
      question({ moment: { ...WINTER, headingDeg }, ask: { ...newAsk(made.intentId, 'c'), light: wish } });
    const term = (headingDeg: number) =>
      lightCheck.searchTerm.judge(shotScene(asked(headingDeg))).terms.find(({ id }) => id === 'sun')!.value;
    expect(term(yes)).toBeGreaterThan(0.5);
    expect(term(no)).toBeLessThan(term(yes));
    const id = wish === 'out' ? 'sun' : 'wish';
    expect(told(asked(yes), id)!.verdict).toBe('good');
    expect(told(asked(no), id)!.verdict).not.toBe('good');
    expect(lightCheck.searchTerm.judge(shotScene(question())).terms).toEqual([]);
  });

  describe('asked for', () => {
    const way = (over: { toSunDeg?: number; heightDeg?: number; shadowBeyondDeg?: number } = {}): SunOnWay => ({
      headingDeg: 0,
      share: 1,
      met: {
        share: 0,
        stanceNames: [],
        veiledShare: 0,
        veiledFromDeg: 30,
        shadowBeyondDeg: over.shadowBeyondDeg ?? 60,
      },
      lit: 'side',
      toSunDeg: over.toSunDeg ?? 90,
      fromCourse: { bearingDeg: 0, heightDeg: over.heightDeg ?? 10 },
      shadow: null,
    });
    const met = (over: Parameters<typeof way>[0] = {}) => ({ ways: [way(over)], later: [] });

    it('light from the side has it across the sun, and nowhere along it', () => {
      expect(wishMet(met({ toSunDeg: 90 }), 'side')).toBe(1);
      for (const toSunDeg of [0, 30, 150, 180]) expect(wishMet(met({ toSunDeg }), 'side')).toBe(0);
      expect(wishMet({ ways: [], later: [] }, 'side')).toBeNull();
    });

    it('a silhouette is there nearly into a low sun, not with a high one nor away from it', () => {
      expect(wishMet(met({ toSunDeg: 20, heightDeg: 8 }), 'silhouette')).toBe(1);
      expect(wishMet(met({ toSunDeg: 20, heightDeg: 50 }), 'silhouette')).toBe(0);
      expect(wishMet(met({ toSunDeg: 120, heightDeg: 8 }), 'silhouette')).toBe(0);
    });

    it('no shadow of one’s own is had where it falls well outside of the picture', () => {
      const at = [0, 5, 15, 40].map((shadowBeyondDeg) => wishMet(met({ shadowBeyondDeg }), 'no-shadow')!);
      expect(at[0]).toBe(0);
      expect(at[1]).toBeCloseTo(1 / 3, 9);
      expect(at.slice(2)).toEqual([1, 1]);
      // Where it is cast, that alone counts, wherever the camera's own lies.
      const cast = (share: number, shadowBeyondDeg: number) =>
        wishMet({ ways: [{ ...way({ shadowBeyondDeg }), shadow: { share, ofCamera: 0 } }], later: [] }, 'no-shadow')!;
      for (const beyond of [0, 60]) expect([cast(0.01, beyond), cast(0.3, beyond)]).toEqual([1, 0]);
    });
  });

  it('has a day: dark before it and after it, the same at an hour as the shot at that hour', () => {
    const { course, hours } = lightOfDay(question())!;
    expect(hours).toHaveLength(48);
    expect(course.rises! < '08:00' && course.sets! > '16:30').toBe(true);
    expect(hours.filter((h) => h.troubles.includes('too-dark')).map((h) => h.at)).toEqual(
      expect.arrayContaining(['00:00', '05:00', '19:00', '23:30']) as string[],
    );
    const at = hours.find((h) => h.at === '16:00')!;
    expect(at.ev).toBeCloseTo(found(question()).ev, 9);
    const [way] = found(question()).ways;
    expect(at.lit).toBe(way!.lit);
    expect(Math.abs(at.shadowShare - way!.shadow!.share)).toBeLessThan(0.015);
  });

  it('that goes every way is the mean of its ways, and a track’s own shares weigh them', () => {
    const every = found(question({ moment: { ...WINTER, headingDeg: null } }));
    expect(every.ways).toHaveLength(8);
    const one = (headingDeg: number) => found(question({ moment: { ...WINTER, headingDeg } })).ways[0]!;
    for (const way of every.ways) {
      expect(way).toMatchObject({ share: 1 / 8, toSunDeg: one(way.headingDeg!).toSunDeg });
      expect(way.shadow).toEqual(one(way.headingDeg!).shadow);
    }
    const mean = every.ways.reduce((sum, { shadow }) => sum + shadow!.share / 8, 0);
    const shadow = told(question({ moment: { ...WINTER, headingDeg: null } }), 'own-shadow')!;
    expect(shadow.value).toBeCloseTo(mean * 100, 9);
    expect(shadow.because).toMatch(/up to \d+ % on the way (north-east|east)/);
    // A straight there and back: north-east and south-west alone.
    const there = found(question({ moment: { ...WINTER, headingDeg: null, octants: [0, 3, 0, 0, 0, 1, 0, 0] } }));
    expect(there.ways.map(({ headingDeg, share }) => [headingDeg, share])).toEqual([
      [45, 0.75],
      [225, 0.25],
    ]);
  });

  it('that takes its time is told by the worst of it, and when', () => {
    // Ridden until after sunset: it gets too dark on the way.
    const long = question({ moment: { ...WINTER, at: '15:30', until: '18:30' } }, { lightId: 'bright-sun' });
    expect(found(long).later.map(({ at }) => at)).toEqual(['16:00', '16:30', '17:00', '17:30', '18:00', '18:30']);
    const dark = told(long, 'too-dark')!;
    expect(dark.because).toMatch(/^1[78]:\d\d to 18:30: /);
    const at = (clock: string) =>
      told(question({ moment: { ...WINTER, at: clock } }, { lightId: 'bright-sun' }), 'too-dark')!;
    expect(dark.value).toBeCloseTo(at('18:30').value, 9);
    expect(at('15:30').verdict).toBe('good');
    // Past midnight it goes on in the next day.
    const night = found(question({ moment: { ...WINTER, at: '23:40', until: '00:20' } }));
    expect(night.later.map((l) => l.at)).toEqual(['00:00', '00:20']);
    const next = found(question({ moment: { ...WINTER, date: '2027-02-15', at: '00:20' } }));
    expect(night.later.at(-1)!.sun).toEqual(next.sun);
  });

  it('through leaves pumps until its exposure is locked, between clouds the other way round', () => {
    const in_ = (lightId: string, exposureLock: boolean) =>
      told(question({ setUp: { ...made.setUp, exposureLock } }, { lightId }), 'changes')?.verdict;
    expect([in_('under-trees', false), in_('under-trees', true)]).toEqual(['watch', 'good']);
    expect([in_('broken-clouds', false), in_('broken-clouds', true)]).toEqual(['good', 'watch']);
    expect([in_('tunnel', false), in_('bright-sun', false)]).toEqual(['watch', undefined]);
    const mended = findingsOf(advisedReport(question({}, { lightId: 'under-trees' }), { only: ['light'] }).checks[0]!);
    expect(mended.find((f) => f.id === 'changes')!.mend!.setUp!.exposureLock).toBe(true);
  });

  it('under lamps is held at whole waves by the mend', () => {
    const lit = question({ setUp: { ...made.setUp, shutterS: 1 / 240 } }, { lightId: 'street-night', mainsHz: 60 });
    const bands = told(lit, 'flicker')!;
    expect(bands.verdict).toBe('watch');
    const mend = findingsOf(advisedReport(lit, { only: ['light'] }).checks[0]!).find((f) => f.id === 'flicker')!.mend!;
    expect(told({ ...lit, setUp: mend.setUp! }, 'flicker')!.value).toBeLessThan(0.01);
    expect(told(question(), 'flicker')).toBeUndefined();
  });

  it('kept from gain comes out dark instead of noisy', () => {
    const at = (isoMost?: number) =>
      found(question({ setUp: { ...made.setUp, ...(isoMost ? { isoMost } : {}) } }, { lightId: 'street-night' }));
    const [free, kept] = [at(), at(400)];
    expect(kept.iso).toBe(400);
    expect(kept.darkStops).toBeCloseTo(free.darkStops + Math.log2(free.iso / 400), 9);
    expect(kept.exposureS).toBe(free.exposureS);
    expect(
      told(question({ setUp: { ...made.setUp, isoMost: 400 } }, { lightId: 'street-night' }), 'too-dark')!.because,
    ).toMatch(/the most that it may take: the picture comes out .* dark/);
  });

  it('behind a screen mirrors the dashboard in the sun, and less of it through a polarising filter', () => {
    const car = newCarrier('k', 'coupe', 1.75);
    const inside = ['dash', 'screen-inside'].flatMap((id) => {
      const setUp = plainSetUp(car.rig, id, { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' });
      if (!setUp) return [];
      const asked = {
        ...question(),
        rig: car.rig,
        setUp,
        actionStanceId: resolveRig(car.rig).machine.actionStanceId,
        intentId: 'clear-ahead',
        ride: { ...car.ride, lightId: 'bright-sun' as const },
        moment: { ...WINTER, date: '2027-06-21', at: '12:00', headingDeg: 180 },
      };
      const { mirror } = found(asked);
      return mirror && mirror.throughGlass > 0.3 ? [{ asked, mirror }] : [];
    });
    expect(inside.length).toBeGreaterThan(0);
    for (const { asked, mirror } of inside) {
      const through = found({ ...asked, setUp: { ...asked.setUp, polariser: true } }).mirror!;
      expect(through.veil / mirror.veil).toBeGreaterThan(0.3 - 1e-9);
      expect(through.veil / mirror.veil).toBeLessThan(0.75);
      expect(through.throughGlass).toBe(mirror.throughGlass);
    }
    expect(found(question()).mirror).toBeNull();
  });

  it('is told an hour or a way at which the trouble is gone, tried', () => {
    const into = question({ moment: { ...WINTER, headingDeg: 240, until: '16:10' } });
    const mends = (id: string) =>
      findingsOf(advisedReport(into, { only: ['light'] }).checks[0]!).find((f) => f.id === id)!.mend!;
    const { hour, text } = mends('sun');
    expect(hour).toBeDefined();
    expect(text).toMatch(/^(ride it the other way|film it at \d\d:\d\d).*: mends it/);
    const then = { ...into, moment: filmedThen(into.moment!, hour!) };
    expect(told(then, 'sun')!.verdict).toBe('good');
    // An hour is told only within those in which it can be filmed: here it must be done by 16:35.
    const tide = { ...into, moment: { ...into.moment!, headingDeg: null, only: { from: '15:50', to: '16:35' } } };
    const hours = attemptsAt(shotScene(tide), light(tide).checks[0]!).flatMap((a) => a.hour?.at ?? []);
    expect(hours).toEqual([]);
    const wide = { ...tide, moment: { ...tide.moment, only: { from: '15:00', to: '17:40' } } };
    expect(new Set(attemptsAt(shotScene(wide), light(wide).checks[0]!).flatMap((a) => a.hour?.at ?? []))).toEqual(
      new Set(['16:30', '17:00', '17:30', '15:30', '15:00']),
    );
    // It takes as long as before.
    expect(filmedMin(then.moment)).toBe(10);
  });

  it('says from when on it is too dark, the sooner the more glass there is before the lens', () => {
    const resolved = (ndStops: number) =>
      exposingOf(shotScene(question({ setUp: { ...made.setUp, ndStops } })).resolved);
    const noon = { ...WINTER, at: '12:00' };
    const [free, glass] = [0, 4].map((nd) => darkFrom(noon, 'bright-sun', resolved(nd), 800)!);
    // The sun sets at 17:17.
    expect(free! > '17:00' && free! < '18:30').toBe(true);
    expect(glass! < free!).toBe(true);
    expect(darkFrom({ ...noon, at: '22:00' }, 'bright-sun', resolved(0), 800)).toBeNull();
    expect(darkFrom({ ...noon, latDeg: 78, date: '2027-06-21' }, 'bright-sun', resolved(0), 800)).toBeNull();
  });

  it('with a filter before a lens that takes none is stopped, and goes without it by the mend', () => {
    const ball = question({
      setUp: {
        ...made.setUp,
        cameraId: 'two-lens-360',
        modeId: camerasMode('two-lens-360'),
        stabiliserId: 'off',
        ndStops: 3,
      },
    });
    const fits = findingsOf(advisedReport(ball, { only: ['light'] }).checks[0]!).find((f) => f.id === 'filter-fits')!;
    expect(fits.verdict).toBe('stop');
    expect(told({ ...ball, setUp: fits.mend!.setUp! }, 'filter-fits')).toBeUndefined();
  });
});
