import { INTENTS } from '../../../../catalog/index.generated';
import { bikeRig, plainAt } from '../../../../testing/rigs';
import { frameSetUp } from '../../../physics/framing/frameSetUp';
import type { FramedSetUp } from '../../../physics/framing/stanceFrame';
import type { FrameMeasures } from '../../../physics/framing/measureFrame';
import { askedIntent } from '../../../posing/lookup/askedIntent';
import { newAsk } from '../../../words/shot/ask';
import type { FrameShares } from '../../../words/shot/frameGroup';
import type { IntentDefinition, Want } from '../../../words/shot/intent';
import { rangeMargin, worstFirst, type Finding } from '../../../words/check/result';
import { frameScore } from './frameScore';
import { judgeFrame } from './judgeFrame';
import { measureWant } from './wants';

const real = frameSetUp(bikeRig(), plainAt('chest', 45), 'crouch', 16);
const partSeen = real.stances[0]!.measures.parts[0]!;
const nothing: FrameShares = { way: 0, ground: 0, sky: 0, hands: 0, machine: 0, rider: 0, face: 0, subject: 0, own: 0 };

/** A framed set-up whose every riding stance shows the same. */
function showing(measures: Partial<FrameMeasures> & { shares: FrameShares }): FramedSetUp {
  const whole: FrameMeasures = {
    middle: nothing,
    parts: [],
    horizon: { heightFraction: 0.3, rollDeg: 0, inPicture: true },
    nearest: null,
    ...measures,
  };
  return {
    ...real,
    stances: real.stances.map((stance) => ({ ...stance, measures: whole })),
    weightedShares: measures.shares,
  };
}

const want = (over: Partial<Want> = {}): Want => ({
  id: 'sky',
  label: 'sky',
  of: { groups: ['sky'] },
  share: [0.2, 0.4],
  weight: 1,
  ...over,
});
const intent = (over: Partial<IntentDefinition> = {}): IntentDefinition => ({
  id: 'test',
  name: 'Test',
  purpose: '',
  role: 'ride',
  feel: null,
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: null,
  wants: [want()],
  seconds: 1,
  ...over,
});

function finding(
  framed: FramedSetUp,
  asked: IntentDefinition,
  id: string,
  solvedTiltDeg: number | null = null,
): Finding {
  const check = judgeFrame(framed, asked, solvedTiltDeg);
  if (check.verdict === "can't say") throw new Error(check.missing);
  return check.findings.find((f) => f.id === id)!;
}

describe('a want for a share', () => {
  it.each([
    [0.3, 'good', /enough/],
    [0.2, 'good', /enough/],
    [0.15, 'watch', /too little/],
    [0.05, 'stop', /too little/],
    [0.6, 'watch', /too much/],
    [0.9, 'stop', /too much/],
  ] as const)('of 20 to 40 %% with %f is %s', (sky, verdict, because) => {
    const result = finding(showing({ shares: { ...nothing, sky } }), intent(), 'sky');
    expect(result.verdict).toBe(verdict);
    expect(result.because).toMatch(because);
    expect(result.value).toBeCloseTo(sky * 100, 9);
    expect(result.limit).toEqual([20, 40]);
    expect(result.margin).toBeCloseTo(100 * Math.min(sky - 0.2, 0.4 - sky), 9);
  });

  it('that asks for none at all bears four hundredths before it is spoilt', () => {
    const none = intent({ wants: [want({ share: [0, 0.01] })] });
    const verdict = (sky: number) => finding(showing({ shares: { ...nothing, sky } }), none, 'sky').verdict;
    expect(verdict(0.005)).toBe('good');
    expect(verdict(0.045)).toBe('watch');
    expect(verdict(0.055)).toBe('stop');
  });

  const hand = { id: 'handLeft', name: 'left hand', group: 'hands', centroidU: 0.5, nearestM: 1, extent: 0.3 } as const;
  it('counts groups and named parts, and finds their middle', () => {
    const parts = [
      { ...hand, share: 0.1, centroidV: 0.6, cut: false },
      { ...hand, id: 'handRight', share: 0.3, centroidV: 0.8, cut: true },
    ];
    const measures = showing({ shares: { ...nothing, hands: 0.4 }, parts }).stances[0]!.measures;
    expect(measureWant(want({ of: { groups: ['hands'] } }), measures, [])).toMatchObject({
      share: 0.4,
      height: expect.closeTo(0.75, 9) as number,
    });
    expect(measureWant(want({ of: { working: true } }), measures, ['handLeft']).share).toBeCloseTo(0.1, 9);
    expect(measureWant(want({ of: { working: true } }), measures, ['saddle'])).toMatchObject({
      share: 0,
      height: null,
    });
  });

  it('in the wrong place, or cut off where it must be whole, is worth a look', () => {
    const framed = showing({
      shares: { ...nothing, hands: 0.3 },
      parts: [{ ...hand, share: 0.3, centroidV: 0.2, cut: true }],
    });
    const low = finding(framed, intent({ wants: [want({ of: { groups: ['hands'] }, heightBand: [0.5, 1] })] }), 'sky');
    expect(low.verdict).toBe('watch');
    expect(low.because).toMatch(/20 % down, wanted 50 to 100 %/);
    const whole = finding(framed, intent({ wants: [want({ of: { groups: ['hands'] }, whole: true })] }), 'sky');
    expect(whole.because).toMatch(/cut off at the edge: left hand/);
  });
});

