import { fireEvent, render, screen } from '@testing-library/react';
import { parseOuting } from '@strut-spot/core';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import demo from '../demo/skerra.json';
import { STOPS, DEMO_ID } from './stops';
import { Tour } from './Tour';

const Here = () => {
  const { pathname, search } = useLocation();
  return <p data-testid="here">{`${pathname}${search}`}</p>;
};
const open = (address: string) =>
  render(
    <MemoryRouter initialEntries={[address]}>
      <Here />
      <Routes>
        <Route path="*" element={<Tour />} />
      </Routes>
    </MemoryRouter>,
  );
const here = () => screen.getByTestId('here').textContent;

it('goes from stop to stop, back, and can be left where it is', () => {
  open(`/outing/${DEMO_ID}?tour=1`);
  expect(screen.getByRole('complementary').textContent).toMatch(/A trip and its shots/);
  fireEvent.click(screen.getByRole('link', { name: /Next/ }));
  expect(here()).toBe(`/outing/${DEMO_ID}/shot/first-try?tour=2`);
  fireEvent.click(screen.getByRole('link', { name: 'Back' }));
  expect(here()).toBe(`/outing/${DEMO_ID}?tour=1`);
  fireEvent.click(screen.getByRole('link', { name: /Next/ }));
  fireEvent.click(screen.getByRole('link', { name: /Leave/ }));
  expect(here()).toBe(`/outing/${DEMO_ID}/shot/first-try`);
  expect(screen.queryByRole('complementary')).toBeNull();
});

it('is not there unless it was asked for, nor beyond its last stop', () => {
  for (const asked of ['', '?tour=0', '?tour=9', '?tour=x']) {
    const { unmount } = open(`/outing/${DEMO_ID}${asked}`);
    expect(screen.queryByRole('complementary')).toBeNull();
    unmount();
  }
});

it('stops at shots that the demo trip has', () => {
  const outing = parseOuting(JSON.stringify(demo));
  if (!outing.ok) throw new Error(outing.problems.join(' '));
  expect(outing.value.id).toBe(DEMO_ID);
  const shots = outing.value.shots.map(({ id }) => id);
  for (const { at } of STOPS) {
    const [, shot] = /^\/shot\/([^/]+)/.exec(at) ?? [];
    if (shot) expect(shots).toContain(shot);
  }
});
