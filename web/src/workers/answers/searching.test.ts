/** @jest-environment node */
import type * as Searching from './searching';
import type { SearchJob, SearchQuestion, SpotResult } from '@strut-spot/core';

const steps = jest.fn();
const exact = jest.fn();
jest.mock('@strut-spot/core', () => ({
  searchSteps: (...asked: unknown[]) => steps(...asked) as unknown,
  exactCandidate: (...asked: unknown[]) => exact(...asked) as unknown,
  searchJobs: () => [],
}));

/** Messages in their order, as a worker's event loop brings them; without a port that would hold the test open. */
class Channel {
  readonly port1: { onmessage: (() => void) | null } = { onmessage: null };
  readonly port2 = { postMessage: () => void setImmediate(() => this.port1.onmessage?.()) };
}
let searching: typeof Searching.searching;
beforeAll(async () => {
  Object.assign(globalThis, { MessageChannel: Channel });
  ({ searching } = await import('./searching'));
});

const question = {
  ask: { weights: { steady: 1 }, feel: 0.5 },
  carriers: [],
  pieceIds: [],
} as unknown as SearchQuestion;
const job = { carrierId: 'bike', spotId: 'chest' } as SearchJob;
const found = (tried: number) => ({ tried, candidates: [{ id: 'best' }] }) as unknown as SpotResult;

/** A search of so many steps, each longer than what goes by between two pauses. */
const longSearch = (length: number) =>
  steps.mockImplementationOnce(function* () {
    for (let n = 1; n <= length; n++) yield n * 100;
    return found(length * 100);
  });
const told: number[] = [];
const tell = (tried: number) => void told.push(tried);
let clock = 0;
beforeEach(() => {
  told.length = 0;
  steps.mockReset();
  exact.mockReset();
  jest.spyOn(performance, 'now').mockImplementation(() => (clock += 100));
});
afterEach(() => jest.restoreAllMocks());

it('tells how far it is on the way, and hands back what it found', async () => {
  longSearch(3);
  expect(await searching.searchSpot(question, job, tell)).toEqual(found(300));
  expect(told).toEqual([100, 200, 300]);
});

it('lets a message in between two steps, and ends with nothing when it says stop', async () => {
  longSearch(50);
  const search = searching.searchSpot(question, job, (tried) => {
    tell(tried);
    if (tried === 300) setImmediate(() => searching.stopSearching());
  });
  expect(await search).toBeNull();
  expect(told.length).toBeLessThan(50);
  longSearch(2);
  expect(await searching.searchSpot(question, job, tell)).toEqual(found(200));
});

describe('what is prepared before it is asked for', () => {
  it('is there at once whatever the weights, its best checked in full, and is given away once', async () => {
    longSearch(2);
    await searching.prepareSpot(question, job);
    expect(exact).toHaveBeenCalledWith(question, { id: 'best' });
    const weighed = { ...question, ask: { ...question.ask, weights: { steady: 5 } } };
    expect(await searching.searchSpot(weighed, job, tell)).toEqual(found(200));
    expect(steps).toHaveBeenCalledTimes(1);
    longSearch(1);
    await searching.searchSpot(question, job, tell);
    expect(steps).toHaveBeenCalledTimes(2);
  });

  it('is no answer to another ask', async () => {
    longSearch(1);
    await searching.prepareSpot(question, job);
    longSearch(4);
    const faster = { ...question, ask: { ...question.ask, feel: 0.9 } };
    expect(await searching.searchSpot(faster, job, tell)).toEqual(found(400));
  });

  it('leaves nothing when it was stopped', async () => {
    longSearch(50);
    const preparing = searching.prepareSpot(question, job);
    searching.stopSearching();
    await preparing;
    expect(exact).not.toHaveBeenCalled();
  });
});
