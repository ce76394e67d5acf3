import { fireEvent, render, screen } from '@testing-library/react';
import { lazy } from 'react';
import { WhenWanted } from './WhenWanted';

it('loads what is behind a button when a hand comes near, once, and shows it open when it is pressed', async () => {
  const module = { default: () => <p>here it is</p> };
  const load = jest.fn(() => Promise.resolve(module));
  const Loaded = lazy(load);
  render(
    <WhenWanted load={load} button={<button type="button">Settings</button>}>
      <Loaded />
    </WhenWanted>,
  );
  const button = screen.getByText('Settings');
  expect(load).not.toHaveBeenCalled();
  expect(button.getAttribute('aria-expanded')).toBe('false');
  fireEvent.pointerEnter(button);
  expect(load).toHaveBeenCalledTimes(1);
  expect(screen.queryByText('here it is')).toBeNull();
  fireEvent.click(button);
  expect(await screen.findByText('here it is')).toBeTruthy();
  expect(screen.queryByText('Settings')).toBeNull();
});

it('says nothing of a load that fails while a hand only passes', () => {
  const load = () => Promise.reject(new Error('offline'));
  render(
    <WhenWanted load={load} button={<button type="button">Read codes</button>}>
      <p>never</p>
    </WhenWanted>,
  );
  fireEvent.focus(screen.getByText('Read codes'));
  expect(screen.getByText('Read codes')).toBeTruthy();
});
