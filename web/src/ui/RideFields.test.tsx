import { fireEvent, render, screen } from '@testing-library/react';
import { knownMachines, newCarrier, type RideConditions } from '@strut-spot/core';
import { settle } from '../../testing/openSheet';
import { changeSettings } from '../storage/settings';
import { RideFields } from './RideFields';

const edits: Partial<RideConditions>[] = [];
async function open(machineId: string, over: Partial<RideConditions> = {}) {
  edits.length = 0;
  const { ride } = newCarrier('c', machineId, 1.75);
  const machine = knownMachines().find((m) => m.id === machineId)!;
  render(<RideFields machine={machine} ride={{ ...ride, ...over }} onChange={(edit) => edits.push(edit)} />);
  await settle(20);
}
const type = (label: string, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};
const shown = (label: string) => Number(screen.getByLabelText<HTMLInputElement>(label).value);

afterEach(async () => {
  await changeSettings({ units: 'metric' });
  await settle(20);
});

it('speed is typed in km/h and kept in m/s, in mph the same', async () => {
  await open('mountain-bike', { speedMps: 5 });
  expect(shown('Speed')).toBe(18);
  type('Speed', '36');
  expect(edits.at(-1)!.speedMps).toBeCloseTo(10, 9);
});

it('in miles, feet and degrees Fahrenheit the stored figures stay metric (1 mph = 0.44704 m/s, 1 ft = 0.3048 m, by definition)', async () => {
  await changeSettings({ units: 'imperial' });
  await open('mountain-bike', { speedMps: 0.44704 * 20, altitudeM: 304.8, temperatureC: 0 });
  expect([shown('Speed'), shown('Altitude'), shown('Temperature')]).toEqual([20, 1000, 32]);
  type('Temperature', '212');
  expect(edits).toEqual([]);
  type('Temperature', '86');
  expect(edits.at(-1)!.temperatureC).toBeCloseTo(30, 9);
  type('Speed', '10');
  expect(edits.at(-1)!.speedMps).toBeCloseTo(4.4704, 6);
});

it('a place beside the course has no ground, speed or drop; a bike has no engine; an aircraft has no drop', async () => {
  await open('beside-the-course');
  for (const label of ['Ground', 'Speed', 'Highest drop', 'Engine']) expect(screen.queryByLabelText(label)).toBeNull();
});

it('each world calls what it rides on by its name, and offers only that', async () => {
  await open('kayak');
  expect(screen.getByLabelText('Water')).toBeTruthy();
  expect(screen.queryByLabelText('Ground')).toBeNull();
});

it('the air has its own, and nothing to drop from', async () => {
  await open('paramotor');
  expect(screen.getByLabelText('Air')).toBeTruthy();
  expect(screen.queryByLabelText('Highest drop')).toBeNull();
  expect(shown('Engine')).toBeGreaterThan(1000);
});

it('out of range is refused with the range, and nothing changes', async () => {
  await open('motorcycle');
  type('Wind, gusts', '-3');
  expect(screen.getByText(/Wind, gusts: from 0 to/)).toBeTruthy();
  type('Altitude', 'high');
  expect(screen.getByText(/Altitude: "high" is not a number/)).toBeTruthy();
  expect(edits).toEqual([]);
});

it('ground, place and light are chosen', async () => {
  await open('mountain-bike');
  for (const label of ['Ground', 'Place', 'Light']) {
    const field = screen.getByLabelText<HTMLSelectElement>(label);
    const other = [...field.options].find((o) => o.value !== field.value)!.value;
    fireEvent.change(field, { target: { value: other } });
    expect(Object.values(edits.at(-1)!)).toEqual([other]);
  }
});

it('says when light and weather do not go together, and takes what would', async () => {
  await open('mountain-bike', { weatherId: 'rain', lightId: 'bright-sun' });
  expect(screen.getByRole('status').textContent).toContain('Weather is “rain”, light is “bright sun”');
  fireEvent.click(screen.getByRole('button', { name: 'Light: rain, dark clouds' }));
  expect(edits).toEqual([{ lightId: 'rain' }]);
});

it('asks whether it rains where the light is that of rain', async () => {
  await open('mountain-bike', { lightId: 'rain' });
  fireEvent.click(screen.getByRole('button', { name: 'Weather: rain' }));
  expect(edits).toEqual([{ weatherId: 'rain' }]);
});
