/** Facts of the trade about being in the way, as outcomes. Each is common practice, no source. */
import { INTENTS } from '../../../catalog/index.generated';
import { link, shakeAt } from '../../../testing/shakes';
import { judgeClear } from '../../judging/checks/clear/judgeClear';
import { rulesFor } from '../../judging/checks/hold/judgeHold';
import { frameInStance } from '../framing/frameSetUp';
import { sideElevation } from '../../showing/drawing/sideElevation';
import { forceElevation } from '../../showing/drawing/forceElevation';
import { holdReport } from '../holding/holdReport';
import { usualVenue, type VenueId } from '../../words/ride/venue';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig } from '../../posing/rig/poseRig';
import { knownMachines, resolveRig } from '../../posing/lookup/resolveRig';
import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { clearReport } from './clearReport';
import { approaches } from './strikes';

const clear = (...args: Parameters<typeof shakeAt>) => clearReport(shakeAt(...args));
const finding = (question: ReturnType<typeof shakeAt>, id: string) => {
  const check = judgeClear(clearReport(question), resolveRig(question.rig).machine);
  return 'findings' in check ? check.findings.find((f) => f.id === id) : undefined;
};

it('what stands over a roof is met by branches on a trail and by gates where it is high, not 1.4 m over a road', () => {
  const over = (machineId: string) => finding(shakeAt(machineId, 'roof', { baseId: 'adhesive-pad' }), 'branches')!;
  expect(over('coupe')).toMatchObject({ verdict: 'good' });
  expect(over('coupe').because).not.toMatch(/branches|gate/);
  expect(over('four-by-four')).toMatchObject({ verdict: 'watch' });
});

it('what hangs down from a machine to just over the ground is torn off by what comes up under way', () => {
  const low = (links: SetUp['links']) =>
    finding(shakeAt('buggy', 'cage-side', { links, baseId: 'braced-pole-foot' }), 'ground')!;
  expect(low([])).toMatchObject({ verdict: 'good' });
  const [pole] = [0, 90, 180, 270]
    .map((turnDeg) => low([link('medium-pole', 0.63, 90, turnDeg)]))
    .sort((a, b) => a.value - b.value) as [ReturnType<typeof low>];
  expect(pole.verdict).toBe('stop');
  expect(pole.because).toMatch(/the ground comes up by about .* roots of 80 mm/);
});

describe('heads and bars', () => {
  it('a chin mount hung low strikes the chest of a short rider looking down, not that of a tall one', () => {
    const nod = (statureM: number) => {
      const { rig, setUp } = shakeAt('mountain-bike', 'chin-bar', { links: [link('short-arm', 0.07, -90)] });
      const fitted = { ...rig, statureM };
      return approaches(fitted, resolveSetUp(fitted, setUp)).find((a) => a.sweeping?.own === 'head')!;
    };
    expect(nod(1.5)).toMatchObject({ partName: 'chest', sweeping: { verb: 'looks down and up' } });
    expect(nod(1.5).distanceM).toBeLessThan(0.004);
    expect(nod(2).distanceM).toBeGreaterThan(0.02);
    // A head can be held back: a warning, not a stop.
    const short = shakeAt('mountain-bike', 'chin-bar', { links: [link('short-arm', 0.07, -90)] });
    expect(finding({ ...short, rig: { ...short.rig, statureM: 1.5 } }, 'nod')!.verdict).toBe('watch');
  });

  it('a gimbal that stands out from the chest meets the stem in the deep crouch, and not close to the chest', () => {
    const nearStem = (links: SetUp['links']) => {
      const { rig, setUp } = shakeAt('road-bike', 'chest', { cameraId: 'pocket-gimbal', modeId: 'main', links });
      return approaches(rig, resolveSetUp(rig, { ...setUp, modeId: 'main' })).find((a) => /stem|bar/.test(a.partName));
    };
    expect(nearStem([link('short-arm', 0.1)])).toMatchObject({ stanceName: 'Deep crouch' });
    expect(nearStem([link('short-arm', 0.1)])!.distanceM).toBeLessThan(0.03);
    expect(nearStem([])?.distanceM ?? 1).toBeGreaterThan(0.06);
  });

  it('cables swing into the picture of a camera on the head tube as the bars turn', () => {
    const { rig, setUp } = shakeAt('mountain-bike', 'head-tube-side');
    const aimed = aimedSetUp(
      rig,
      setUp,
      INTENTS.find((i) => i.id === 'clear-ahead')!,
      'crouch',
      0.5,
    )!;
    const fromMiddle = (stanceId: string) => {
      const { parts, cast } = frameInStance(
        resolveSetUp(rig, aimed),
        poseRig(rig, SET_UP_STANCE_ID),
        poseRig(rig, stanceId),
        64,
      );
      const cables = parts.findIndex((p) => p.id === 'cables');
      const columns = [...cast.part].flatMap((part, i) => (part === cables ? [i % 64] : []));
      return Math.abs(columns.reduce((a, b) => a + b, 0) / columns.length - 32);
    };
    expect(fromMiddle('lean')).toBeLessThan(fromMiddle('crouch') - 1);
  });

  it('a cable gives way: it is never what a camera on the bars is stopped by', () => {
    const { rig, setUp } = shakeAt('mountain-bike', 'handlebar');
    expect(approaches(rig, resolveSetUp(rig, setUp)).filter((a) => a.sweeping && a.partId === 'cables')).toEqual([]);
  });

  it('a wheel that comes up with the fork comes near what is on the fork', () => {
    const { rig, setUp } = shakeAt('motorcycle', 'fork-leg');
    const slides = approaches(rig, resolveSetUp(rig, setUp)).filter((a) => a.sweeping?.verb === 'goes in');
    expect(slides.map((a) => a.partName).join()).toMatch(/front (tyre|rim)/);
    for (const { sweeping } of slides) expect(sweeping!.path.length).toBeGreaterThan(5);
  });
});

