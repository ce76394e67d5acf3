import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { kitWith, NO_OWN_KIT } from '@strut-spot/core';
import { settle } from '../../../testing/openSheet';
import { changeKitBox, isInBox, ownedOf, readKitBox, STANDARD_BOX } from '../../storage/kitBox';
import { KitScreen } from './KitScreen';

const CUBE = 'cube-camera';

beforeEach(async () => {
  await changeKitBox(() => STANDARD_BOX);
  render(<KitScreen />);
  await settle(20);
});
afterEach(() => settle(20));

const cards = () => [...document.querySelectorAll('li')].filter((item) => item.querySelector('[type=checkbox]'));
// By the labels and buttons themselves: asking for roles among all cards takes seconds.
const labelled = (label: string) =>
  [...document.querySelectorAll('label')].find((l) => l.textContent === label || l.firstChild?.textContent === label);
const field = (label: string) => labelled(label)!.control as HTMLInputElement;
const named = (label: string) => document.querySelector(`[aria-label="${label}"]`);
const fill = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });
const submit = (name: string) => act(async () => fireEvent.click(screen.getByText(name, { selector: 'button' })));

it('everything is in the box until something is taken out, and out it stays', async () => {
  const { cameras } = kitWith(NO_OWN_KIT);
  const cube = cameras.find((c) => c.id === CUBE)!;
  const tick = field(`in the box: ${cube.name}`);
  expect(tick.checked).toBe(true);
  fireEvent.click(tick);
  await waitFor(async () => expect(isInBox(await readKitBox(), CUBE)).toBe(false));
  // Only this one: the others are in it still.
  expect(isInBox(await readKitBox(), cameras.find((c) => c.id !== CUBE)!.id)).toBe(true);
});

it('a kind is put in or taken out at one press, and how many there are of a piece is kept', async () => {
  const { cameras, bases } = kitWith(NO_OWN_KIT);
  const held = async () => {
    const box = await readKitBox();
    return [...cameras, ...bases].filter((piece) => isInBox(box, piece.id)).map((piece) => piece.id);
  };
  fireEvent.click(screen.getByRole('radio', { name: 'Cameras' }));
  fireEvent.click(screen.getByText('None of them'));
  await waitFor(async () => expect(await held()).toEqual(bases.map((b) => b.id)));
  fireEvent.click(screen.getByText(`All ${cameras.length} shown into the box`));
  await waitFor(async () => expect(await held()).toHaveLength(cameras.length + bases.length));
  const name = `how many: ${cameras.find((c) => c.id === CUBE)!.name}`;
  // What is stored is shown a little later.
  await waitFor(() => expect(labelled(name)).toBeTruthy());
  fireEvent.change(field(name), { target: { value: '6' } });
  await waitFor(async () => expect(ownedOf(await readKitBox())(CUBE)).toBe(6));
  fireEvent.change(field(name), { target: { value: '' } });
  await waitFor(async () => expect(ownedOf(await readKitBox())(CUBE)).toBe(Infinity));
});

it('a number stands as it is typed, before it is stored, and one that cannot be is refused with the reason', async () => {
  const name = `how many: ${kitWith(NO_OWN_KIT).cameras.find((c) => c.id === CUBE)!.name}`;
  const type = (value: string) => fireEvent.change(field(name), { target: { value } });
  type('1');
  expect(field(name).value).toBe('1');
  type('12');
  type('120');
  expect(field(name).value).toBe('120');
  await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('A whole number from 1 to 20; it stays 12'));
  fireEvent.blur(field(name));
  expect(field(name).value).toBe('12');
  expect(ownedOf(await readKitBox())(CUBE)).toBe(12);
});

it('words and kinds narrow the list, and their number is told', () => {
  const all = cards().length;
  fireEvent.click(screen.getByRole('radio', { name: 'Cameras' }));
  expect(cards()).toHaveLength(kitWith(NO_OWN_KIT).cameras.length);
  expect(cards().length).toBeLessThan(all);
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: '  CUBE ' } });
  expect(cards().every((card) => /cube/i.test(card.textContent))).toBe(true);
  fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'zither' } });
  expect(screen.getByText('No piece has that in its name.')).toBeTruthy();
});

it('a camera of one’s own goes from its form into the kit, in metres and kilograms, and out again', async () => {
  fill('Camera name', 'Grey box');
  fill('Angle of view, °', '133');
  fill('Camera mass, g', '90');
  fill('Deep, mm', '25');
  await submit('Add the camera');
  await waitFor(async () => expect((await readKitBox()).own.cameras).toHaveLength(1));
  const [camera] = (await readKitBox()).own.cameras;
  expect(camera).toMatchObject({ name: 'Grey box', fovDeg: 133, massKg: 0.09, depthM: 0.025 });
  await waitFor(() => expect(named('Take Grey box out of the kit')).toBeTruthy());
  fireEvent.click(named('Take Grey box out of the kit')!);
  await waitFor(async () => expect((await readKitBox()).own.cameras).toHaveLength(0));
});

it('sensor and focal length give the angle of view', async () => {
  fill('Lens', 'rectilinear');
  fill('Sensor, mm, measured the same way', '36');
  fill('Focal length, mm (the lens’s own)', '50');
  await act(async () => fireEvent.click(screen.getByText('Work the angle out')));
  expect(field('Angle of view, °').value).toBe('39.6');
  fill('Focal length, mm (the lens’s own)', '0');
  await act(async () => fireEvent.click(screen.getByText('Work the angle out')));
  expect(screen.getByText(/No such lens/)).toBeTruthy();
  expect(field('Angle of view, °').value).toBe('39.6');
});

it('what cannot be is refused at its field, and nothing is added', async () => {
  await submit('Add the camera');
  expect(screen.getByText('It needs a name')).toBeTruthy();
  fill('Camera name', 'Too wide');
  fill('Lens', 'rectilinear');
  fill('Angle of view, °', '175');
  fill('Camera mass, g', 'heavy');
  await submit('Add the camera');
  expect(screen.getByText('A picture of straight lines is below 170°')).toBeTruthy();
  expect(screen.getByText('A number from 5 to 8000 g')).toBeTruthy();
  fill('Arm name', 'Backwards');
  fill('Shortest, mm', '90');
  fill('Longest, mm', '60');
  await submit('Add the arm');
  expect(screen.getByText('Not shorter than its shortest')).toBeTruthy();
  expect((await readKitBox()).own).toEqual(NO_OWN_KIT);
});

it('arm and base of one’s own are pieces like any other', async () => {
  fill('Arm name', 'Old tent pole');
  fill('Shortest, mm', '400');
  fill('Longest, mm', '700');
  await submit('Add the arm');
  fill('Base name', 'Printed cradle');
  fill('Base mass, g', '40');
  await submit('Add the base');
  await waitFor(async () => expect((await readKitBox()).own.bases).toHaveLength(1));
  const kit = kitWith((await readKitBox()).own);
  expect(kit.links.find((l) => l.name === 'Old tent pole')).toMatchObject({ lengthM: expect.anything() as object });
  expect(kit.bases.some((b) => b.name === 'Printed cradle')).toBe(true);
  expect(await screen.findByText('Old tent pole', { selector: 'h2' })).toBeTruthy();
});
