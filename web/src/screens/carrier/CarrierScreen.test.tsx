import { newCarrier, resolveRig } from '@strut-spot/core';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { CarrierScreen } from './CarrierScreen';

jest.mock('sonner', () => ({ toast: (said: string) => toasts.push(said) }));
const toasts: string[] = [];
const at = { path: '/outing/outing/carrier/carrier', route: '/outing/:outingId/carrier/:carrierId' };

async function open(outing = outingWithShot()) {
  const { stored } = await openSheet(<CarrierScreen />, { ...at, outing });
  await screen.findAllByText(/Chin bar|Head strap|Helmet/);
  return { carrier: async () => (await stored()).carriers[0]! };
}
const choose = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const type = (label: RegExp | string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};

beforeEach(() => toasts.splice(0));

it('rider, measures and ground are what the shots are computed with', async () => {
  const { carrier } = await open();
  type("Rider's height", '190');
  await waitFor(async () => expect((await carrier()).rig.statureM).toBeCloseTo(1.9, 9));
  type("Rider's height", '400');
  expect(screen.getByText(/Rider's height: from/)).toBeTruthy();
  expect((await carrier()).rig.statureM).toBeCloseTo(1.9, 9);
});

it('the bike comes in the rider’s size until its measures are told', async () => {
  const { carrier } = await open();
  const saddle = () => screen.getByLabelText<HTMLInputElement>('Saddle height').value;
  expect(saddle()).toBe('690');
  type("Rider's height", '190');
  await waitFor(() => expect(saddle()).toBe('750'));
  expect((await carrier()).rig.fit).toEqual({});
  type('Saddle height', '720');
  await waitFor(async () => expect((await carrier()).rig.fit).toEqual({ saddleHeightM: 0.72 }));
  type("Rider's height", '160');
  await waitFor(async () => expect((await carrier()).rig.statureM).toBeCloseTo(1.6, 9));
  expect(saddle()).toBe('720');
});

it('a limb that does not reach is said in the stance where it does not', async () => {
  // A small rider on bars set as far ahead as the form lets one.
  const outing = outingWithShot();
  const [carrier] = outing.carriers;
  const far = Object.fromEntries(resolveRig(carrier!.rig).machine.dimensions.map((d) => [d.id, d.high]));
  const rig = { ...carrier!.rig, statureM: 1.42, fit: far };
  await open({ ...outing, carriers: [{ ...carrier!, rig }], shots: [] });
  expect((await screen.findAllByText(/the (left|right) \w+ is \d+ cm out of reach: check/)).length).toBeGreaterThan(0);
});

it('a helmet without the spot in use is not put on: the shot is named, and nothing is lost', async () => {
  const { carrier } = await open();
  choose('Helmet', 'half-shell-helmet');
  expect(toasts[0]).toMatch(/lacks a spot in use. Move the camera of "Hands and trail" first/);
  expect((await carrier()).rig.wornIds).toEqual(outingWithShot().carriers[0]!.rig.wornIds);
});

it('without a shot in the way it is put on, and its spots come with it', async () => {
  const { carrier } = await open({ ...outingWithShot(), shots: [] });
  choose('Helmet', 'half-shell-helmet');
  await waitFor(async () => expect((await carrier()).rig.wornIds).toContain('half-shell-helmet'));
  await waitFor(() => expect(screen.queryByRole('button', { name: /Chin bar/ })).toBeNull());
});

it('somebody else to be framed is put beside, moved and taken away; the document stays plain', async () => {
  const { carrier } = await open();
  choose('Who', 'motorcycle');
  await waitFor(async () => expect((await carrier()).rig.subject).toMatchObject({ machineId: 'motorcycle' }));
  type('Distance', '12');
  await waitFor(async () => expect((await carrier()).rig.subject!.distanceM).toBe(12));
  choose('Who', 'nobody');
  await waitFor(async () => expect('subject' in (await carrier()).rig).toBe(false));
});

it('a spot of one’s own comes on a part, opens in the list, and goes again unless a camera sits there', async () => {
  const { carrier } = await open();
  fireEvent.click(screen.getByRole('button', { name: 'Put a spot of your own' }));
  const put = screen.getByRole<HTMLButtonElement>('button', { name: 'Put it there' });
  expect(put.disabled).toBe(true);
  const parts = await waitFor(() => {
    const options = [...screen.getByLabelText<HTMLSelectElement>('Part').options];
    expect(options.length).toBeGreaterThan(3);
    return options;
  });
  choose('Part', parts[1]!.value);
  type('Name', 'Toolbox');
  choose('Material', 'alloy');
  fireEvent.click(put);
  await waitFor(async () =>
    expect((await carrier()).rig.ownSpots).toMatchObject([
      { name: 'Toolbox', partId: parts[1]!.value, surface: { material: 'alloy', shape: 'tube' } },
    ]),
  );
  fireEvent.click(await screen.findByRole('button', { name: 'Take the spot Toolbox away' }));
  await waitFor(async () => expect((await carrier()).rig.ownSpots).toEqual([]));
});

it('a stance is looked at, and a spot opened says what to mind', async () => {
  await open();
  const stances = screen.getAllByRole('radio');
  fireEvent.click(stances[1]!);
  expect(stances[1]!.getAttribute('aria-checked')).toBe('true');
  await act(async () => fireEvent.click(screen.getByRole('button', { name: /Chin bar/ })));
  expect(screen.getByRole('button', { name: /Chin bar/ }).getAttribute('aria-expanded')).toBe('true');
});

it('a carrier that is not in the outing is said to be missing', async () => {
  await openSheet(<CarrierScreen />, { ...at, path: '/outing/outing/carrier/none' });
  expect(screen.getByText(/carrier/)).toBeTruthy();
});

it('whoever else comes along can stay at home; not while they hold a camera', async () => {
  const outing = outingWithShot();
  const car = newCarrier('carrier', 'coupe', 1.75);
  const { carrier } = await open({ ...outing, carriers: [car], shots: [] });
  const along = await screen.findByLabelText('A passenger comes along');
  expect(screen.getByRole('button', { name: /passenger’s right hand/ })).toBeTruthy();
  fireEvent.click(along);
  await waitFor(async () => expect((await carrier()).rig.alone).toBe(true));
  await waitFor(() => expect(screen.queryByRole('button', { name: /passenger’s right hand/ })).toBeNull());
});
