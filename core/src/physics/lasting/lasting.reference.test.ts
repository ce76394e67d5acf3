import { CAMERAS } from '../../../catalog/index.generated';
import { burdenOf, glideLost } from './burden';
import { dewPointC, saturationHpa } from './dew';
import { chargeHours, gigabytes, offloadMinutes, recordingW, usableShare, waitingW } from './energy';
import { forcedWm2K, lumpOf, minutesUntil, radiatedWm2K, stillWm2K, warming } from './heat';
import { powerPlan, type PowerQuestion } from './powerPlan';
import { heardAt, levelAt, together, windDb, type SoundAt } from './sound';
import { flightFrom, flightsOf, thrownPast } from './throwOff';

const cube = CAMERAS.find((camera) => camera.id === 'cube-camera')!;
const asked: PowerQuestion = {
  camera: cube,
  mode: cube.modes[0]!,
  stabiliser: cube.stabilisers[0]!,
  start: 'running',
  hours: 6,
  use: {},
  supplies: { cameraId: cube.id, batteries: 4, cardGb: 128 },
  takeS: 20,
  airC: 20,
};

describe('energy', () => {
  it('a cell gives all at 20 °C, two thirds at −10, half at −20 (common practice, no source), never more for being colder', () => {
    expect([20, -10, -20].map((celsius) => usableShare(celsius))).toEqual([1, 0.67, 0.5]);
    for (let c = -40; c < 60; c++) expect(usableShare(c + 1)).toBeGreaterThanOrEqual(usableShare(c));
    expect([usableShare(-90), usableShare(90)]).toEqual([usableShare(-40), 1]);
    expect(usableShare(20, true)).toBeLessThan(0.9);
  });

  it('100 Mbit/s are 45 GB an hour, and an empty card reads back in ten minutes (arithmetic)', () => {
    expect(gigabytes(100, 60)).toBeCloseTo(45, 12);
    expect(gigabytes(0, 60)).toBe(0);
    expect(offloadMinutes(48)).toBeCloseTo(10, 9);
    expect(chargeHours(9, 2)).toBeCloseTo(1, 9);
  });

  it('a full day of running takes at least four batteries, more in the cold, none besides its own where it is fed (common practice, no source)', () => {
    const day = powerPlan(asked);
    expect(day.batteries).toBeGreaterThanOrEqual(4);
    expect(powerPlan({ ...asked, airC: -10 }).batteries).toBeGreaterThan(day.batteries * 1.3);
    expect(powerPlan({ ...asked, use: { feed: 'machine' } }).batteries).toBe(1);
    expect(day.neededWh).toBeCloseTo((day.recordingW * day.recordMin) / 60, 9);
  });

  it('what is kept before the press draws nearly as much as recording; off draws nothing; a thumb camera cannot be fed', () => {
    const takes = (use: object) => powerPlan({ ...asked, start: 'button', use });
    const [plain, kept, off] = [takes({}), takes({ preRecord: true }), takes({ offBetween: true })];
    expect(kept.neededWh).toBeGreaterThan(plain.neededWh * 3);
    expect(off.neededWh).toBeLessThan(plain.neededWh / 3);
    expect(off.waitingW).toBe(0);
    expect(waitingW(cube, 5, { wireless: true, preRecord: false, off: false })).toBeGreaterThan(plain.waitingW);
    const thumb = CAMERAS.find((camera) => camera.id === 'thumb-camera')!;
    expect(powerPlan({ ...asked, camera: thumb, mode: thumb.modes[0]!, use: { feed: 'machine' } }).fedWh).toBe(0);
  });

  it('screen, link and stabiliser add to what recording draws, and what a test found is taken over', () => {
    const bare = { screenOn: false, wireless: false };
    const watts = (level: number, on: typeof bare) => recordingW(cube, cube.modes[0]!, cube.stabilisers[level]!, on);
    expect(watts(1, bare)).toBeGreaterThan(watts(0, bare));
    expect(watts(0, { screenOn: true, wireless: true }) - watts(0, bare)).toBeCloseTo(
      cube.lasting.screenW.value + cube.lasting.wirelessW.value,
      9,
    );
    const measured = powerPlan({ ...asked, supplies: { ...asked.supplies, drawFactor: 1.25 } });
    expect(measured.minutesABattery * 1.25).toBeCloseTo(powerPlan(asked).minutesABattery, 9);
  });
});

