import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { foundBy, shotQuestion, shotReport, type Outing } from '@strut-spot/core';
import { forgetAll, openSheet, outingWithShot } from '../../../testing/openSheet';
import { LastScreen } from './LastScreen';

// Charts draw on a canvas, which is not there: what they say in words is tested in the real page.
jest.mock('react-chartjs-2', () => ({ Line: () => <p>chart</p> }));

const checks = () => within(screen.getByTestId('last-checks'));
const found = (o: Outing) => foundBy(shotReport(shotQuestion(o, o.shots[0]!), { only: ['last'] }), 'last');
const type = (label: string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};

beforeEach(() => forgetAll());

it('shows the figures of the report; hours out and weather are kept and counted', async () => {
  const { stored } = await openSheet(<LastScreen />);
  await waitFor(() =>
    expect(checks().getByText(`${found(outingWithShot()).power.recordingW.toFixed(1)} W`)).toBeTruthy(),
  );
  fireEvent.change(screen.getByLabelText('Started by'), { target: { value: 'running' } });
  type('Out for', '6');
  fireEvent.change(screen.getByLabelText('It is'), { target: { value: 'muddy' } });
  await waitFor(async () => {
    const now = await stored();
    expect(now.shots[0]!.use).toMatchObject({ start: 'running', hours: 6 });
    expect(now.carriers[0]!.ride.weatherId).toBe('muddy');
  });
  const now = await stored();
  await waitFor(() => expect(checks().getByText(`${Math.round(found(now).power.gb)} GB`)).toBeTruthy());
  expect(checks().getByText('batteries needed')).toBeTruthy();
  await waitFor(() => expect(checks().getByText('a clean lens')).toBeTruthy());
});

it('batteries in the bag count for the camera in all its shots; a mend changes how it is run', async () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const running = { ...outing, shots: [{ ...shot!, use: { hours: 6, start: 'running' as const, preRecord: true } }] };
  const { stored } = await openSheet(<LastScreen />, { outing: running });
  await waitFor(() => expect(checks().getByText('batteries needed')).toBeTruthy());
  const mend = await waitFor(() => {
    const button = checks()
      .getAllByRole('button')
      .find((b) => /power bank|a remote|voice/.test(b.textContent ?? ''));
    expect(button).toBeTruthy();
    return button!;
  });
  fireEvent.click(mend);
  await waitFor(async () => {
    const { use } = (await stored()).shots[0]!;
    expect(use!.feed !== undefined || use!.start !== 'running').toBe(true);
  });
  type('Batteries', '9');
  type('Charge at once', '3');
  await waitFor(async () =>
    expect((await stored()).supplies).toEqual({
      cameras: [{ cameraId: shot!.setUp.cameraId, batteries: 9, cardGb: 128 }],
      bays: 3,
    }),
  );
});

it('a camera is tried on the table, and what it drew is counted from then on', async () => {
  const { power } = found(outingWithShot());
  let asked = 0;
  const battery = (init?: RequestInit): unknown => {
    if (init?.method === 'POST') return { id: 'r' };
    const recordedMin = asked++ * 3;
    // A third more than was reckoned.
    const percent = Math.ceil(100 - ((100 * power.recordingW * 4) / 3 / 60) * (recordedMin / power.usableWh));
    return { recordedMin, percent: Math.max(0, percent) };
  };
  global.fetch = jest.fn((_url: unknown, init?: RequestInit) =>
    Promise.resolve({ ok: true, json: () => Promise.resolve(battery(init)) } as Response),
  ) as never;
  const { stored } = await openSheet(<LastScreen />);
  fireEvent.click(await screen.findByText('Record and watch its battery'));
  const count = await screen.findByText(/^Count with/);
  fireEvent.click(count);
  await waitFor(async () => expect((await stored()).supplies!.cameras[0]!.drawFactor).toBeCloseTo(4 / 3, 1));
  expect(await screen.findByText(/draws 1\.[23]\d times/)).toBeTruthy();
  fireEvent.click(screen.getByText('Discard it'));
  await waitFor(async () => expect((await stored()).supplies!.cameras[0]).not.toHaveProperty('drawFactor'));
});

it('what the log says of the battery is told with its takes, and counted once it is taken over', async () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const take = (i: number, batteryPct: number) => ({
    id: `e${i}`, at: `2027-02-1${i}T10:00:00Z`, done: true, usable: 'yes' as const, held: 'held' as const, note: '', batteryPct,
  }); // prettier-ignore
  const hungry = { ...outing, shots: [{ ...shot!, log: [take(1, 20), take(2, 20), take(3, 20)] }] };
  const { stored } = await openSheet(<LastScreen />, { outing: hungry });
  const said = await screen.findByTestId('draw-from-log');
  expect(said.textContent).toMatch(/Learnt from 3 takes in the log: it draws \d\.\d\d times as much/);
  const factor = Number(/draws (\d\.\d\d)/.exec(said.textContent)![1]);
  expect(factor).toBeGreaterThan(1.1);
  fireEvent.click(within(said).getByText('Use this figure'));
  await waitFor(async () => expect((await stored()).supplies!.cameras[0]!.drawFactor).toBeCloseTo(factor, 6));
  await waitFor(() => expect(screen.queryByTestId('draw-from-log')).toBeNull());
});
