import type { LogColumns, LogHead } from '@strut-spot/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { LogColumnsForm } from './LogColumnsForm';

const row = (count: number) => Array.from({ length: count }, (_, i) => i / 10);

function asked(head: Partial<LogHead>) {
  const read: LogColumns[] = [];
  const whole = { names: [], rows: [row(7), row(7)], ...head } as LogHead;
  render(<LogColumnsForm head={whole} onRead={(columns) => read.push(columns)} />);
  const press = () => {
    fireEvent.click(screen.getByText('Read it this way'));
    return read.at(-1)!;
  };
  return { press };
}
const choose = (label: string, value: string, nth = 0) =>
  fireEvent.change(screen.getAllByLabelText(label)[nth]!, { target: { value } });

it('begins with what the names of the columns say', () => {
  const names = ['t_s', 'ax_ms2', 'ay_ms2', 'az_ms2', 'gx_dps', 'gy_dps', 'gz_dps'];
  const { press } = asked({ names, rows: [row(7)] });
  const columns = press();
  expect([columns.time, columns.acceleration]).toEqual([0, [1, 2, 3]]);
});

it('columns without names are told by their first numbers, and each can be another', () => {
  const { press } = asked({ names: [] });
  const { options } = screen.getByLabelText<HTMLSelectElement>('Time');
  expect(options).toHaveLength(7);
  expect(options[3]!.textContent).toMatch(/^4: like 0\.3/);
  choose('Time', '6');
  choose('Accel. x', '0');
  choose('Accel. z', '4');
  expect(press()).toMatchObject({ time: 6, acceleration: [0, 2, 4] });
});

it('units of time and of acceleration are taken over', () => {
  const { press } = asked({ names: [] });
  choose('in', 'ms', 0);
  choose('in', 'g', 1);
  expect(press()).toMatchObject({ timeUnit: 'ms', accelerationUnit: 'g' });
});

it('rates of rotation are asked for where there are columns for them, each of its own, and can be left out', () => {
  const { press } = asked({ names: [] });
  const rates = screen.getByLabelText<HTMLInputElement>('with rotation rates');
  if (!rates.checked) fireEvent.click(rates);
  choose('Rate y', '2');
  choose('in', '°/s', 2);
  expect(press()).toMatchObject({ rotation: [4, 2, 6], rotationUnit: '°/s' });
  fireEvent.click(rates);
  expect([press().rotation, screen.queryByLabelText('Rate y')]).toEqual([null, null]);
});

it('a log of four columns has none for rates', () => {
  asked({ names: [], rows: [row(4)] });
  expect(screen.getByLabelText<HTMLInputElement>('with rotation rates').disabled).toBe(true);
});