describe('the horizon', () => {
  const asked = intent({ wants: [], horizonBand: [0.2, 0.4] });
  const at = (heightFraction: number, solvedTiltDeg: number | null = null) =>
    finding(
      showing({ shares: nothing, horizon: { heightFraction, rollDeg: 0, inPicture: true } }),
      asked,
      'horizon',
      solvedTiltDeg,
    );

  it.each([
    [0.3, 'good'],
    [0.45, 'watch'],
    [0.14, 'watch'],
    [0.6, 'stop'],
    [-0.5, 'stop'],
    [Infinity, 'stop'],
  ] as const)('wanted at 20 to 40 %% and found at %f is %s', (height, verdict) => {
    expect(at(height).verdict).toBe(verdict);
  });

  it('outside the picture says where the lens looks, in finite figures', () => {
    expect(at(-Infinity).because).toMatch(/above the picture.*looks at the ground/);
    expect(at(Infinity).because).toMatch(/below the picture.*looks into the sky/);
    expect(Number.isFinite(at(-Infinity).value) && Number.isFinite(at(Infinity).margin)).toBe(true);
  });

  it('names the tilt that mends it, unless it is there already', () => {
    const solvedTiltDeg = 45 + 31.2;
    expect(at(-0.5, solvedTiltDeg).mend).toEqual({
      text: 'tilt up 31°',
      tiltDeg: solvedTiltDeg,
    });
    expect(at(-0.5, 45.2).mend).toBeNull();
    expect(at(0.3, solvedTiltDeg).mend).toBeNull();
  });
});

it('in a cabin more of the machine belongs to the view ahead; under roof tubes alone it does not, nor where somebody set the share', () => {
  const machine = want({ id: 'machine', of: { groups: ['machine'] }, share: [0, 0.04], shareInside: [0, 0.12] });
  const verdict = (over: Partial<(typeof real.stances)[number]>, wants = [machine]) => {
    const shown = showing({ shares: { ...nothing, machine: 0.1 } });
    const stances = shown.stances.map((stance) => ({ ...stance, ...over }));
    return finding({ ...shown, stances }, intent({ wants }), 'machine').verdict;
  };
  expect(verdict({ underRoof: true, throughGlass: 1 })).toBe('good');
  expect(verdict({ underRoof: true, throughGlass: 0.2 })).toBe('stop');
  expect(verdict({ underRoof: false, throughGlass: 0 })).toBe('stop');
  const asked = askedIntent({ ...newAsk('clear-ahead', 'c'), shares: { machine: [0, 0.02] } });
  expect(asked.wants.find(({ id }) => id === 'machine')).not.toHaveProperty('shareInside');
});

