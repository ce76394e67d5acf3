import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { forgetAll, outingWithShot, readBack, settle } from '../../testing/openSheet';
import { useOuting } from '../state/OutingProvider';
import { saveOuting } from '../storage/outings';
import { OutingSheet, ShotSheet } from './OutingSheets';

/** Where one is, with a button that renames the outing. */
function Here() {
  const { outing, change } = useOuting();
  return (
    <main>
      <p data-testid="here">{useLocation().pathname}</p>
      <button type="button" onClick={() => change((o) => ({ ...o, name: `${o.name}!` }))}>
        rename {outing.name}
      </button>
    </main>
  );
}

async function openAt(path: string) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path="/outing/:outingId" element={<OutingSheet />}>
            <Route index element={<Here />} />
            <Route path="day" element={<Here />} />
            <Route path="field" element={<Here />} />
            <Route path="carrier/:carrierId" element={<Here />} />
            <Route path="shot/:shotId" element={<ShotSheet />}>
              <Route path="*" element={<Here />} />
              <Route index element={<Here />} />
            </Route>
          </Route>
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await waitFor(() => expect(screen.queryByText('Opening…')).toBeNull());
}
const sheets = (label: string) =>
  [...screen.getByLabelText(label).querySelectorAll('a')].map((a) => [a.textContent, a.getAttribute('href')]);

beforeEach(async () => {
  await forgetAll();
  await saveOuting(outingWithShot());
  Element.prototype.scrollIntoView ??= () => undefined;
});
afterEach(() => settle(60));

it('an outing has its sheets, and the one that is open is marked', async () => {
  await openAt('/outing/outing/day');
  expect(sheets('Sheets of this outing')).toEqual([
    ['Shots', '/outing/outing'],
    ['Day', '/outing/outing/day'],
    ['Field', '/outing/outing/field'],
  ]);
  const current = screen.getByLabelText('Sheets of this outing').querySelector('[aria-current=page]');
  expect(current?.textContent).toBe('Day');
  fireEvent.click(within(screen.getByLabelText('Sheets of this outing')).getByText('Field'));
  await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/outing/outing/field'));
});

it('a shot has nine sheets from Find to Log, its name, its number and its verdict', async () => {
  await openAt('/outing/outing/shot/shot/steady');
  await screen.findByTestId('here');
  expect(sheets('Sheets of this shot').map(([name]) => name)).toEqual([
    'Find',
    'Bench',
    'Steady',
    'Hold',
    'Light',
    'Last',
    'Card',
    'Test clip',
    'Log',
  ]);
  expect(screen.getByText('Shot 1 of 1')).toBeTruthy();
  expect(screen.getByTitle(outingWithShot().shots[0]!.name)).toBeTruthy();
  await waitFor(() => expect(document.title).toMatch(/^Steady.*Ridge loop/));
});

it('a carrier is named by what it is', async () => {
  const [carrier] = outingWithShot().carriers;
  await openAt(`/outing/outing/carrier/${carrier!.id}`);
  await screen.findByTestId('here');
  expect(screen.queryByLabelText('Sheets of this outing')).toBeNull();
  expect(screen.getByText('Carrier').parentElement!.textContent).toMatch(/mountain bike/i);
});

it('what is changed can be undone and done again, and is stored each time', async () => {
  await openAt('/outing/outing');
  const [undo, redo] = [
    screen.getByLabelText<HTMLButtonElement>('Undo'),
    screen.getByLabelText<HTMLButtonElement>('Redo'),
  ];
  expect([undo.disabled, redo.disabled]).toEqual([true, true]);
  fireEvent.click(screen.getByText('rename Ridge loop'));
  await screen.findByText('rename Ridge loop!');
  await waitFor(() => expect(undo.disabled).toBe(false));
  fireEvent.click(undo);
  await screen.findByText('rename Ridge loop');
  await waitFor(() => expect(redo.disabled).toBe(false));
  fireEvent.click(redo);
  await screen.findByText('rename Ridge loop!');
  await waitFor(async () => expect((await readBack('outing')).name).toBe('Ridge loop!'));
});

it('an outing or a shot that is not there says so, and leads back', async () => {
  await openAt('/outing/gone');
  expect(await screen.findByText('There is no such outing here')).toBeTruthy();
  expect(screen.getByText('All outings').getAttribute('href')).toBe('/');
});

it('a shot that is not there leaves its outing open', async () => {
  await openAt('/outing/outing/shot/gone');
  expect(await screen.findByText('There is no such shot here')).toBeTruthy();
  expect(screen.getByText('Ridge loop')).toBeTruthy();
});

it('keys lead past the strip along the top to the sheet itself', async () => {
  await openAt('/outing/outing');
  fireEvent.click(screen.getByText('Skip to the sheet'));
  expect(document.activeElement?.tagName).toBe('MAIN');
});
