import { newAsk, type Ask, type SunPlace } from '@strut-spot/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { KeptOut } from './KeptOut';

let kept: Ask;
function Open({ stands }: { readonly stands: SunPlace | null }) {
  const [ask, setAsk] = useState(newAsk('clear-ahead', 'c'));
  const change = (next: Ask) => {
    kept = next;
    setAsk(next);
  };
  return <KeptOut ask={ask} stands={stands} onChange={change} />;
}

it('where the sun stands is known, the light is wished for, and no longer wished for', () => {
  render(<Open stands={{ bearingDeg: 225, heightDeg: 11.6 }} />);
  expect(screen.getByText('The sun stands 12° high, behind to the left.')).toBeTruthy();
  expect(screen.queryByLabelText('the sun')).toBeNull();
  fireEvent.change(screen.getByLabelText('Light'), { target: { value: 'behind' } });
  expect(kept.light).toBe('behind');
  fireEvent.change(screen.getByLabelText('Light'), { target: { value: 'any' } });
  expect(kept).not.toHaveProperty('light');
});

it.each([
  [0, 'ahead'],
  [44, 'ahead to the right'],
  [91, 'to the right'],
  [180, 'behind'],
  [-90, 'to the left'],
  [338, 'ahead'],
])('a bearing of %s° is said as "%s"', (bearingDeg, words) => {
  render(<Open stands={{ bearingDeg, heightDeg: 20 }} />);
  expect(screen.getByText(`The sun stands 20° high, ${words}.`)).toBeTruthy();
});

it('where it is not known, it is told by hand how the sun stands that must stay out', () => {
  render(<Open stands={null} />);
  expect(screen.queryByLabelText('Light')).toBeNull();
  fireEvent.click(screen.getByLabelText('the sun'));
  expect(kept.sun).toEqual({ bearingDeg: 0, heightDeg: 15 });
  fireEvent.change(screen.getByLabelText('Sun stands'), { target: { value: '-135' } });
  expect(kept.sun!.bearingDeg).toBe(-135);
  fireEvent.click(screen.getByLabelText('the sun'));
  expect(kept).not.toHaveProperty('sun');
});

it('own things are kept out one by one', () => {
  render(<Open stands={null} />);
  fireEvent.click(screen.getByLabelText('cables'));
  fireEvent.click(screen.getByLabelText('own legs'));
  fireEvent.click(screen.getByLabelText('cables'));
  expect(kept.without).toEqual(['legs']);
});
