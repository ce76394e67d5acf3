import { askedIntent } from '../../posing/lookup/askedIntent';
import { newAsk, TERM_IDS, type Ask, type TermId } from '../../words/shot/ask';
import { USUAL_WEIGHTS, weightsOf } from './weights';
import type { Candidate, SpotResult } from '../../judging/check/candidate';
import { foldAlike, sheetCards } from './foldAlike';
import { likeness, lostAgainst, rankCandidates, schoolCosts, withVariety } from './rankCandidates';
import { scoreOf } from './score';
import { Rejected } from './rejected';
import { whyNot, whyNothing } from './whyNot';

const candidate = (id: string, values: Partial<Record<TermId, number>>, over: Partial<Candidate> = {}): Candidate => ({
  id,
  carrierId: 'c',
  spotId: id[0]!,
  spotName: id,
  placeKind: 'machine',
  setUp: {} as Candidate['setUp'],
  horizonAt: null,
  onlyIn: null,
  terms: TERM_IDS.map((term) => ({ id: term, value: values[term] ?? 0.5, text: `${term} ${values[term] ?? 0.5}` })),
  verdicts: {},
  exact: false,
  ...over,
  facts: {
    shares: {},
    speedFeel: 1,
    slopeShown: null,
    inSeam: [],
    unsteadiness: 0.4,
    massKg: 0.2,
    minutes: 4,
    cost: 'a meal',
    cameraName: 'Cube camera',
    modeName: 'Wide 16:9',
    stabiliserName: 'Off',
    baseName: 'Tube clamp',
    linkNames: [],
    damped: false,
    horizontalFovDeg: 100,
    heightM: 1,
    viewDeg: 0,
    outM: 0.05,
    ...over.facts,
  },
});

describe('a score', () => {
  it('is one where all is as wished, and lies above a quarter for what nothing stops, below it for what something does', () => {
    const all = candidate('a', Object.fromEntries(TERM_IDS.map((t) => [t, 1])));
    const none = candidate('b', Object.fromEntries(TERM_IDS.map((t) => [t, 0])));
    expect(scoreOf(all, USUAL_WEIGHTS)).toBeCloseTo(1, 12);
    expect(scoreOf(none, USUAL_WEIGHTS)).toBeGreaterThan(0.25);
    expect(scoreOf({ ...all, verdicts: { hold: 'stop' } }, USUAL_WEIGHTS)).toBeLessThanOrEqual(0.25);
  });

  it('one spoilt thing is not saved by the others, and three times spoilt is still told from sixteen times', () => {
    const spoilt = (steady: number) =>
      scoreOf(candidate('s', { picture: 1, clear: 1, holds: 1, steady }), USUAL_WEIGHTS);
    expect(spoilt(0.05)).toBeLessThan(scoreOf(candidate('m', {}), USUAL_WEIGHTS) + 0.1);
    expect(spoilt(0.25)).toBeGreaterThan(spoilt(0.06) + 0.05);
  });

  it('another weight ranks anew, without another search', () => {
    const steady = candidate('s', { steady: 1, picture: 0.6 });
    const pretty = candidate('p', { steady: 0.2, picture: 0.9 });
    const first = (weights: Partial<Record<TermId, number>>) =>
      rankCandidates([steady, pretty], { ...USUAL_WEIGHTS, ...weights })[0]!.candidate.id;
    expect(first({ picture: 12, steady: 0 })).toBe('p');
    expect(first({ picture: 2, steady: 12 })).toBe('s');
  });

  it('equals stand by their id, whatever the order they came in', () => {
    const [a, b] = [candidate('a1', {}), candidate('b1', {})];
    for (const list of [
      [a, b],
      [b, a],
    ]) {
      expect(rankCandidates(list, USUAL_WEIGHTS).map((r) => r.candidate.id)).toEqual(['a1', 'b1']);
    }
  });

  it('of two that are told with the same figure the one without a damper comes first, a better figure before both', () => {
    const soft = { facts: { ...candidate('x', {}).facts, damped: true } };
    const of = (steady: number, over = {}) => candidate(`s${steady}`, { picture: 1, steady }, over);
    const [plain, damped, better] = [of(0.5), of(0.501, soft), of(0.9, soft)];
    const scores = [plain, damped].map((c) => scoreOf(c, USUAL_WEIGHTS));
    expect(scores[1]).toBeGreaterThan(scores[0]!);
    expect(Math.round(scores[1]! * 100)).toBe(Math.round(scores[0]! * 100));
    const order = rankCandidates([damped, plain, better], USUAL_WEIGHTS).map(({ candidate: { id } }) => id);
    expect(order).toEqual([better.id, plain.id, damped.id]);
  });

  it('what one loses against another is the difference of their scores, term by term', () => {
    const [a, b] = [candidate('a', { picture: 0.9 }), candidate('b', { picture: 0.4, steady: 0.8 })];
    const lost = lostAgainst(b, a, USUAL_WEIGHTS);
    expect(lost[0]!.id).toBe('picture');
    const sum = lost.reduce((total, t) => total + t.lost, 0);
    expect(sum).toBeCloseTo(scoreOf(a, USUAL_WEIGHTS) - scoreOf(b, USUAL_WEIGHTS), 12);
  });
});

