import { parseOuting, partOfOuting, serialiseOuting } from '@strut-spot/core';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { outingWithShot } from '../../testing/openSheet';
import { takeCode, type ReadCodes } from '../formats/shareCodes/shareCodes';
import { ToPhone } from './ToPhone';

const download = jest.fn<void, [string, string, string]>();
jest.mock('../devices/download', () => ({
  ...jest.requireActual<object>('../devices/download'),
  download: (...file: [string, string, string]) => download(...file),
}));
// A code is told by what it says: whether scanners read it is tested beside the codes.
let tooMuch = false;
jest.mock('qrcode', () => ({
  toDataURL: (text: string) => Promise.resolve(`data:text/plain,${encodeURIComponent(text)}`),
}));
jest.mock('../formats/shareCodes/shareCodes', () => {
  const actual = jest.requireActual<{ toCodes: (text: string) => readonly string[] | null }>(
    '../formats/shareCodes/shareCodes',
  );
  return { ...actual, toCodes: (text: string) => (tooMuch ? null : actual.toCodes(text)) };
});
let still = true;
beforeEach(() => {
  still = true;
  tooMuch = false;
  window.matchMedia = ((query: string) => ({ matches: still && /reduced-motion/.test(query) })) as never;
});

async function opened() {
  const outing = outingWithShot();
  render(<ToPhone outing={outing} shotIds={['shot']} what="this shot" />);
  fireEvent.click(screen.getByText('To the phone'));
  await screen.findByText(/Take this shot along/);
  return outing;
}
const shown = async () => {
  const picture = await screen.findByTestId<HTMLImageElement>('share-code');
  return { code: decodeURIComponent(picture.src.replace('data:text/plain,', '')), alt: picture.alt };
};

it('shows codes one after the other, and all of them together are the part of the outing', async () => {
  const outing = await opened();
  const { alt } = await shown();
  const count = Number(/ of (\d+)$/.exec(alt)![1]);
  expect(count).toBeGreaterThan(1);
  let read: ReadCodes | null = null;
  let text: string | null = null;
  for (let n = 0; n < count; n++) {
    const step = takeCode(read, (await shown()).code);
    if (step.kind === 'whole') text = step.text;
    else if (step.kind === 'more') read = step.read;
    fireEvent.click(screen.getByLabelText('Next code'));
  }
  expect(text).toBe(serialiseOuting(partOfOuting(outing, ['shot'])));
  expect(parseOuting(text!).ok).toBe(true);
});

it('goes round both ways, and stands still for who wants less movement', async () => {
  jest.useFakeTimers();
  try {
    await opened();
    await act(() => jest.advanceTimersByTimeAsync(100));
    const first = (await shown()).alt;
    await act(() => jest.advanceTimersByTimeAsync(5000));
    expect((await shown()).alt).toBe(first);
    fireEvent.click(screen.getByText('Go on'));
    await act(() => jest.advanceTimersByTimeAsync(1700));
    expect((await shown()).alt).toMatch(/^Code 2 of/);
    fireEvent.click(screen.getByLabelText('Code before'));
    fireEvent.click(screen.getByLabelText('Code before'));
    const [, at, of] = /^Code (\d+) of (\d+)$/.exec((await shown()).alt)!;
    expect(at).toBe(of);
    await act(() => jest.advanceTimersByTimeAsync(5000));
    expect((await shown()).alt).toBe(`Code ${at} of ${of}`);
  } finally {
    jest.useRealTimers();
  }
});

it('is saved as a file that can be read again', async () => {
  const outing = await opened();
  fireEvent.click(screen.getByText('Save as a file'));
  const [name, text, type] = download.mock.lastCall!;
  expect([name, type]).toEqual(['ridge-loop-part.json', 'application/json']);
  const again = parseOuting(text);
  expect(again.ok && again.value.shots).toEqual(outing.shots);
});

it('too much for codes is said, with what would do', async () => {
  tooMuch = true;
  await opened();
  expect((await screen.findByRole('alert')).textContent).toMatch(/too much for codes: take fewer shots, or save it/);
  expect(screen.queryByTestId('share-code')).toBeNull();
});