describe('other findings', () => {
  const rolled = (rollDeg: number) =>
    finding(
      showing({ shares: nothing, horizon: { heightFraction: 0.3, rollDeg, inPicture: true } }),
      intent({ wants: [] }),
      'roll',
    );
  it.each([
    [2, 'good'],
    [-5, 'watch'],
    [20, 'stop'],
  ] as const)('a horizon leaning %f° is %s', (roll, verdict) => expect(rolled(roll).verdict).toBe(verdict));

  it('a picture on its head is told, though its sky line is level, and it counts against it', () => {
    const upright = showing({ shares: { ...nothing, sky: 0.3 } });
    const onItsHead = {
      ...upright,
      stances: upright.stances.map((stance) => ({ ...stance, onItsHead: stance.stanceId === upright.actionStanceId })),
    };
    const level = finding(onItsHead, intent({ wants: [] }), 'roll');
    expect(level).toMatchObject({ verdict: 'watch', value: 180 });
    expect(level.because).toMatch(/stands on its head in crouch/);
    expect(frameScore(onItsHead, intent())).toBeLessThan(0.8 * frameScore(upright, intent()));
  });

  it('what is too near to be sharp is named, and counts by what it takes of the picture', () => {
    const near = (share: number, nearestM: number) =>
      finding(
        showing({
          shares: nothing,
          nearest: { name: 'stem', distanceM: nearestM },
          parts: [{ ...partSeen, name: 'stem', share, nearestM }],
        }),
        intent({ wants: [] }),
        'focus',
      );
    expect(near(0.3, 0.1)).toMatchObject({ verdict: 'watch', unit: '%' });
    expect(near(0.3, 0.1).because).toMatch(/30 % of the picture, most of it the stem at 0.10 m/);
    expect(near(0.02, 0.1)).toMatchObject({ verdict: 'good' });
    expect(near(0.02, 0.1).because).toMatch(/2.0 % of the picture, most of it the stem at 0.10 m/);
    expect(near(0.3, 1).because).toMatch(/the nearest thing is the stem at 1.00 m/);
  });

  it('a head is never low, however near the ground: what a boot may do there is stopped on a helmet', () => {
    const low = intent({ wants: [], lensBelowM: 3 });
    const verdictOn = (zone: 'head' | 'foot' | null) => {
      const check = judgeFrame(real, low, null, zone);
      return check.verdict === "can't say" ? null : check.findings.find((f) => f.id === 'low')!.verdict;
    };
    expect([verdictOn('foot'), verdictOn(null), verdictOn('head')]).toEqual(['good', 'good', 'stop']);
  });

  it("can't say without an action stance", () => {
    expect(judgeFrame({ ...real, actionStanceId: 'flying' }, intent(), null)).toMatchObject({
      verdict: "can't say",
    });
  });
});

describe('results in order', () => {
  const some = (id: string, verdict: 'good' | 'watch' | 'stop'): Finding => ({
    id,
    label: id,
    verdict,
    value: 0,
    unit: '',
    limit: [null, null],
    margin: 0,
    because: '',
    mend: null,
  });
  it('the worst finding comes first and decides', () => {
    const check = worstFirst('frame', [some('a', 'good'), some('b', 'stop'), some('c', 'watch')]);
    expect(check.verdict).toBe('stop');
    expect('findings' in check && check.findings.map((f) => f.id)).toEqual(['b', 'c', 'a']);
    expect(worstFirst('frame', []).verdict).toBe("can't say");
  });

  it('a margin is positive inside, negative outside, from the nearer end', () => {
    expect(rangeMargin(5, [2, 9])).toBe(3);
    expect(rangeMargin(1, [2, 9])).toBe(-1);
    expect(rangeMargin(11, [null, 9])).toBe(-2);
    expect(rangeMargin(1, [null, null])).toBe(Infinity);
  });
});

describe('the score', () => {
  it('is 1 when all is met, falls with what is missing, and never leaves 0 to 1', () => {
    const score = (sky: number) => frameScore(showing({ shares: { ...nothing, sky } }), intent());
    expect(score(0.3)).toBeCloseTo(1, 12);
    expect(score(0.1)).toBeLessThan(score(0.15));
    expect(score(0)).toBeGreaterThanOrEqual(0);
    for (const each of INTENTS) {
      expect(frameScore(real, each)).toBeGreaterThanOrEqual(0);
      expect(frameScore(real, each)).toBeLessThanOrEqual(1);
    }
  });

  it('one spoilt want is not averaged away', () => {
    const two = intent({ wants: [want(), want({ id: 'hands', of: { groups: ['hands'] }, share: [0, 0.1] })] });
    const clean = frameScore(showing({ shares: { ...nothing, sky: 0.3 } }), two);
    const spoilt = frameScore(showing({ shares: { ...nothing, sky: 0.3, hands: 0.6 } }), two);
    expect(clean).toBeCloseTo(1, 12);
    expect(spoilt).toBeLessThan(0.3);
  });

  it('more of what is too much is worse all the way, so that a first look tells bad from hopeless', () => {
    const little = intent({ wants: [want({ id: 'hands', of: { groups: ['hands'] }, share: [0, 0.1] })] });
    const scores = [0.05, 0.1, 0.12, 0.15, 0.2, 0.3, 0.5, 0.8].map((hands) =>
      frameScore(showing({ shares: { ...nothing, hands } }), little),
    );
    expect(scores.slice(0, 2)).toEqual([1, 1]);
    for (let i = 2; i < scores.length; i++) expect(scores[i]!).toBeLessThan(scores[i - 1]!);
    expect(scores.at(-1)!).toBeGreaterThan(0);
  });

  it('what Frame stops by little stands clearly behind what it does not, above what is wanted as below it', () => {
    const score = (sky: number) => frameScore(showing({ shares: { ...nothing, sky } }), intent());
    const verdict = (sky: number) => finding(showing({ shares: { ...nothing, sky } }), intent(), 'sky').verdict;
    expect([verdict(0.101), verdict(0.099)]).toEqual(['watch', 'stop']);
    expect(score(0.099)).toBeLessThan(0.85 * score(0.101));
    expect([verdict(0.79), verdict(0.81)]).toEqual(['watch', 'stop']);
    expect(score(0.81)).toBeLessThan(0.85 * score(0.79));
  });

  it('what is too near to be sharp costs by what it takes of the picture, a fifth at most', () => {
    const sharp = intent({ wants: [want()] });
    const score = (share: number, nearestM: number) =>
      frameScore(
        showing({ shares: { ...nothing, sky: 0.3 }, parts: [{ ...partSeen, id: 'elbow', share, nearestM }] }),
        sharp,
      );
    expect(score(0.4, 1)).toBeCloseTo(1, 12);
    expect(score(0.4, 0.05)).toBeCloseTo(0.8, 12);
    expect(score(0.025, 0.05)).toBeCloseTo(0.98, 12);
  });
});