describe('the first ones', () => {
  it('are different: three chests do not come before a bar that is nearly as good', () => {
    const chests = ['c1', 'c2', 'c3'].map((id, i) => candidate(id, { picture: 0.9 - i * 0.01 }, { placeKind: 'body' }));
    const bar = candidate('b1', { picture: 0.7 });
    const order = withVariety(rankCandidates([...chests, bar], USUAL_WEIGHTS), 2).map((r) => r.candidate.id);
    expect(order).toEqual(['c1', 'b1', 'c2', 'c3']);
  });

  it('on one spot, another camera that feels otherwise comes before a twin of the first', () => {
    const first = candidate('a1', { picture: 0.9 });
    const twin = candidate('a2', { picture: 0.89 });
    const other = candidate(
      'a3',
      { picture: 0.84 },
      { facts: { ...first.facts, cameraName: 'another', speedFeel: 4 } },
    );
    expect(likeness(first, other)).toBeLessThan(likeness(first, twin) - 0.05);
    const order = withVariety(rankCandidates([first, twin, other], USUAL_WEIGHTS), 2).map((r) => r.candidate.id);
    expect(order).toEqual(['a1', 'a3', 'a2']);
  });

  it('likeness is one with itself, and nothing between carriers', () => {
    const a = candidate('a', {});
    expect(likeness(a, a)).toBeCloseTo(1, 12);
    expect(likeness(a, { ...a, carrierId: 'other' })).toBe(0);
  });
});

describe('a sheet with near-copies folded', () => {
  const cards = (...candidates: Parameters<typeof rankCandidates>[0][number][]) =>
    foldAlike(rankCandidates(candidates, USUAL_WEIGHTS)).map(({ ranked, alike }) => [
      ranked.candidate.id,
      ...alike.map((r) => r.candidate.id),
    ]);
  const first = candidate('a1', { picture: 0.9 });

  it('has one card for one idea, with what differs little behind it, best first', () => {
    const twin = candidate('a2', { picture: 0.89 });
    const other = candidate('a3', { picture: 0.88 }, { facts: { ...first.facts, cameraName: 'another' } });
    expect(cards(twin, other, first)).toEqual([['a1', 'a2', 'a3']]);
  });

  it('near-copies of the best take no other place’s card, however many they are', () => {
    const twins = Array.from({ length: 9 }, (_, i) => candidate(`a${i + 2}`, { picture: 0.89 }));
    const bar = candidate('b1', { picture: 0.4 });
    const [one, two, ...others] = sheetCards(rankCandidates([...twins, bar, first], USUAL_WEIGHTS), 2);
    expect([one!.ranked.candidate.id, two!.ranked.candidate.id]).toEqual(['a1', 'b1']);
    expect(one!.alike).toHaveLength(9);
    expect(others).toEqual([]);
  });

  it('has another place, another view and another carrier on cards of their own', () => {
    const bar = candidate('b1', { picture: 0.8 });
    const back = candidate(
      'a4',
      { picture: 0.7 },
      { facts: { ...first.facts, viewDeg: first.facts.viewDeg + 180, speedFeel: 4 } },
    );
    const elsewhere = candidate('a5', { picture: 0.6 }, { carrierId: 'other' });
    expect(cards(first, bar, back, elsewhere)).toEqual([['a1'], ['b1'], ['a4'], ['a5']]);
  });

  it('hides nothing that a check stops behind what none does', () => {
    const stopped = candidate('a6', { picture: 0.9 }, { verdicts: { ...first.verdicts, clear: 'stop' } });
    expect(cards(first, stopped)).toEqual([['a1'], ['a6']]);
  });
});

it('schools say what they cost: nothing for the one that has the best', () => {
  const head = candidate('h', { picture: 0.9 }, { placeKind: 'head' });
  const machine = candidate('m', { picture: 0.5 });
  const ranked = rankCandidates([head, machine], USUAL_WEIGHTS);
  const cost = (id: string) => schoolCosts(ranked, USUAL_WEIGHTS).find((s) => s.id === id)!;
  expect(cost('head')).toMatchObject({ count: 1, lost: 0, mostly: null });
  expect(cost('machine')).toMatchObject({ count: 1, mostly: 'picture' });
  expect(cost('body')).toMatchObject({ count: 0, lost: null });
});

