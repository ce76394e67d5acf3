import { newAsk, type Candidate, type ExactCandidate, type SearchQuestion, type SpotResult } from '@strut-spot/core';
import { candidatesOf, keyOf, spotsOf, triedIn } from './searchState';

const candidate = (id: string, seen = 'rough') => ({ id, seen }) as unknown as Candidate;
const spot = (spotId: string, ...ids: string[]): SpotResult =>
  ({ spotId, tried: 10 * ids.length, candidates: ids.map((id) => candidate(id)), rejections: [] }) as never;
const open = (id: string) => ({ stopped: null, candidate: candidate(id, 'exact') }) as unknown as ExactCandidate;
const stopped = (because: string) =>
  ({ stopped: { check: 'clear', because, mend: null } }) as unknown as ExactCandidate;
const exact = (all: Readonly<Record<string, ExactCandidate>>) => new Map(Object.entries(all));

describe('spots as they stand', () => {
  const spots = [spot('chest', 'a', 'b', 'c'), spot('bars', 'd')];

  it('what was checked in full stands in place of the rough one; what is not yet stays', () => {
    const found = candidatesOf({ spots, exact: exact({ a: open('a') }) });
    expect(found).toEqual([candidate('a', 'exact'), candidate('b'), candidate('c'), candidate('d')]);
  });

  it('what the full checks stop goes, and its reason is told once, with how often', () => {
    const [chest] = spotsOf({ spots, exact: exact({ a: stopped('the stem'), b: stopped('the stem'), c: open('c') }) });
    expect(chest!.candidates.map((c) => c.id)).toEqual(['c']);
    expect(chest!.rejections).toMatchObject([{ because: 'the stem', times: 2 }]);
  });

  it('three stopped and none passed: the rest of the spot is not believed, other spots are', () => {
    const many = [spot('chest', 'a', 'b', 'c', 'e'), spots[1]!];
    const all = { a: stopped('x'), b: stopped('x'), c: stopped('y') };
    expect(candidatesOf({ spots: many, exact: exact(all) }).map((c) => c.id)).toEqual(['d']);
    const passed = { ...all, c: open('c') };
    expect(candidatesOf({ spots: many, exact: exact(passed) }).map((c) => c.id)).toEqual(['c', 'e', 'd']);
  });

  it('counts the pictures of all spots', () => {
    expect(triedIn(spots)).toBe(40);
    expect(triedIn([])).toBe(0);
  });
});

it('another weight is the same search, another want is not', () => {
  const question: SearchQuestion = { ask: newAsk('clear-ahead', 'c'), carriers: [], pieceIds: [] };
  const asked = (over: object) => keyOf({ ...question, ask: { ...question.ask, ...over } });
  expect(asked({ weights: { steady: 9 } })).toBe(keyOf(question));
  expect(asked({ talking: true })).not.toBe(keyOf(question));
});