describe('water and cockpits', () => {
  it('a pole of a metre hung from the boom end dips, one of half a metre does not', () => {
    const pole = (lengthM: number) =>
      shakeAt('beach-catamaran', 'boom-end', { links: [link('medium-pole', lengthM)] }, { groundId: 'short-sea' });
    expect(finding(pole(1), 'water')).toMatchObject({ verdict: 'watch' });
    expect(finding(pole(1), 'water')!.because).toMatch(/under the waves in .*800 times/);
    const calm = shakeAt('beach-catamaran', 'boom-end', { links: [link('medium-pole', 0.5)] }, { groundId: 'glassy' });
    expect(finding(calm, 'water')!.verdict).toBe('good');
  });

  it('what stands before the chest of a pilot is in the way out; on top of the panel it is not', () => {
    const ways = (lengthM: number | null) =>
      clear('glider', 'panel-top', {
        links: lengthM === null ? [] : [{ ...link('long-pole', lengthM), bendDeg: -90, turnDeg: 0 }],
      }).waysOut;
    const [plain] = ways(null);
    expect(plain).toMatchObject({ name: 'cockpit, upward' });
    expect(plain!.gapM).toBeGreaterThan(0.2);
    expect(ways(0.9)[0]!.gapM).toBeLessThan(plain!.gapM);
    // A canopy that is thrown off takes its camera along, and a helmet leaves with its wearer.
    expect(clear('glider', 'canopy-inside').waysOut).toEqual([]);
    expect(clear('glider', 'chest').waysOut).toEqual([]);
    expect(clear('mountain-bike', 'handlebar').waysOut).toEqual([]);
  });
});

it('a camera on the helmet is heard, one on the dash is seen, one on the boot is neither', () => {
  const found = (machineId: string, spotId: string) => finding(shakeAt(machineId, spotId), 'noticed')!;
  expect(found('mountain-bike', 'helmet-side').because).toMatch(/beep is heard/);
  expect(found('coupe', 'dash').because).toMatch(/can be seen/);
  expect(found('mountain-bike', 'under-saddle')).toMatchObject({ verdict: 'watch' });
});

describe('rules by place', () => {
  const rules = (venueId: VenueId) =>
    rulesFor({
      family: 'car',
      traits: [],
      baseKind: 'suction',
      material: 'painted metal',
      worn: null,
      sheltered: false,
      links: [],
      venueId,
    }).map((r) => r.id);
  it('road law counts on the road, the inspection at an event', () => {
    expect(rules('public-road')).toEqual(expect.arrayContaining(['public-road', 'car-road']));
    expect(rules('event')).toContain('event');
    expect(rules('event')).not.toContain('car-road');
  });
  it('every machine has a usual place', () => {
    const places = knownMachines().map((m) => [m.id, usualVenue(m)] as const);
    expect(places).toEqual(
      expect.arrayContaining([
        ['road-bike', 'public-road'],
        ['kayak', 'open-water'],
        ['glider', 'airfield'],
        ['snowboard', 'open-country'],
      ]),
    );
  });
});

it('the drawn forces are in balance: weight, drag, what it is thrown by, and what the base holds', () => {
  for (const [machineId, spotId] of [
    ['coupe', 'roof'],
    ['mountain-bike', 'helmet-side'],
    ['kayak', 'bow-deck'],
  ] as const) {
    const question = shakeAt(machineId, spotId);
    const hold = holdReport({ ...question, shakeRmsMS2: 6, shakeHz: 10, landingG: 1 });
    const { forces, drawing, momentNm } = forceElevation(question.rig, question.setUp, question.actionStanceId, hold);
    for (const k of [0, 1] as const) expect(forces.reduce((sum, f) => sum + f.vector[k], 0)).toBeCloseTo(0, 9);
    expect(momentNm).toBeGreaterThan(0);
    expect(drawing).toEqual(sideElevation(question.rig, question.setUp, question.actionStanceId));
  }
});
