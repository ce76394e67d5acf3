import { act, render, screen } from '@testing-library/react';
import { Told, useTold } from './Told';

it('only who shows the number is drawn anew, and not for the same number', () => {
  const tried = new Told(0);
  let [inner, outer] = [0, 0];
  const Shown = () => {
    inner++;
    return <span>{useTold(tried)} pictures</span>;
  };
  const Sheet = () => {
    outer++;
    return <Shown />;
  };
  const { unmount } = render(<Sheet />);
  expect(screen.getByText('0 pictures')).toBeTruthy();
  act(() => tried.set(120));
  expect(screen.getByText('120 pictures')).toBeTruthy();
  const drawn = inner;
  act(() => tried.set(120));
  expect(inner).toBe(drawn);
  expect(outer).toBe(1);
  unmount();
  tried.set(500);
  expect(inner).toBe(drawn);
});
