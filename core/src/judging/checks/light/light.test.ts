/** Light: closed forms of shadow and metering, and that each finding comes where practice has it. */
import { rod } from '../../../mathematics/geometry/build/tube';
import { rotationFromPanTiltRoll } from '../../../mathematics/geometry/rotation';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import { calibrateLens } from '../../../mathematics/lens/lens';
import { sunBeyondEdgeDeg, sunDirection } from '../../../mathematics/sun/sun';
import { groundOffStops } from '../../../physics/light/metering';
import { ownShadow, shading } from '../../../physics/light/ownShadow';
import { INTENTS } from '../../../../catalog/index.generated';
import { newCarrier } from '../../../deciding/outing/newOuting';
import { newShot } from '../../../deciding/outing/newShot';
import { findingsOf } from '../../../words/check/result';
import type { PosedPart } from '../../../words/carrier/posedPart';
import type { Moment } from '../../../words/shot/moment';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { newAsk } from '../../../words/shot/ask';
import { shotScene } from '../../scene/shotScene';
import { light as lightCheck } from './index';
import { wishMet } from './lightWish';
import { foundBy, shotReport } from '../../report/shotReport';
import { bladeSlices } from '../../../physics/light/bladeSlices';
import { plainSetUp } from '../../../posing/strut/plainSetUp';
import { placedSpots } from '../../../posing/rig/spots';
import { lightOfDay } from '../../report/lightOfDay';
import { advisedReport } from '../../advice/advisedReport';

const post: PosedPart = {
  id: 'post',
  name: 'post',
  group: 'machine',
  tone: 'frame',
  mesh: rod([0, 0, 0], [0, 2, 0], { radiusM: 0.05, segments: 12 }),
  worldFromPart: IDENTITY_POSE,
};
const ground = { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'road' } as const;

describe('a shadow', () => {
  it.each([5, 20, 45, 70])('of a post is h/tan(height) long with the sun %s° high, away from it', (heightDeg) => {
    const toSun = sunDirection([1, 0, 0], { bearingDeg: 180, heightDeg });
    const shaded = shading([post]);
    const lengthM = 2 / Math.tan((heightDeg * Math.PI) / 180);
    for (const [x, is] of [
      [lengthM * 0.97, true],
      [lengthM * 1.03 + 0.05, false],
      [-0.5, false],
    ] as const)
      expect(shaded([x, 0, 0], toSun) === post).toBe(is);
    expect(shaded([lengthM / 2, 0, 0.3], toSun)).toBeNull();
  });

  it('is looked through glass, and in the picture is its strip of ground', () => {
    const toSun = sunDirection([1, 0, 0], { bearingDeg: 180, heightDeg: 45 });
    expect(shading([{ ...post, seeThrough: true }])([1, 0, 0], toSun)).toBeNull();
    // Straight down from 20 m, 60° across: the picture is 23 m wide, the strip 2 m by 0.1 m.
    const lens = calibrateLens({
      projection: 'rectilinear',
      widthPx: 400,
      heightPx: 400,
      fovDeg: 60,
      fovAcross: 'horizontal',
      crop: 1,
    });
    const down = {
      position: [1, 20, 0] as const,
      rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: -90, rollDeg: 0 }),
    };
    const { share, ofCamera } = ownShadow([post], down, lens, ground, toSun, 400);
    expect(share).toBeGreaterThan((0.1 * 1.9) / 23.1 ** 2 / 1.6);
    expect(share).toBeLessThan((0.1 * 2.1 * 1.6) / 23.1 ** 2);
    expect(ofCamera).toBe(0);
  });
});

it('the sun stands outside the edge of a 90° picture by what it is off the axis less 45°', () => {
  const lens = calibrateLens({
    projection: 'rectilinear',
    widthPx: 400,
    heightPx: 400,
    fovDeg: 90,
    fovAcross: 'horizontal',
    crop: 1,
  });
  const rotation = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 });
  for (const bearingDeg of [0, 30, 60, 120, 180, 270])
    expect(sunBeyondEdgeDeg(lens, rotation, sunDirection([1, 0, 0], { bearingDeg, heightDeg: 0 }))).toBeCloseTo(
      bearingDeg === 0 || bearingDeg === 180
        ? bearingDeg === 0
          ? -180
          : 180
        : Math.min(bearingDeg, 360 - bearingDeg) - 45,
      1,
    );
});

it('half sky four times as bright as the ground puts the ground down by log2(2.5); snow is as bright as the sky', () => {
  const none = { way: 0, ground: 0, sky: 0, hands: 0, machine: 0, rider: 0, face: 0, subject: 0, own: 0 };
  expect(groundOffStops({ ...none, way: 0.5, sky: 0.5 }, 'bright-sun', 'trail')).toBeCloseTo(-Math.log2(2.5), 9);
  expect(groundOffStops({ ...none, way: 1 }, 'bright-sun', 'trail')).toBeCloseTo(0, 9);
  expect(groundOffStops({ ...none, sky: 1 }, 'bright-sun', 'trail')).toBe(0);
  expect(Math.abs(groundOffStops({ ...none, way: 0.5, sky: 0.5 }, 'bright-sun', 'snow'))).toBeLessThan(0.2);
});

