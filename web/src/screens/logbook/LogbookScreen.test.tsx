import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { LogEntry, Outing } from '@strut-spot/core';
import { forgetAll, outingWithShot, settle } from '../../../testing/openSheet';
import { saveOuting } from '../../storage/outings';
import { LogbookScreen } from './LogbookScreen';

const files: string[] = [];
jest.mock('../../devices/download', () => ({
  ...jest.requireActual<object>('../../devices/download'),
  download: (_name: string, content: string) => files.push(content),
}));
jest.mock('react-chartjs-2', () => {
  const Told = ({ 'aria-label': label }: { 'aria-label': string }) => <p>{label}</p>;
  return { Bar: Told, Scatter: Told };
});

const first = outingWithShot();
const entry = (id: string, over: Partial<LogEntry>): LogEntry => ({
  id, at: `2027-02-14T10:0${id}:00Z`, done: true, usable: 'yes', held: 'held', note: '', ...over,
}); // prettier-ignore
const logged = (id: string, riderName: string, log: readonly LogEntry[]): Outing => ({
  ...first,
  id,
  name: id,
  riderName,
  shots: [{ ...first.shots[0]!, log }],
});
const open = async () => {
  render(
    <MemoryRouter>
      <LogbookScreen />
    </MemoryRouter>,
  );
  await screen.findByText('Logbook');
};

beforeEach(async () => {
  await forgetAll();
  files.splice(0);
});
afterEach(() => settle(20));

it('before anything is logged it says where that is done', async () => {
  await open();
  expect(screen.getByText(/No take was logged yet/)).toBeTruthy();
});

it('takes of all outings stand together; a search and a rider leave some, of which the trends are drawn and the CSV is made', async () => {
  const no = { usable: 'no', whyNot: ['shaky'] } as const;
  await saveOuting(logged('one', 'Runa', [entry('1', no), entry('2', no), entry('3', { note: '=SUM(A1)' })]));
  await saveOuting(logged('two', 'Ina', [entry('4', { note: 'fog on the lens' })]));
  await open();
  expect(await screen.findByText('4 of 4 takes')).toBeTruthy();
  expect(screen.getByText(/By place: .* 4 takes, 50 % usable/)).toBeTruthy();
  expect(screen.getByText(/shaky in 2 of 4 takes/)).toBeTruthy();
  await act(async () => fireEvent.change(screen.getByLabelText('Search'), { target: { value: 'FOG' } }));
  expect(screen.getByText('1 of 4 takes')).toBeTruthy();
  await act(async () => fireEvent.change(screen.getByLabelText('Search'), { target: { value: '' } }));
  fireEvent.change(screen.getByLabelText('Rider'), { target: { value: 'Runa' } });
  await waitFor(() => expect(screen.getByText('3 of 4 takes')).toBeTruthy());
  fireEvent.click(screen.getByText('Save as CSV'));
  expect(files[0]!.split('\n')).toHaveLength(4);
  // Nothing that a table program would reckon out.
  expect(files[0]).toMatch(/'=SUM/);
});

it('a press on a column sorts by it', async () => {
  await saveOuting(logged('three', '', [entry('1', { usable: 'no' }), entry('2', { usable: 'partly' })]));
  await open();
  const marks = () => [...document.querySelectorAll('tbody tr')].map((row) => row.children[5]!.textContent);
  await waitFor(() => expect(marks()).toEqual(['partly', 'no']));
  await act(async () => fireEvent.click(screen.getByText('Usable', { selector: 'button' })));
  expect(marks()).toEqual(['no', 'partly']);
});

it('what test clips measured stands beside what was predicted, of the rider that is chosen', async () => {
  const clip = {
    id: 'c', at: '2027-02-14T10:00:00.000Z', marks: { left: [0, 0.5], right: [1, 0.5] }, measuredTiltDeg: 3,
    measuredRollDeg: 0, tiltByDeg: 4, rollByDeg: 0, applied: true,
  } as const; // prettier-ignore
  const moving = {
    id: 'm', at: '2027-02-14T11:00:00.000Z', seconds: 10, jumpPx: 6, jellyPx: 2, rollDeg: 0.1, modelJumpPx: 3, modelJellyPx: 1,
  }; // prettier-ignore
  const one = logged('five', 'Runa', [entry('1', {})]);
  await saveOuting({ ...one, shots: [{ ...one.shots[0]!, clips: [clip], shakeClips: [moving] }] });
  await saveOuting(logged('six', 'Ina', [entry('4', {})]));
  await open();
  const met = await screen.findByTestId('predictions');
  expect(met.textContent).toMatch(/The test clip lay within 4\.0°/);
  expect(met.textContent).toMatch(/2\.0 times as much as the model said/);
  expect(met.textContent).toMatch(/2027-02-14 4\.0°/);
  expect(met.textContent).toMatch(/jump 6\.0 for 3\.0, jelly 2\.0 for 1\.0/);
  fireEvent.change(screen.getByLabelText('Rider'), { target: { value: 'Ina' } });
  await waitFor(() => expect(screen.queryByTestId('predictions')).toBeNull());
});
