import { LOG_LIMITS, type SpotLog } from '@strut-spot/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { File as NodeFile } from 'node:buffer';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { MeasuredLogPanel } from './MeasuredLogPanel';

// The reader of logs, in the test's own thread.
jest.mock('../../workers/readLog', () => {
  const { logReading } = jest.requireActual<{ logReading: { read: unknown } }>('../../workers/answers/logReading');
  return { readLogFile: logReading.read };
});
let standIn: () => Promise<string>;
jest.mock('../../devices/standInLogger', () => ({
  useStandInLog: () => ({ mutateAsync: () => standIn(), isPending: false }),
}));

const HZ = 200;
/** So many seconds of a spot that swings at 20 Hz, by 2 m/s². */
function swinging(seconds: number, names = 'time_s,ax,ay,az'): string {
  const rows = Array.from({ length: seconds * HZ }, (_, i) => {
    const t = i / HZ;
    const swing = 2 * Math.sin(2 * Math.PI * 20 * t);
    return [t.toFixed(4), (0.1 * swing).toFixed(4), (9.81 + swing).toFixed(4), (0.2 * swing).toFixed(4)].join(',');
  });
  return [...(names ? [names] : []), ...rows].join('\n');
}
const fileOf = (text: string, name = 'ride.csv', size?: number) => {
  const made = new NodeFile([text], name, { type: 'text/csv' });
  if (size !== undefined) Object.defineProperty(made, 'size', { value: size });
  return made;
};
const choose = (file: NodeFile) =>
  fireEvent.change(screen.getByLabelText(/^Log file with time/), { target: { files: [file] } });
const logs = async (stored: () => Promise<{ carriers: readonly { spotLogs: readonly SpotLog[] }[] }>) =>
  (await stored()).carriers[0]!.spotLogs;

it('a log is read, told with its lines, and followed at this spot', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />);
  choose(fileOf(swinging(14)));
  const found = await screen.findByTestId('log-found');
  expect(found.textContent).toMatch(/ride\.csv: 14 s at 200 Hz/);
  expect(found.textContent).toMatch(/20 Hz/);
  await waitFor(async () => expect(await logs(stored)).toHaveLength(1));
  const [log] = await logs(stored);
  expect(log).toMatchObject({ spotId: 'chin-bar', fileName: 'ride.csv', used: true });
  expect(Math.abs(log!.sampleHz - HZ)).toBeLessThan(0.5);
  const swing = log!.bands.find(({ lowHz, highHz }) => lowHz <= 20 && highHz > 20)!;
  for (const band of log!.bands) expect(band.ratio).toBeLessThanOrEqual(swing.ratio);
});

it('a second log takes the place of the first, which is kept; either can be followed, neither, or be taken away', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />);
  choose(fileOf(swinging(12), 'first.csv'));
  await screen.findByLabelText('follow first.csv');
  choose(fileOf(swinging(12), 'second.csv'));
  await screen.findByLabelText('follow second.csv');
  const used = async () => (await logs(stored)).flatMap((log) => (log.used ? [log.fileName] : []));
  await waitFor(async () => expect(await used()).toEqual(['second.csv']));
  fireEvent.click(screen.getByLabelText('follow first.csv'));
  await waitFor(async () => expect(await used()).toEqual(['first.csv']));
  fireEvent.click(screen.getByLabelText('follow first.csv'));
  await waitFor(async () => expect(await used()).toEqual([]));
  fireEvent.click(screen.getByLabelText('Take second.csv away'));
  await waitFor(async () => expect((await logs(stored)).map(({ fileName }) => fileName)).toEqual(['first.csv']));
});

it('columns whose names say nothing are asked for, and the log is read as one says', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />);
  choose(fileOf(swinging(12, 'one,two,three,four')));
  await screen.findByLabelText('Columns of the log');
  expect(screen.getAllByRole('alert').length).toBeGreaterThan(0);
  fireEvent.click(screen.getByText('Read it this way'));
  expect((await screen.findByTestId('log-found')).textContent).toMatch(/12 s at 200 Hz/);
  expect(screen.queryByLabelText('Columns of the log')).toBeNull();
  await waitFor(async () => expect(await logs(stored)).toHaveLength(1));
});

it('a file that is too large is refused with its size and what would do, before it is read', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />);
  choose(fileOf('t,ax,ay,az', 'long.csv', LOG_LIMITS.bytes + 1));
  expect((await screen.findByRole('alert')).textContent).toMatch(/long\.csv has \d+ MB; at most \d+ MB.*Cut out/);
  expect(await logs(stored)).toEqual([]);
});

it('what is no log says why, and what was kept stays', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />);
  choose(fileOf(swinging(12), 'good.csv'));
  await screen.findByLabelText('follow good.csv');
  choose(fileOf('Dear diary,\ntoday it rained.\n', 'diary.txt'));
  await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(0));
  expect((await logs(stored)).map(({ fileName, used }) => [fileName, used])).toEqual([['good.csv', true]]);
});

it('the stand-in logger is read like any other; where it does not answer, that is said', async () => {
  const { stored } = await openSheet(<MeasuredLogPanel />, { outing: outingWithShot() });
  standIn = () => Promise.reject(new Error('no server'));
  fireEvent.click(screen.getByText('Try the stand-in logger'));
  expect((await screen.findByRole('alert')).textContent).toBe('The stand-in logger did not answer: no server');
  const BrowserFile = globalThis.File;
  globalThis.File = NodeFile as never;
  try {
    standIn = () => Promise.resolve(swinging(12));
    fireEvent.click(screen.getByText('Try the stand-in logger'));
    await screen.findByLabelText('follow stand-in-logger.csv');
  } finally {
    globalThis.File = BrowserFile;
  }
  await waitFor(async () => expect(await logs(stored)).toHaveLength(1));
});