it('what is asked of things in the hand is neither asked nor counted where nothing is held', () => {
  const asked = intent({
    wants: [want({ id: 'bars', of: { groups: ['machine'] }, share: [0.1, 1], whereHeld: true }), want()],
  });
  const bare = showing({ shares: { ...nothing, sky: 0.3 } });
  const free = { ...bare, held: false };
  expect(judgeFrame(bare, asked, null).verdict).toBe('stop');
  expect(judgeFrame(free, asked, null).verdict).toBe('good');
  expect(frameScore(free, asked)).toBeGreaterThan(2 * frameScore(bare, asked));
});

it('what is asked of the action stance by itself is asked there, however much of it other stances show', () => {
  const bars = want({ id: 'bars', label: 'bars', of: { groups: ['machine'] }, share: [0.015, 0.4], inAction: true });
  const always = showing({ shares: { ...nothing, sky: 0.3, machine: 0.1 } });
  const later = {
    ...always,
    stances: always.stances.map((stance) =>
      stance.stanceId === always.actionStanceId
        ? { ...stance, measures: { ...stance.measures, shares: { ...stance.measures.shares, machine: 0 } } }
        : stance,
    ),
  };
  const asked = intent({ wants: [bars, want()] });
  expect(finding(always, asked, 'bars').verdict).toBe('good');
  expect(finding(later, asked, 'bars')).toMatchObject({
    verdict: 'watch',
    because: expect.stringMatching(/; only 0 % in the action stance, /) as string,
  });
  // Mean of one and a half, times three quarters for the half that is met worst.
  expect([frameScore(always, asked), frameScore(later, asked)]).toEqual([1, 0.75 * 0.75]);
  // Where as little as nothing of it is asked, nothing is lacking.
  const none = intent({ wants: [{ ...bars, share: [0, 0.4] }, want()] });
  expect([frameScore(later, none), finding(later, none, 'bars').verdict]).toEqual([1, 'good']);
  const { inAction, ...alone } = bars;
  expect([inAction, frameScore(later, intent({ wants: [alone, want()] }))]).toEqual([true, 1]);
});

it('lights are drawn out by what stays still: nothing worn, held or swung by hand, and no edge of a machine beside the course', () => {
  const asked = intent({
    wants: [want({ id: 'edge', of: { groups: ['machine'] }, share: [0.1, 1], aboard: true }), want()],
    stillView: true,
  });
  const fixed = showing({ shares: { ...nothing, sky: 0.3, machine: 0.2 } });
  const still = (result: ReturnType<typeof judgeFrame>) =>
    result.verdict === "can't say" ? undefined : result.findings.find(({ id }) => id === 'still');
  expect(still(judgeFrame(fixed, asked, null))).toBeUndefined();
  expect(still(judgeFrame(fixed, asked, null, 'head'))!.because).toMatch(/nobody keeps still.*scribbles/);
  expect(still(judgeFrame(fixed, asked, null, 'hand'))!.because).toMatch(/a hand moves/);
  expect(still(judgeFrame({ ...fixed, swung: true }, asked, null))!.verdict).toBe('stop');
  const beside = { ...showing({ shares: { ...nothing, sky: 0.3 } }), aboard: false };
  expect(judgeFrame(beside, asked, null).verdict).toBe('good');
});
