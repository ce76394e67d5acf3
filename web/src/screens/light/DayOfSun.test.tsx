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
  expect(said(svg)).toMatch(/^The sun does not rise and set that day\. /);
  expect(svg.querySelector('polyline')!.getAttribute('points')!.split(' ')).toHaveLength(144);
});

it('in the polar night it is too dark all day, from one end of the drawing to the other', () => {
  const { svg } = open({ latDeg: 85, date: '2027-12-21' });
  expect(said(svg)).toMatch(/Too dark: 00:00 to 24:00\./);
  expect(svg.querySelectorAll('g > rect')).toHaveLength(1);
});

it('going every way the sun is told over all ways, and no side that light comes from', () => {
  const { svg } = open({});
  expect(said(svg)).toMatch(/rises at 07:\d\d/);
  expect(said(svg)).toMatch(/Own shadow: /);
  expect(said(svg)).not.toMatch(/back light|side light|front light/i);
});

it('the golden hour is about sunrise and sunset, the blue one before and after it; the time of filming is shaded', () => {
  const { svg } = open({ at: '16:00', until: '18:00' });
  // Height of the sun within 6 and -4 degrees of 07:13 and 17:17: half an hour to three quarters either side.
  expect(said(svg)).toMatch(/Golden hour: 06:[345]\d to 07:5\d, 16:3\d to 17:4\d\./);
  expect(said(svg)).toMatch(/Blue hour: 06:3\d to 06:4\d, 17:4\d to 17:5\d\./);
  const shaded = svg.querySelector('rect[opacity]')!;
  const hour = (at: string) =>
    Number([...svg.querySelectorAll('text')].find((t) => t.textContent === at)!.getAttribute('x'));
  expect(Number(shaded.getAttribute('width'))).toBeCloseTo((2 / 3) * (hour('18') - hour('15')), 6);
});

it('the hour stands under its place in the drawing, and the slider gives hours of the clock', () => {
  const { chosen, svg } = open({ at: '12:00' });
  const now = [...svg.querySelectorAll('line')].find((line) => line.getAttribute('stroke') === 'var(--hivis)')!;
  const noon = [...svg.querySelectorAll('text')].find((text) => text.textContent === '12')!;
  expect(now.getAttribute('x1')).toBe(noon.getAttribute('x'));
  for (const minutes of [0, 610, 1430]) fireEvent.change(screen.getByRole('slider'), { target: { value: minutes } });
  expect(chosen).toEqual(['00:00', '10:10', '23:50']);
});
