import { INTENTS, kitWith, knownMachines, NO_OWN_KIT, placedSpots, rigOfShot } from '@strut-spot/core';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { forgetAll, settle } from '../../../../testing/openSheet';
import { changeKitBox } from '../../../storage/kitBox';
import { readAll } from '../../../storage/outings';
import { computing } from '../../../workers/core';
import { carrierAsked } from './filmQuestion';
import { StartHere } from './StartHere';

jest.mock('comlink', () => ({ ...jest.requireActual<object>('comlink'), proxy: <T,>(value: T) => value }));
jest.setTimeout(120_000);

// Nothing is ever scrolled into view: pictures of what can be chosen are not drawn here.
globalThis.IntersectionObserver = class {
  observe() {}
  disconnect() {}
} as never;

const Bench = () => <p>bench {useLocation().pathname}</p>;
const onProblem = jest.fn();
/** What it takes to hang one camera on a person. */
const SMALL_BOX = ['strap-round-base', 'chest-harness', 'short-arm'];

beforeEach(async () => {
  await forgetAll();
  const { heads } = kitWith(NO_OWN_KIT);
  await changeKitBox((box) => ({ ...box, inBox: [...SMALL_BOX, ...heads.map((head) => head.id)] }));
  render(
    <MemoryRouter>
      <Routes>
        <Route path="/" element={<StartHere onProblem={onProblem} />} />
        <Route path="/outing/:outingId/shot/:shotId/*" element={<Bench />} />
      </Routes>
    </MemoryRouter>,
  );
});
afterEach(() => settle(20));

const open = async (label: string) => {
  fireEvent.click(screen.getByText(label).closest('button')!);
  return within(await screen.findByRole('dialog', { name: label }));
};
const choose = async (label: string, name: string) => {
  fireEvent.click((await open(label)).getByText(name).closest('button')!);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(screen.getByText(label).closest('button')!.textContent).toContain(name);
};

/** Presses the button once the kit box was read. */
const find = async () => {
  const button = screen.getByText('Find the places').closest('button')!;
  await waitFor(() => expect(button.disabled).toBe(false));
  fireEvent.click(button);
};

it('three choices and a press give pictures of places; the one that is taken stands in an outing of its own', async () => {
  const machine = knownMachines().find(({ family, standard }) => family === 'boat' && !standard)!;
  const camera = kitWith(NO_OWN_KIT).cameras.findLast(({ standard, stitch }) => !standard && !stitch)!;
  await choose('Filmed from', machine.name);
  await choose('With this camera', camera.name);
  const refused = await computing.notOffered(carrierAsked({ machineId: machine.id }).rig);
  const intent = INTENTS.find(({ id }) => !(id in refused))!;
  await choose('The film should show', intent.name);
  await find();
  await waitFor(() => expect(screen.getByTestId('start-progress').dataset.phase).toBe('done'));
  const places = within(screen.getByTestId('start-places')).getAllByRole('listitem');
  const names = places.map((place) => place.querySelector('.text-\\[1\\.1rem\\]')!.textContent);
  // One picture a place.
  expect(names.length).toBeGreaterThan(0);
  expect(new Set(names).size).toBe(names.length);
  fireEvent.click(places[0]!.querySelector('button')!);
  await screen.findByText(/^bench/);
  const stored = (await readAll()).flatMap((one) => (one.kind === 'readable' ? [one.outing] : []));
  expect(stored).toHaveLength(1);
  const [shot] = stored[0]!.shots;
  expect(stored[0]).toMatchObject({ name: machine.name, shots: [{ intentId: intent.id }] });
  const taken = placedSpots(rigOfShot(stored[0]!, shot!)).find(({ spot }) => spot.id === shot!.setUp.spotId)!;
  expect([shot!.setUp.cameraId, taken.spot.name]).toEqual([camera.id, names[0]]);
  expect(onProblem).not.toHaveBeenCalled();
});

it('a kind of shot that makes no sense on what it is filmed from cannot be chosen, and says why', async () => {
  const tripod = knownMachines().find(({ passing }) => passing)!;
  await choose('Filmed from', tripod.name);
  const { rig } = carrierAsked({ machineId: tripod.id });
  const refused = Object.entries(await computing.notOffered(rig));
  expect(refused.length).toBeGreaterThan(0);
  const list = await open('The film should show');
  const [id, because] = refused[0]!;
  const button = await waitFor(() => {
    const found = list.getByText(INTENTS.find((intent) => intent.id === id)!.name).closest('button')!;
    expect(found.disabled).toBe(true);
    return found;
  });
  expect(button.textContent).toContain(because);
});

it('where a check stops every place with the camera that was named, it says so and offers all the others', async () => {
  const bike = knownMachines().find(({ id, standard }) => standard || id === 'mountain-bike')!;
  await choose('Filmed from', bike.name);
  await choose('The film should show', INTENTS.find(({ wants }) => wants.some(({ ends }) => ends))!.name);
  await find();
  // What was found before is done as well: the words are of this question.
  const told = () => screen.getByTestId('start-progress').textContent;
  await waitFor(() => expect(told()).toMatch(/a check stops every place/));
  fireEvent.click(screen.getByText('All places, with every camera in the box'));
  expect(await screen.findByText(/^bench .*find$/)).toBeTruthy();
});
