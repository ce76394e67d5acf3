import { forgetAll, outingWithShot } from '../../testing/openSheet';
import { BIN_DAYS, emptyBin, emptyBinOfOld, putAllIntoBin, putIntoBin, takeOutOfBin } from './bin';
import { readAll, saveOuting } from './outings';

const AT = '2027-02-14T12:00:00.000Z';
const after = (days: number) => Date.parse(AT) + days * 86_400_000;
const inStore = async () => (await readAll()).map(({ id, deletedAt }) => [id, deletedAt]).sort();

beforeEach(async () => {
  await forgetAll();
  for (const id of ['a', 'b']) await saveOuting({ ...outingWithShot(), id });
});

it('what is in the bin is kept for its days, then goes; what is not stays', async () => {
  await putIntoBin('a', AT);
  await emptyBinOfOld(after(BIN_DAYS - 1));
  expect(await inStore()).toEqual([
    ['a', AT],
    ['b', null],
  ]);
  await emptyBinOfOld(after(BIN_DAYS + 1));
  expect(await inStore()).toEqual([['b', null]]);
});

it('what is taken out is back as it was', async () => {
  const before = await readAll();
  await putIntoBin('a', AT);
  await takeOutOfBin('a');
  const again = await readAll();
  const documents = (all: typeof before) => all.map((s) => s.kind === 'readable' && s.outing).sort();
  expect(documents(again)).toEqual(documents(before));
});

it('all go in together, and the bin is emptied of all of them alone', async () => {
  await putIntoBin('a', '2027-01-01T00:00:00.000Z');
  await putAllIntoBin(AT);
  // What was in it before keeps its date.
  expect(await inStore()).toEqual([
    ['a', '2027-01-01T00:00:00.000Z'],
    ['b', AT],
  ]);
  await takeOutOfBin('b');
  await emptyBin();
  expect(await inStore()).toEqual([['b', null]]);
});

it('one that was never there is none to put in or take out', async () => {
  await putIntoBin('nobody', AT);
  await takeOutOfBin('nobody');
  expect(await inStore()).toEqual([
    ['a', null],
    ['b', null],
  ]);
});
