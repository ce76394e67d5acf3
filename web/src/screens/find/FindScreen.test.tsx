import { kitWith, NO_OWN_KIT } from '@strut-spot/core';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { changeKitBox } from '../../storage/kitBox';
import { FindScreen } from './FindScreen';

jest.mock('comlink', () => ({ ...jest.requireActual<object>('comlink'), proxy: <T,>(value: T) => value }));
// The chart needs a canvas that draws.
jest.mock('./SteadyFastChart', () => ({ SteadyFastChart: () => <p>chart</p> }));
jest.setTimeout(120_000);

/** One camera with what it can stand on, so that a search in the test's own thread is short. */
const SMALL_BOX = ['cube-camera', 'strap-round-base', 'chest-harness', 'adhesive-pad', 'short-arm'];

const { heads } = kitWith(NO_OWN_KIT);
const found = () =>
  waitFor(() => expect(screen.getByTestId('search-progress').getAttribute('data-phase')).toBe('done'), {
    interval: 200,
  });

async function open() {
  await changeKitBox((box) => ({ ...box, inBox: [...SMALL_BOX, ...heads.map((h) => h.id)] }));
  const sheet = await openSheet(<FindScreen />, {
    path: '/outing/outing/shot/shot/find',
    route: '/outing/:outingId/shot/:shotId/find',
  });
  await found();
  return sheet;
}
const cards = () => within(screen.getByTestId('contact-sheet')).getAllByRole('listitem');
const scores = () => cards().map((card) => Number(card.querySelector('.reading')!.textContent));

it('searches on opening; best first; its sum is its score, what is asked next is kept, what is taken stands on the bench', async () => {
  const { stored } = await open();
  expect(cards().length).toBeGreaterThan(1);
  const [first, ...rest] = scores();
  expect(Number.isFinite(first)).toBe(true);
  for (const score of rest) expect(score).toBeLessThanOrEqual(first! + 1);
  expect(document.body.textContent).not.toMatch(/NaN|undefined|\[object/);

  // The chosen one opened: the product of its factors is its score.
  const detail = screen.getByTestId('detail');
  const factors = within(detail)
    .getAllByRole('cell')
    .flatMap((cell) => /^× ([\d.]+)$/.exec(cell.textContent)?.[1] ?? [])
    .map(Number);
  const total = Number(/Score (\d+) of 100/.exec(detail.textContent)![1]);
  const product = factors.reduce((a, b) => a * b, 1);
  if (/25 for no stop/.test(detail.textContent)) expect(Math.abs(25 + 75 * product - total)).toBeLessThan(4);
  else expect(total).toBeLessThan(25);

  // Why not there? Every spot answers with a reason or with what it gives away.
  const whyNot = within(screen.getByTestId('why-not'));
  for (const button of whyNot.getAllByRole('button', { expanded: false }).slice(0, 4)) {
    fireEvent.click(button);
    expect(screen.getByTestId('why-not').textContent).toMatch(/Stopped: |It gives away|It is the best one/);
  }

  // Two beside each other.
  for (const box of screen.getAllByRole('checkbox', { name: /^Compare/ }).slice(0, 2)) fireEvent.click(box);
  fireEvent.click(screen.getByRole('button', { name: 'Compare 2' }));
  expect(screen.queryByTestId('contact-sheet')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Back to the sheet' }));
  expect(screen.getByTestId('contact-sheet')).toBeTruthy();

  // A changed question is said to be unanswered, and is kept with the shot.
  fireEvent.click(screen.getByLabelText('I talk while riding'));
  expect(await screen.findByText('The question has changed: search again.')).toBeTruthy();
  await waitFor(async () => expect((await stored()).shots[0]!.ask?.talking).toBe(true));
  fireEvent.click(screen.getByLabelText('I talk while riding'));

  const chosen = screen.getByTestId('detail').querySelector('h2')!.textContent;
  await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Take it to the bench' })));
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.cameraId).toBe('cube-camera'));
  const shot = (await stored()).shots[0]!;
  expect(SMALL_BOX).toContain(shot.setUp.baseId);
  expect(chosen).toMatch(/Cube/i);
});

it('with nothing in the box nothing is found, and every spot says why', async () => {
  await changeKitBox((box) => ({ ...box, inBox: ['cube-camera'] }));
  const { stored } = await openSheet(<FindScreen />, {
    outing: { ...outingWithShot(), id: 'bare' },
    path: '/outing/bare/shot/shot/find',
    route: '/outing/:outingId/shot/:shotId/find',
  });
  await found();
  expect(screen.getByTestId('nothing-found').textContent).toMatch(
    /Nothing in this kit shows it\. At every place: no base in the kit goes on it\. What helps: /,
  );
  const places = within(screen.getByTestId('why-not')).getAllByRole('button', { expanded: false });
  expect(places.length).toBeGreaterThan(5);
  for (const place of places) {
    fireEvent.click(place);
    expect(screen.getByTestId('why-not').textContent).toMatch(/Nothing passes there:Stopped: /);
  }

  // One press looks through more, and goes on at once.
  fireEvent.click(screen.getByText('Look through all kit there is'));
  await waitFor(() =>
    expect(screen.getByTestId('search-progress').getAttribute('data-phase')).toMatch(/searching|checking/),
  );
  expect(screen.queryByTestId('nothing-found')).toBeNull();
  await waitFor(async () => expect((await stored()).shots[0]!.ask?.kit).toBe('anything'));
});

it('a kind of shot that makes no sense on the carrier is said to be none, and no more kit is offered for it', async () => {
  await changeKitBox((box) => ({ ...box, inBox: ['cube-camera'] }));
  const outing = outingWithShot();
  const shots = outing.shots.map((shot) => ({ ...shot, intentId: 'pass-by' }));
  await openSheet(<FindScreen />, {
    outing: { ...outing, id: 'alone', shots },
    path: '/outing/alone/shot/shot/find',
    route: '/outing/:outingId/shot/:shotId/find',
  });
  await found();
  expect(screen.getByTestId('nothing-found').textContent).toMatch(
    /^There is no such shot here: not on this carrier, because nobody else is framed/,
  );
  expect(screen.queryByText('Look through all kit there is')).toBeNull();
});
