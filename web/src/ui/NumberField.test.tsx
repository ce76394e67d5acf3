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