const carrier = newCarrier('c', 'road-bike', 1.75);
const made = newShot(
  's',
  carrier,
  carrier.rig,
  INTENTS.find((i) => i.id === 'hands-and-trail')!,
);
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
  it.each([
    [5400, 2, 0.02],
    [9000, 2, 0.014],
    [2400, 3, 0.03],
  ])(
    'at %s turns a minute with %s of them, read in %s s, are seen as often as a simulated sensor sees them',
    (rpm, blades, readoutS) => {
      // Line by line from the top: is a blade over a point far to the side, where the way from line to line hardly turns?
      const lines = 4000;
      let [runs, was] = [0, false];
      for (let line = 0; line < lines; line++) {
        const turned = ((rpm / 60) * blades * (line / lines) * readoutS) % 1;
        const over = turned < 0.1;
        if (over && !was) runs++;
        was = over;
      }
      const { slices, passesHz, blurred } = bladeSlices(rpm, { turns: 1, blades }, 1 / 1000, readoutS);
      expect(Math.abs(runs - slices)).toBeLessThanOrEqual(1);
      expect(passesHz).toBeCloseTo((rpm * blades) / 60, 9);
      expect(blurred).toBeCloseTo(passesHz / 1000, 9);
    },
  );

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
  it('without a place, or with no one way, says how much light there is and nothing of the sun', () => {
    const { moment, ...nowhere } = question();
    expect(moment).toBeDefined();
    for (const asked of [nowhere, question({ moment: { ...WINTER, headingDeg: null } })]) {
      expect(found(asked)).toMatchObject({ met: null, lit: null, shadow: null });
      expect(told(asked, 'too-dark')!.because).toMatch(/^1\/\d+ s at ISO \d+$/);
      expect(told(asked, 'sun')).toBeUndefined();
    }
    expect(found(nowhere).sun).toBeNull();
    expect(lightOfDay(nowhere)).toBeNull();
  });

  it('has no shadow and no sun under clouds, and none from a sun that is down', () => {
    expect(found(question({}, { lightId: 'overcast' }))).toMatchObject({ met: null, shadow: null, lit: null });
    expect(found(question({ moment: { ...WINTER, at: '23:00' } }))).toMatchObject({
      met: null,
      shadow: null,
      lit: null,
    });
  });

  it('turned round all the way, or with another clock for the same instant, is lit the same', () => {
    const once = found(question());
    expect(found(question({ moment: { ...WINTER, timeZone: 'Etc/GMT-3', at: '19:00' } }))).toEqual(once);
    const turned = found(question({ moment: { ...WINTER, headingDeg: 240 } }));
    expect(turned.toSunDeg).not.toBeCloseTo(once.toSunDeg!, 0);
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
    expect(mended?.mend?.setUp?.ndStops).toBeGreaterThan(0);
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
    const met = (over: { toSunDeg?: number; heightDeg?: number; shadowBeyondDeg?: number } = {}) => ({
      met: {
        share: 0,
        stanceNames: [],
        veiledShare: 0,
        veiledFromDeg: 30,
        shadowBeyondDeg: over.shadowBeyondDeg ?? 60,
      },
      toSunDeg: over.toSunDeg ?? 90,
      fromCourse: { bearingDeg: 0, heightDeg: over.heightDeg ?? 10 },
      shadow: null,
    });

    it('light from the side has it across the sun, and nowhere along it', () => {
      expect(wishMet(met({ toSunDeg: 90 }), 'side')).toBe(1);
      for (const toSunDeg of [0, 30, 150, 180]) expect(wishMet(met({ toSunDeg }), 'side')).toBe(0);
      expect(wishMet({ ...met(), met: null, toSunDeg: null }, 'side')).toBeNull();
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
        wishMet({ ...met({ shadowBeyondDeg }), shadow: { share, ofCamera: 0 } }, 'no-shadow')!;
      for (const beyond of [0, 60]) expect([cast(0.01, beyond), cast(0.3, beyond)]).toEqual([1, 0]);
    });
  });

  it('has a day: dark before it and after it, the same at an hour as the shot at that hour', () => {
    const { course, hours } = lightOfDay(question())!;
    expect(hours).toHaveLength(48);
    expect(course.rises! < '08:00' && course.sets! > '16:30').toBe(true);
    expect(hours.filter((h) => h.because.some((b) => b.includes('too dark'))).map((h) => h.at)).toEqual(
      expect.arrayContaining(['00:00', '05:00', '19:00', '23:30']) as string[],
    );
    const at = hours.find((h) => h.at === '16:00')!;
    expect(at.ev).toBeCloseTo(found(question()).ev, 9);
    expect(at.lit).toBe(found(question()).lit);
    expect(Math.abs(at.shadowShare - found(question()).shadow!.share)).toBeLessThan(0.015);
  });
});
