import { newAsk, type Candidate, type ExactCandidate, type SearchQuestion, type SpotResult } from '@strut-spot/core';
import { dealOut } from './dealOut';
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

describe('dealing out', () => {
  const later = <T>(value: T, ms = 1) => new Promise<T>((done) => setTimeout(() => done(value), ms));

  it('every job goes once, to whoever is free: the slow one holds nobody up', async () => {
    const [asked, taken]: [string[], number[]] = [[], []];
    await dealOut({
      workers: [
        { name: 'slow', ms: 40 },
        { name: 'quick', ms: 1 },
      ],
      jobs: [1, 2, 3, 4],
      goesOn: () => true,
      ask: ({ name, ms }, job) => {
        asked.push(`${name} ${job}`);
        return later(job * 10, ms);
      },
      take: (result) => taken.push(result),
    });
    expect(asked).toEqual(['slow 1', 'quick 2', 'quick 3', 'quick 4']);
    expect([...taken].sort()).toEqual([10, 20, 30, 40]);
  });

  it('a worker may have jobs ahead of it', async () => {
    let [open, most] = [0, 0];
    await dealOut({
      workers: ['only'],
      jobs: [1, 2, 3, 4],
      goesOn: () => true,
      ahead: 2,
      ask: async () => {
        most = Math.max(most, ++open);
        await later(null);
        open--;
        return 1;
      },
      take: () => undefined,
    });
    expect(most).toBe(2);
  });

  it('ends when it does not go on: nothing more is asked, what comes late is not taken', async () => {
    let going = true;
    const [asked, taken]: [number[], number[]] = [[], []];
    await dealOut({
      workers: ['only'],
      jobs: [1, 2, 3],
      goesOn: () => going,
      ask: (_, job) => {
        asked.push(job);
        if (job === 2) going = false;
        return later(job);
      },
      take: (result) => taken.push(result),
    });
    expect([asked, taken]).toEqual([[1, 2], [1]]);
  });

  it('a job that is answered by nothing is passed over', async () => {
    const taken: number[] = [];
    await dealOut({
      workers: ['only'],
      jobs: [1, 2],
      goesOn: () => true,
      ask: (_, job) => later(job === 1 ? null : job),
      take: (result) => taken.push(result),
    });
    expect(taken).toEqual([2]);
  });
});
