import { newOuting, newShot, intentOf, type Outing } from '@strut-spot/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { database } from '../src/storage/database';
import { OutingProvider } from '../src/state/OutingProvider';
import { openStored, saveOuting } from '../src/storage/outings';

const NOW = '2027-02-14T08:00:00.000Z';

/** An outing with one shot of hands and trail on its first carrier, made once. */
let made: Outing | null = null;
export function outingWithShot(): Outing {
  if (made) return made;
  const empty = newOuting('outing', NOW);
  const [carrier] = empty.carriers;
  made = {
    ...empty,
    name: 'Ridge loop',
    shots: [newShot('shot', carrier!, carrier!.rig, { intent: intentOf('hands-and-trail') })],
  };
  return made;
}

/** An outing as it lies in the store now. */
export async function readBack(id: string): Promise<Outing> {
  const stored = await openStored(id);
  if (stored?.kind !== 'readable') throw new Error(`${id} is ${stored?.kind ?? 'not there'}`);
  return stored.outing;
}

/** Empties the store, the bin included. */
export async function forgetAll(): Promise<void> {
  localStorage.clear();
  await database.outings.clear();
}

/** Opens a sheet of the outing as the page does: stored, read back, with its history; gives what is stored now. */
export async function openSheet(
  sheet: ReactNode,
  { outing = outingWithShot(), path = '/outing/outing/shot/shot', route = '/outing/:outingId/shot/:shotId' } = {},
) {
  opened = true;
  await saveOuting(outing);
  const view = render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route
            path={route}
            element={
              <OutingProvider id={outing.id} missing={<p>missing</p>}>
                {sheet}
              </OutingProvider>
            }
          />
          <Route path="*" element={<p data-testid="elsewhere">elsewhere</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await waitFor(() => expect(screen.queryByText('Opening…')).toBeNull());
  return { ...view, stored: () => readBack(outing.id) };
}

/** What is still being written is written before the page is gone. */
let opened = false;
afterEach(async () => {
  if (opened) await settle(60);
  opened = false;
});

/** Lets everything that is under way come to rest. */
export const settle = (ms = 0) => act(() => new Promise((resolve) => setTimeout(resolve, ms)));