describe('heat', () => {
  it('forced flow round a sphere of 10 cm at 10 m/s by hand from Whitaker’s correlation (1972; Incropera & DeWitt, eq. 7.56, from memory): Nu 171', () => {
    // Re = 10 · 0.1 / 15.9e-6 = 62,893; Nu = 2 + (0.4 · 250.8 + 0.06 · 1581) · 0.707^0.4 = 2 + 195.2 · 0.8705 = 171.9.
    expect((forcedWm2K(10, 0.1) * 0.1) / 0.0263).toBeCloseTo(171.9, 0);
    // At rest conduction alone is left: Nu = 2.
    expect((forcedWm2K(0, 0.1) * 0.1) / 0.0263).toBeCloseTo(2, 12);
  });

  it('still air takes 5 to 10 W/m²K from a body of a hand’s width, radiation about 5 (Incropera & DeWitt, table 1.1: 2 to 25; from memory)', () => {
    expect(stillWm2K(25, 0.07)).toBeGreaterThan(5);
    expect(stillWm2K(25, 0.07)).toBeLessThan(10);
    expect(radiatedWm2K(20)).toBeGreaterThan(4.5);
    expect(radiatedWm2K(20)).toBeLessThan(5.5);
  });

  it('minutes to a limit are those of the equation integrated in small steps', () => {
    const lump = lumpOf(cube);
    const around = { airC: 25, airMps: 1, sunWm2: 600 };
    const found = warming(lump, 5.5, around);
    const lossWK = lump.heatJK / found.timeS;
    const gainW = (found.endC - around.airC) * lossWK;
    let [celsius, seconds] = [around.airC, 0];
    const limitC = around.airC + 0.8 * (found.endC - around.airC);
    for (; celsius < limitC; seconds += 0.5)
      celsius += ((gainW - lossWK * (celsius - around.airC)) / lump.heatJK) * 0.5;
    expect(minutesUntil(found, around.airC, limitC)).toBeCloseTo(seconds / 60, 1);
  });

  it('more wind is cooler, more sun and watts are warmer, nothing is air; what it never reaches takes for ever', () => {
    const lump = lumpOf(cube);
    const end = (watts: number, airMps: number, sunWm2: number) =>
      warming(lump, watts, { airC: 10, airMps, sunWm2 }).endC;
    expect(end(0, 3, 0)).toBe(10);
    expect(end(5, 8, 0)).toBeLessThan(end(5, 2, 0));
    expect(end(5, 2, 800)).toBeGreaterThan(end(5, 2, 0));
    expect(minutesUntil(warming(lump, 5, { airC: 10, airMps: 8, sunWm2: 0 }), 10, 60)).toBe(Infinity);
    expect(minutesUntil(warming(lump, 5, { airC: 70, airMps: 0, sunWm2: 0 }), 70, 60)).toBe(0);
  });
});

describe('damp', () => {
  it.each([
    [25, 60, 16.7],
    [20, 50, 9.3],
    [30, 80, 26.2],
    [10, 70, 4.8],
    [0, 90, -1.4],
  ])('dew point at %d °C and %d %%: %d °C (psychrometric tables, from memory)', (airC, humidity, dew) => {
    expect(dewPointC(airC, humidity)).toBeCloseTo(dew, 0);
  });
  it('at 100 % the dew point is the air itself; at 20 °C it holds 23.39 hPa (steam tables, from memory), within half a hundredth', () => {
    for (const celsius of [-15, 0, 18, 40]) expect(dewPointC(celsius, 100)).toBeCloseTo(celsius, 9);
    expect(saturationHpa(20) / 23.39).toBeCloseTo(1, 2);
  });
});

describe('what a wheel throws', () => {
  it('without air it is a parabola from the tangent (Galilei): height v²/2g over where it left', () => {
    // A quarter turn on it goes straight up at the speed of the way.
    const flight = flightFrom(0.35, 4, 90, Infinity);
    const top = Math.max(...flight.map((p) => p.up));
    expect(top).toBeCloseTo(16 / (2 * 9.80665), 2);
    // Straight up and down again: it stays where it left.
    for (const p of flight) expect(p.ahead).toBeCloseTo(-0.35, 9);
    // From the top it goes ahead at v and falls ½gt².
    const over = flightFrom(0.35, 4, 180, Infinity);
    const late = over[40]!;
    const t = 40 * 0.004;
    expect([late.ahead, late.up]).toEqual([expect.closeTo(4 * t, 6), expect.closeTo(0.35 - (9.80665 / 2) * t * t, 6)]);
  });

  it('air holds it back: lower, and driven behind', () => {
    const [free, held] = [flightFrom(0.35, 8, 90, Infinity), flightFrom(0.35, 8, 90)];
    expect(Math.max(...held.map((p) => p.up))).toBeLessThan(Math.max(...free.map((p) => p.up)));
    expect(held.at(-1)!.ahead).toBeLessThan(free.at(-1)!.ahead - 1);
  });

  it('all of it is thrown once; behind the wheel more than before it, beside it less, far above none', () => {
    const flights = flightsOf(0.35, 7);
    expect(flights.reduce((sum, f) => sum + f.share, 0)).toBeCloseTo(1, 12);
    const at = (ahead: number, up: number, across = 0) => thrownPast(flights, { ahead, up, across }, 0.03)?.perM2 ?? 0;
    expect(at(-0.6, 0.1)).toBeGreaterThan(5 * at(0.6, 0.1));
    expect(at(-0.6, 0.1)).toBeGreaterThan(5 * at(-0.6, 0.1, 0.4));
    expect(at(0, 30)).toBe(0);
  });
});