describe('why not there', () => {
  const spot = (over: Partial<SpotResult>): SpotResult => ({
    carrierId: 'c',
    spotId: 's',
    spotName: 'S',
    tried: 1,
    inAllStances: 1,
    candidates: [],
    rejections: [],
    ...over,
  });
  const [best] = rankCandidates([candidate('a', { picture: 1 })], USUAL_WEIGHTS);
  it('tells what stopped it, what it gives away, or that it is the best', () => {
    const reasons = [{ check: 'hold', because: 'too long', mend: 'shorter', times: 3 }];
    expect(whyNot(spot({ rejections: reasons }), best!, USUAL_WEIGHTS)).toMatchObject({ kind: 'rejected', reasons });
    const behind = whyNot(spot({ candidates: [candidate('b', { picture: 0.2 })] }), best!, USUAL_WEIGHTS);
    expect(behind).toMatchObject({ kind: 'behind', terms: [{ id: 'picture' }] });
    expect(whyNot(spot({ candidates: [best!.candidate] }), best!, USUAL_WEIGHTS)).toEqual({ kind: 'best' });
    expect(whyNot(spot({ rejections: reasons }), undefined, USUAL_WEIGHTS)).toMatchObject({
      kind: 'rejected',
      reasons,
    });
  });

  const reason = (because: string) => ({ check: 'hold', because, mend: null, times: 1 });
  it('where nothing was kept anywhere, what is told first at most places is the reason; else there is none', () => {
    const spots = ['long', 'shakes', 'shakes'].map((because) => spot({ rejections: [reason(because), reason('wet')] }));
    expect(whyNothing(spots)).toMatchObject({ reason: { because: 'shakes' }, places: 2, of: 3 });
    expect(whyNothing([...spots, spot({ candidates: [best!.candidate] })])).toBeNull();
    expect(whyNothing([spot({})])).toBeNull();
  });

  it('what bars a place is told first, bases that do not go on it last', () => {
    const rejected = new Rejected();
    rejected.add({ ...reason('a pad'), check: 'fits' });
    rejected.add(reason('long'));
    rejected.add(reason('heavy'));
    rejected.add(reason('heavy'));
    rejected.add({ ...reason('no mode'), check: 'fits', bars: 'this kit' });
    expect(rejected.all().map(({ because }) => because)).toEqual(['no mode', 'heavy', 'long', 'a pad']);
  });
});

describe('an ask', () => {
  const ask = newAsk('hands-and-trail', 'c');
  it('changes the intent where it says so, and nothing else', () => {
    const changed = askedIntent({ ...ask, shares: { sky: [0.1, 0.2] }, horizonBand: [0.3, 0.4] });
    expect(changed.wants.find((w) => w.id === 'sky')!.share).toEqual([0.1, 0.2]);
    expect(changed.wants.find((w) => w.id === 'way')!.share).toEqual([0.16, 0.85]);
    expect(changed.horizonBand).toEqual([0.3, 0.4]);
  });
  it('a share that is set by hand is asked where nothing is held as well', () => {
    const machine = (shares: Ask['shares']) =>
      askedIntent({ ...ask, ...(shares ? { shares } : {}) }).wants.find((w) => w.id === 'machine')!;
    expect(machine(undefined).whereHeld).toBe(true);
    expect(machine({ machine: [0.1, 0.2] })).toMatchObject({ share: [0.1, 0.2], inAction: true });
    expect(machine({ machine: [0.1, 0.2] })).not.toHaveProperty('whereHeld');
  });
  it('without hands wants none, with hands wants some, in any intent', () => {
    const hands = (intentId: string, hands: 'with' | 'without') =>
      askedIntent({ ...newAsk(intentId, 'c'), hands }).wants.find((w) => w.id === 'hands')!.share;
    expect(hands('hands-and-trail', 'without')[1]).toBeLessThan(0.01);
    expect(hands('clear-ahead', 'with')[0]).toBeGreaterThan(0);
    expect(hands('who-follows', 'with')[0]).toBeGreaterThan(0);
  });
  it('weighs what it asks for, and no feel where none matters', () => {
    expect(weightsOf(ask)).toMatchObject({ reach: 0, talk: 0, feel: 3 });
    expect(weightsOf({ ...ask, talking: true, reachable: true, feel: null })).toMatchObject({
      reach: 3,
      talk: 3,
      feel: 0,
    });
    expect(weightsOf({ ...ask, weights: { steady: 0 } }).steady).toBe(0);
    expect(weightsOf(newAsk('low-and-fast', 'c')).feel).toBeGreaterThan(weightsOf(ask).feel);
  });
});
