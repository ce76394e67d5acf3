import {
  newAsk,
  rankCandidates,
  sheetCards,
  weightsOf,
  type Candidate,
  type ExactCandidate,
  type SearchJob,
  type SearchQuestion,
  type SpotResult,
} from '@strut-spot/core';
import { runSearch } from './runSearch';
import { candidatesOf, type SearchState } from './searchState';

const worker = {
  searchJobs: jest.fn(),
  searchSpot: jest.fn(),
  exactCandidate: jest.fn(),
};
jest.mock('../workers/core', () => ({ searching: () => [worker, worker] }));
jest.mock('comlink', () => ({ proxy: (value: unknown) => value }));

const question = { ask: newAsk('clear-ahead', 'bike'), carriers: [], pieceIds: [] } as unknown as SearchQuestion;
const SPOTS = ['chest', 'bars', 'helmet'];
const jobs = SPOTS.map((spotId): SearchJob => ({ carrierId: 'bike', spotId }));
const facts = {
  viewDeg: 0,
  outM: 0.05,
  horizontalFovDeg: 100,
  speedFeel: 1,
  unsteadiness: 0.3,
  cameraName: 'Cube',
  shares: {},
};
const candidate = (spotId: string, n: number): Candidate =>
  ({
    id: `${spotId}${n}`,
    carrierId: 'bike',
    spotId,
    spotName: spotId,
    placeKind: spotId,
    terms: [],
    verdicts: {},
    facts,
  }) as never;
const result = (spotId: string, count: number): SpotResult =>
  ({
    carrierId: 'bike',
    spotId,
    spotName: spotId,
    tried: 100,
    rejections: [],
    candidates: Array.from({ length: count }, (_, n) => candidate(spotId, n)),
  }) as never;

const shown: SearchState[] = [];
const tried: number[] = [];
let going = true;
const run = () =>
  runSearch(question, { goesOn: () => going, show: (state) => shown.push(state), tried: (n) => tried.push(n) });

beforeEach(() => {
  [shown, tried].forEach((list) => list.splice(0));
  going = true;
  worker.searchJobs.mockReset().mockResolvedValue(jobs);
  worker.searchSpot.mockReset().mockImplementation((_: unknown, { spotId }: SearchJob, told: (n: number) => void) => {
    told(40);
    return Promise.resolve(result(spotId, 3));
  });
  worker.exactCandidate
    .mockReset()
    .mockImplementation((_: unknown, c: Candidate) =>
      Promise.resolve({ stopped: null, candidate: { ...c, exact: true } } as unknown as ExactCandidate),
    );
});

it('looks at every spot, checks the best in full, and ends with all of it', async () => {
  const found = await run();
  expect(found).toMatchObject({ phase: 'done', done: 3, jobs: 3 });
  // In the order of the carrier's spots, whoever was quicker.
  expect(found!.spots.map((s) => s.spotId)).toEqual(SPOTS);
  // Of near-copies the first stands for all.
  expect(found!.exact.size).toBe(3);
  expect(found!.seconds).toBeGreaterThanOrEqual(0);
  expect(shown.map((s) => s.phase).filter((phase, i, all) => phase !== all[i - 1])).toEqual([
    'searching',
    'checking',
    'done',
  ]);
  expect(worker.searchSpot).toHaveBeenCalledTimes(3);
});

it('tells how many pictures were looked at, on spots that are under way too', async () => {
  await run();
  expect(tried[0]).toBe(0);
  expect(tried.some((n) => n % 100 !== 0)).toBe(true);
  expect(Math.max(...tried)).toBeGreaterThanOrEqual(300);
});

it('keeps the order of spots when the second is done before the first', async () => {
  worker.searchSpot.mockImplementation(async (_: unknown, { spotId }: SearchJob) => {
    await new Promise((resolve) => setTimeout(resolve, spotId === 'chest' ? 20 : 1));
    return result(spotId, 1);
  });
  expect((await run())!.spots.map((s) => s.spotId)).toEqual(SPOTS);
});

it('what a full check stops makes room for the next: no candidate is checked twice', async () => {
  worker.exactCandidate.mockImplementation((_: unknown, c: Candidate) =>
    Promise.resolve({
      stopped: c.id === 'chest0' ? { check: 'clear', because: 'the stem', mend: null } : null,
      candidate: c,
    } as never),
  );
  await run();
  const checked = worker.exactCandidate.mock.calls.map(([, c]) => (c as Candidate).id);
  expect(new Set(checked).size).toBe(checked.length);
  expect(checked).toContain('chest0');
});

it('stopped on the way it gives nothing, and shows nothing more', async () => {
  worker.searchSpot.mockImplementation((_: unknown, { spotId }: SearchJob) => {
    going = false;
    return Promise.resolve(result(spotId, 1));
  });
  expect(await run()).toBeNull();
  expect(shown.every((s) => s.phase === 'searching')).toBe(true);
  expect(worker.exactCandidate).not.toHaveBeenCalled();
});

it('a worker that fails ends the search with its reason instead of leaving it under way', async () => {
  worker.searchSpot.mockRejectedValue(new Error('could not be started'));
  await expect(run()).rejects.toThrow('could not be started');
});

describe('what a full check finds less good than it looked', () => {
  const seen = (value: number) => [{ id: 'picture', value, text: '' }] as Candidate['terms'];
  const checkedOf = async (copies: number) => {
    worker.searchSpot.mockImplementation((_: unknown, { spotId }: SearchJob) => {
      const spot = result(spotId, copies);
      return Promise.resolve({ ...spot, candidates: spot.candidates.map((c) => ({ ...c, terms: seen(1) })) });
    });
    worker.exactCandidate.mockImplementation((_: unknown, c: Candidate) =>
      Promise.resolve({ stopped: null, candidate: { ...c, terms: seen(0.5) } } as never),
    );
    return (await run())!;
  };

  it('makes room for the next, one after the other, until the first of the sheet are all checked in full', async () => {
    const found = await checkedOf(15);
    const first = sheetCards(rankCandidates(candidatesOf(found), weightsOf(question.ask)), 8).slice(0, 8);
    expect(first.map(({ ranked }) => found.exact.has(ranked.candidate.id))).toEqual([true, true, true]);
    expect(found.exact.size).toBe(45);
  });

  it('ends after sixty, whatever is left', async () => {
    expect((await checkedOf(40)).exact.size).toBe(60);
  });
});
