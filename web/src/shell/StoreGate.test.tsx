import { act, render, screen, waitFor } from '@testing-library/react';
import { keepLeft } from '../storage/leftBehind';
import { database } from '../storage/database';
import { openStore } from '../storage/opening';
import { followShapes } from '../storage/shapes';
import { StoreGate } from './StoreGate';

const files: string[] = [];
jest.mock('../devices/download', () => ({
  download: (_: string, content: string) => files.push(content),
}));
const open = () =>
  render(
    <StoreGate>
      <p>the program</p>
    </StoreGate>,
  );

// In this order: what was read once stays known.
it('nobody is let in before the shapes an outing may stand on are known; they are, even where they can’t be read', async () => {
  open();
  expect(screen.getByText('Opening…')).toBeTruthy();
  expect(screen.queryByText('the program')).toBeNull();
  const told: unknown[] = [];
  jest.spyOn(database.shapes, 'toArray').mockRejectedValue(new Error('unreadable'));
  const end = followShapes((error) => told.push(error));
  await waitFor(() => expect(screen.getByText('the program')).toBeTruthy());
  expect(String(told[0])).toMatch(/unreadable/);
  end();
  jest.restoreAllMocks();
});

it('where the store does not open it says why, and gives out what was kept aside', async () => {
  open();
  jest
    .spyOn(database, 'open')
    .mockImplementation((() => Promise.reject(Object.assign(new Error(), { name: 'QuotaExceededError' }))) as never);
  keepLeft('a', { outing: { name: 'Half' }, base: null, revision: 0 });
  await act(async () => openStore());
  expect((await screen.findByRole('heading')).textContent).toMatch(/does not open/);
  expect(screen.queryByText('the program')).toBeNull();
  screen.getByRole('button', { name: 'Save what was kept aside as a file' }).click();
  expect(JSON.parse(files[0]!)).toMatchObject({ outing: { name: 'Half' } });
});
