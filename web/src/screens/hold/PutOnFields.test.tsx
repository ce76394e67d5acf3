import { fireEvent, render, screen } from '@testing-library/react';
import { newCarrier, type SetUp } from '@strut-spot/core';
import { outingWithShot, settle } from '../../../testing/openSheet';
import { changeSettings } from '../../storage/settings';
import { PutOnFields } from './PutOnFields';

const { ride } = newCarrier('c', 'coupe', 1.75);
const { setUp } = outingWithShot().shots[0]!;
const edits: Partial<SetUp>[] = [];

async function open(kind: 'adhesive' | 'suction', over: Partial<SetUp> = {}) {
  edits.length = 0;
  render(
    <PutOnFields
      kind={kind}
      setUp={{ ...setUp, ...over }}
      ride={{ ...ride, temperatureC: 3, altitudeM: 1200 }}
      onChange={(edit) => edits.push(edit)}
    />,
  );
  await settle(20);
}
const shown = (label: string) => Number(screen.getByLabelText<HTMLInputElement>(label).value);
const type = (label: string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};
afterEach(async () => {
  await changeSettings({ units: 'metric' });
  await settle(20);
});

it('a pad was stuck on overnight, in the air of the ride, unless told otherwise; where it was does not matter', async () => {
  await open('adhesive');
  expect([shown('Stuck on before the ride'), shown('Stuck on at')]).toEqual([24, 3]);
  expect(screen.queryByLabelText(/height/)).toBeNull();
  type('Stuck on at', '20');
  type('Stuck on before the ride', '2');
  expect(edits).toEqual([{ putOn: { temperatureC: 20 } }, { curedH: 2 }]);
});

it('a cup is pressed on at once where it is ridden, unless told otherwise; what was told before stays', async () => {
  await open('suction', { putOn: { temperatureC: 18 } });
  expect([shown('Pressed on before the ride'), shown('Pressed on at'), shown('Pressed on at a height of')]).toEqual([
    0, 18, 1200,
  ]);
  type('Pressed on at a height of', '300');
  expect(edits).toEqual([{ putOn: { temperatureC: 18, altitudeM: 300 } }]);
  type('Pressed on at a height of', '20000');
  expect(edits).toHaveLength(1);
});

it('in feet and degrees Fahrenheit what is kept stays metric (1 ft = 0.3048 m, by definition)', async () => {
  await changeSettings({ units: 'imperial' });
  await open('suction', { putOn: { temperatureC: 20, altitudeM: 304.8 } });
  expect([shown('Pressed on at'), shown('Pressed on at a height of')]).toEqual([68, 1000]);
  type('Pressed on at', '86');
  expect(edits.at(-1)!.putOn!.temperatureC).toBeCloseTo(30, 9);
  type('Pressed on at a height of', '2000');
  expect(edits.at(-1)!.putOn!.altitudeM).toBeCloseTo(609.6, 6);
});
