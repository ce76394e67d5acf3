import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { CheckResult, Finding } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../testing/openSheet';
import { changeSettings } from '../storage/settings';
import { CheckSection } from './CheckSection';
import { WorstVerdict } from './WorstVerdict';

const finding = (id: string, verdict: Finding['verdict'], over: Partial<Finding> = {}): Finding => ({
  id,
  label: id,
  verdict,
  value: 12.4,
  unit: '%',
  limit: [5, 30],
  margin: 7.4,
  because: `${id} lies as it lies`,
  mend: null,
  ...over,
});
const check = (verdict: 'good' | 'watch' | 'stop', ...findings: Finding[]): CheckResult => ({
  check: 'frame',
  verdict,
  findings,
});
const open = (result: CheckResult) => openSheet(<CheckSection check={result} />);

it('what is not good lies open with figure, reason and limits; what is good is one line', async () => {
  await open(check('watch', finding('horizon', 'watch'), finding('sky', 'good'), finding('hands', 'good')));
  const section = screen.getByRole('region', { name: 'Frame' });
  expect(within(section).getByText('horizon lies as it lies.')).toBeTruthy();
  expect(within(section).getAllByText('wanted 5 to 30 %, margin 7.4 %')).toHaveLength(3);
  expect(within(section).getByText('sky, hands')).toBeTruthy();
});

it.each([
  [{ limit: [null, 30] as const }, 'wanted at most 30 %, margin 7.4 %'],
  [{ limit: [5, null] as const }, 'wanted at least 5 %, margin 7.4 %'],
  [{ limit: [0.1, 0.3] as const, unit: 'm' as const, margin: 0.05 }, 'wanted 0.10 to 0.30 m, margin 50 mm'],
])('limits are said as they are: %j', async (over, words) => {
  await open(check('stop', finding('f', 'stop', over)));
  expect(screen.getByText(words)).toBeTruthy();
});

it('a sky line that lies outside every picture has no figure but a side', async () => {
  await open(check('stop', finding('over', 'stop', { value: -900 }), finding('under', 'stop', { value: 900 })));
  expect(screen.getByText('far above')).toBeTruthy();
  expect(screen.getByText('far below')).toBeTruthy();
});

it('what cannot be said tells what is missing', async () => {
  await open({ check: 'light', verdict: "can't say", missing: 'where the sun stands' });
  expect(screen.getByText('where the sun stands')).toBeTruthy();
  expect(screen.getByText("can't say")).toBeTruthy();
});

it('figure, reason, limits and mend are told in the units of the settings', async () => {
  await changeSettings({ units: 'imperial' });
  const near = finding('near', 'watch', {
    unit: 'm',
    value: 0.02,
    limit: [0.03, null],
    margin: -0.01,
    because: 'a visor comes within 20 mm of the camera',
    mend: { text: 'shorten the arm to 100 mm' },
  });
  await open(check('watch', near));
  expect(await screen.findByText('a visor comes within 0.8 in of the camera.')).toBeTruthy();
  expect(screen.getByText('wanted at least 1.2 in, margin -0.39 in')).toBeTruthy();
  expect(screen.getByText('shorten the arm to 3.9 in')).toBeTruthy();
  await changeSettings({ units: 'metric' });
  expect(await screen.findByText('a visor comes within 20 mm of the camera.')).toBeTruthy();
});

describe('a mend', () => {
  const { setUp } = outingWithShot().shots[0]!;

  it('that is a tilt sets the tilt and nothing else', async () => {
    const { stored } = await open(check('stop', finding('f', 'stop', { mend: { text: 'tilt up 12°', tiltDeg: 12 } })));
    fireEvent.click(screen.getByRole('button', { name: 'tilt up 12°' }));
    await waitFor(async () => expect((await stored()).shots[0]!.setUp.angles.tiltDeg).toBe(12));
    expect((await stored()).shots[0]!.setUp).toEqual({ ...setUp, angles: { ...setUp.angles, tiltDeg: 12 } });
  });

  it('that is a set-up takes it', async () => {
    const next = { ...setUp, links: [] };
    const { stored } = await open(
      check('stop', finding('f', 'stop', { mend: { text: 'nothing between', setUp: { ...next, ndStops: 4 } } })),
    );
    fireEvent.click(screen.getByRole('button', { name: 'nothing between' }));
    await waitFor(async () => expect((await stored()).shots[0]!.setUp).toEqual({ ...next, ndStops: 4 }));
  });

  it('that is another spot moves the camera there, aimed', async () => {
    const mend = { text: 'the chest instead', spotId: setUp.spotId === 'chest' ? 'chin-bar' : 'chest' };
    const { stored } = await open(check('stop', finding('f', 'stop', { mend })));
    fireEvent.click(screen.getByRole('button', { name: mend.text }));
    await waitFor(async () => expect((await stored()).shots[0]!.setUp.spotId).toBe(mend.spotId));
  });

  it('that only words can tell is no button', async () => {
    await open(check('stop', finding('f', 'stop', { mend: { text: 'ride slower' } })));
    expect(screen.getByText('ride slower')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('the worst of all checks', () => {
  const worst = (...checks: CheckResult[]) => {
    render(<WorstVerdict checks={checks} />);
    return screen.queryByTestId('worst')?.textContent ?? null;
  };
  const of = (id: string, verdict: 'good' | 'watch' | 'stop') =>
    ({ check: id, verdict, findings: [finding('f', verdict)] }) as CheckResult;

  it('is named with its check; all good is only good; none at all is nothing', () => {
    expect(worst(of('frame', 'watch'), of('hold', 'stop'), of('clear', 'good'))).toMatch(/^stop\s*Hold$/);
  });
  it('that is good names no check', () => expect(worst(of('frame', 'good'), of('hold', 'good'))).toBe('good'));
  it('of none is nothing', () => expect(worst()).toBeNull());
});