describe('sound', () => {
  it('6 dB less for twice the distance (inverse-distance law), 3 dB more for twice as many', () => {
    expect(levelAt(72, 1)).toBe(72);
    expect(levelAt(72, 0.5) - levelAt(72, 1)).toBeCloseTo(6.02, 2);
    expect(together([60, 60]) - 60).toBeCloseTo(3.01, 2);
  });

  it('wind grows as measured at cyclists’ ears: about 35 dB from 16 to 97 km/h (Seidman et al. 2017, from memory)', () => {
    expect(windDb(97 / 3.6, false) - windDb(16 / 3.6, false)).toBeCloseTo(35.2, 0);
    expect(windDb(8, true)).toBeLessThan(windDb(8, false) - 8);
  });

  it('near the mouth it is heard, on the bars without foam it is not; a closed helmet, an engine and wind each take of it', () => {
    const chin: SoundAt = {
      mouthM: 0.12,
      helmetClosed: false,
      muffledDb: 0,
      airMps: 6,
      outsideMps: 6,
      foam: true,
      engineDb: null,
      speedMps: 6,
      fromGroundM: 1.5,
      closed: false,
    };
    const over = (change: Partial<SoundAt>) => heardAt({ ...chin, ...change }).overDb!;
    expect(over({})).toBeGreaterThan(6);
    expect(over({ mouthM: 0.7, foam: false })).toBeLessThan(0);
    for (const worse of [{ helmetClosed: true }, { engineDb: 90 }, { airMps: 12 }, { foam: false }])
      expect(over(worse)).toBeLessThan(over({}) - 3);
    expect(heardAt({ ...chin, mouthM: null }).overDb).toBeNull();
    // In a shut case wind dies first, then the voice: what rattles is left.
    const shut = heardAt({ ...chin, muffledDb: 14 });
    expect(shut.voiceDb).toBeCloseTo(heardAt(chin).voiceDb! - 14, 9);
    expect(heardAt(chin).windDb - shut.windDb).toBeGreaterThan(14);
    expect(over({ airMps: 0.5, muffledDb: 14 })).toBeLessThan(over({ airMps: 0.5 }) - 3);
  });
});

describe('shut in', () => {
  const cabin = (kmh: number, over: Partial<SoundAt> = {}) =>
    heardAt({
      mouthM: 0.7,
      helmetClosed: false,
      muffledDb: 0,
      airMps: 0,
      outsideMps: kmh / 3.6,
      foam: false,
      engineDb: null,
      speedMps: kmh / 3.6,
      fromGroundM: 0.9,
      closed: true,
      ...over,
    });
  const all = ({ windDb, rollingDb }: ReturnType<typeof cabin>) => together([windDb, rollingDb]);

  it('in a car at 50, 100 and 130 km/h as loud as road tests find it: about 58, 67 and 71 dB(A), 5 either way (from memory)', () => {
    for (const [kmh, db] of [
      [50, 58],
      [100, 67],
      [130, 71],
    ] as const)
      expect(Math.abs(all(cabin(kmh)) - db)).toBeLessThan(5);
  });

  it('under a canopy at 100 km/h a pilot is heard over 60 to 72 dB(A) (common practice, no source), by no foam better', () => {
    const glider = cabin(100, { speedMps: 0, mouthM: 0.3 });
    expect(glider.windDb).toBeGreaterThan(60);
    expect(glider.windDb).toBeLessThan(72);
    expect(glider.overDb!).toBeGreaterThan(6);
    expect(cabin(100, { speedMps: 0, mouthM: 0.3, foam: true }).overDb).toBe(glider.overDb);
  });

  it('its sound grows with speed alone: what reaches the microphone counts outdoors only', () => {
    expect(cabin(100, { airMps: 20 }).windDb).toBe(cabin(100).windDb);
    expect(cabin(200).windDb - cabin(100).windDb).toBeCloseTo(55 * Math.log10(2), 9);
  });
});

describe('what it costs', () => {
  it('drag power is force times speed; a glide ratio of 40 and 4000 N loses 0.39 to 1 N, by hand', () => {
    const muscle = {
      drivenBy: { kind: 'muscle', watts: { value: 200, source: { kind: 'common practice' } } },
    } as const;
    const cost = burdenOf(muscle, 0.2, 0.5, 10);
    expect(cost.dragW).toBe(5);
    expect(cost.shareOfEffort).toBeCloseTo(0.025, 12);
    // 1 / (1/40 + 1/4000) = 39.604
    expect(glideLost(40, 4000, 1)).toBeCloseTo(0.396, 3);
    expect(glideLost(40, 4000, 0)).toBeCloseTo(0, 12);
  });
});
