import { lightOfDay, shotQuestion, type LightOfDay, type Moment } from '@strut-spot/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { outingWithShot } from '../../../testing/openSheet';
import { DayOfSun } from './DayOfSun';

const MOMENT: Moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '16:00', headingDeg: null };
const dayAt = (over: Partial<Moment>): { day: LightOfDay; moment: Moment } => {
  const outing = outingWithShot();
  const moment = { ...MOMENT, ...over };
  return { day: lightOfDay({ ...shotQuestion(outing, outing.shots[0]!), moment })!, moment };
};
const open = (over: Partial<Moment>) => {
  const chosen: string[] = [];
  const { container } = render(<DayOfSun {...dayAt(over)} onAt={(at) => chosen.push(at)} />);
  return { chosen, svg: container.querySelector('svg')! };
};
const said = (svg: Element): string => svg.querySelector('title')!.textContent;

it('where the sun neither rises nor sets it says so, and draws its course all the same', () => {
  const { svg } = open({ latDeg: 78, date: '2027-06-21' });
  expect(said(svg)).toBe('The sun does not rise and set that day.');
  expect(svg.querySelector('polyline')!.getAttribute('points')!.split(' ')).toHaveLength(144);
});

it('in the polar night it is too dark all day, from one end of the drawing to the other', () => {
  const { svg } = open({ latDeg: 85, date: '2027-12-21' });
  expect(said(svg)).toMatch(/Too dark: 00:00 to 24:00\./);
  expect(svg.querySelectorAll('g > rect')).toHaveLength(1);
});

it('going every way nothing is said of shadow and sun', () => {
  const { svg } = open({});
  expect(said(svg)).toMatch(/rises at 07:\d\d/);
  expect(said(svg)).not.toMatch(/shadow|looks in|light/i);
});

it('the hour stands under its place in the drawing, and the slider gives hours of the clock', () => {
  const { chosen, svg } = open({ at: '12:00' });
  const now = [...svg.querySelectorAll('line')].find((line) => line.getAttribute('stroke') === 'var(--hivis)')!;
  const noon = [...svg.querySelectorAll('text')].find((text) => text.textContent === '12')!;
  expect(now.getAttribute('x1')).toBe(noon.getAttribute('x'));
  for (const minutes of [0, 610, 1430]) fireEvent.change(screen.getByRole('slider'), { target: { value: minutes } });
  expect(chosen).toEqual(['00:00', '10:10', '23:50']);
});
