import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { NumberField } from './NumberField';

function Tilt({ onChange }: { onChange: (v: number) => void }) {
  const [value, setValue] = useState(10);
  return (
    <NumberField
      label="Tilt"
      value={value}
      unit="°"
      step={1}
      min={-90}
      max={90}
      onChange={(v) => {
        setValue(v);
        onChange(v);
      }}
    />
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Tilt');

it('steps by arrow keys, Shift ten times, Alt a tenth, and stops at the ends', () => {
  const changes: number[] = [];
  render(<Tilt onChange={(v) => changes.push(v)} />);
  fireEvent.keyDown(field(), { key: 'ArrowUp' });
  fireEvent.keyDown(field(), { key: 'ArrowDown', shiftKey: true });
  fireEvent.keyDown(field(), { key: 'ArrowUp', altKey: true });
  for (let i = 0; i < 12; i++) fireEvent.keyDown(field(), { key: 'ArrowUp', shiftKey: true });
  expect(changes.slice(0, 3)).toEqual([11, 1, 1.1]);
  expect(changes.at(-1)).toBe(90);
});

it('takes what is typed on Enter, with a comma too, and says why it refuses', () => {
  const changes: number[] = [];
  render(<Tilt onChange={(v) => changes.push(v)} />);
  fireEvent.change(field(), { target: { value: '−12,5' } });
  fireEvent.keyDown(field(), { key: 'Enter' });
  expect(changes).toEqual([-12.5]);
  fireEvent.change(field(), { target: { value: '400' } });
  fireEvent.keyDown(field(), { key: 'Enter' });
  expect(screen.getByRole('alert').textContent).toBe('Tilt: from -90 to 90 °');
  fireEvent.change(field(), { target: { value: 'steep' } });
  fireEvent.blur(field());
  expect(screen.getByRole('alert').textContent).toMatch(/"steep" is not a number/);
  expect(changes).toEqual([-12.5]);
});

it('what is refused stays in the field to be mended, and Escape brings the number back', () => {
  render(<Tilt onChange={() => undefined} />);
  fireEvent.change(field(), { target: { value: '95' } });
  fireEvent.keyDown(field(), { key: 'Enter' });
  expect(field().value).toBe('95');
  fireEvent.keyDown(field(), { key: 'Escape' });
  expect([field().value, screen.queryByRole('alert')]).toEqual(['10.0', null]);
});

it('what was typed counts when the field, or the page, is left under it', () => {
  const changes: number[] = [];
  const shown = render(<Tilt onChange={(v) => changes.push(v)} />);
  fireEvent.change(field(), { target: { value: '25' } });
  fireEvent(window, new Event('pagehide'));
  expect(changes).toEqual([25]);
  fireEvent.change(field(), { target: { value: '30' } });
  shown.unmount();
  expect(changes).toEqual([25, 30]);
});

it('nothing is changed by leaving a field that was not typed in, or holds no number', () => {
  const changes: number[] = [];
  const shown = render(<Tilt onChange={(v) => changes.push(v)} />);
  fireEvent(window, new Event('pagehide'));
  fireEvent.change(field(), { target: { value: 'steep' } });
  shown.unmount();
  expect(changes).toEqual([]);
});

it('a limit as it is shown, rounded, is the limit', () => {
  const changes: number[] = [];
  render(
    <NumberField
      label="Tall"
      value={70}
      unit="in"
      step={1}
      min={55.118}
      max={82.677}
      onChange={(v) => changes.push(v)}
    />,
  );
  const tall = screen.getByLabelText('Tall');
  for (const text of ['82.7', '55.1', '82.8']) {
    fireEvent.change(tall, { target: { value: text } });
    fireEvent.keyDown(tall, { key: 'Enter' });
  }
  expect(changes).toEqual([82.677, 55.118]);
  expect(screen.getByRole('alert').textContent).toBe('Tall: from 55.1 to 82.7 in');
});
