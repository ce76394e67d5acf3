import { act, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { database } from '../storage/database';
import { openStore } from '../storage/opening';
import { NotFound, Trouble } from '../ui/Trouble';
import { tellFailure } from '../workers/failures';
import { settle } from '../../testing/openSheet';
import { keepForOffline } from './newVersion';
import { Notices } from './Notices';

const alerts = () => screen.queryAllByRole('alert').map((alert) => alert.textContent);

describe('above every screen', () => {
  it('nothing is said while all is well', () => {
    render(<Notices />);
    expect(alerts()).toEqual([]);
  });

  it('why nothing can be computed, until something can', () => {
    render(<Notices />);
    act(() => tellFailure('the part that computes was not found'));
    expect(alerts()).toEqual([
      expect.stringContaining('Nothing can be computed: the part that computes was not found.'),
    ]);
    expect(screen.getByText('Reload')).toBeTruthy();
    act(() => tellFailure(null));
    expect(alerts()).toEqual([]);
  });

  it('that a newer version in another window has the store now', async () => {
    await act(async () => {
      openStore();
      await database.open();
    });
    await settle(10);
    render(<Notices />);
    expect(alerts()).toEqual([]);
    const quiet = jest.spyOn(console, 'warn').mockImplementation(() => undefined);
    act(() => void database.on('versionchange').fire({ newVersion: 2 } as never));
    quiet.mockRestore();
    expect(alerts()).toEqual([expect.stringMatching(/newer version.*another window.*Save what you changed/)]);
    await act(async () => {
      await database.open();
      openStore();
    });
    await settle(10);
    expect(alerts()).toEqual([]);
  });

  it('that a newer version of the program waits, and takes it when asked', async () => {
    const posted: unknown[] = [];
    const waiting = { postMessage: (message: unknown) => posted.push(message) };
    const worker = {
      controller: {},
      addEventListener: () => undefined,
      register: () => Promise.resolve({ waiting, addEventListener: () => undefined }),
    };
    Object.defineProperty(navigator, 'serviceWorker', { value: worker, configurable: true });
    try {
      render(<Notices />);
      await act(keepForOffline);
      expect(alerts()).toEqual([expect.stringContaining('A newer version of the program is here')]);
      screen.getByText('Take it and reload').click();
      expect(posted).toEqual([{ type: 'SKIP_WAITING' }]);
    } finally {
      await act(async () => {
        worker.register = () => Promise.resolve({ waiting: null, addEventListener: () => undefined }) as never;
        await keepForOffline();
      });
      Reflect.deleteProperty(navigator, 'serviceWorker');
    }
  });

  it('a first visit is no newer version', async () => {
    const worker = {
      controller: null,
      register: () => Promise.resolve({ waiting: {}, addEventListener: () => undefined }),
    };
    Object.defineProperty(navigator, 'serviceWorker', { value: worker, configurable: true });
    try {
      await keepForOffline();
    } finally {
      Reflect.deleteProperty(navigator, 'serviceWorker');
    }
  });
});

describe('a screen that fails', () => {
  const failing = (message: string) => {
    const Fails = () => {
      throw new Error(message);
    };
    const router = createMemoryRouter([{ path: '/', element: <Fails />, errorElement: <Trouble /> }]);
    const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    render(<RouterProvider router={router} />);
    quiet.mockRestore();
  };

  it('says what it says, and that outings are as they were', () => {
    failing('the sheet is torn');
    expect(screen.getByText('This screen failed')).toBeTruthy();
    expect(screen.getByText('the sheet is torn')).toBeTruthy();
    expect(screen.getByText(/Your outings are in this browser as they were/)).toBeTruthy();
  });

  it('of which a part was not found says so in place of the browser’s words', () => {
    failing('Failed to fetch dynamically imported module: /assets/Find.js');
    expect(screen.getByText('A part of the program could not be loaded')).toBeTruthy();
    expect(screen.queryByText(/Find\.js/)).toBeNull();
  });

  it('an address of nothing leads back to all outings', () => {
    render(<RouterProvider router={createMemoryRouter([{ path: '/', element: <NotFound what="shot" /> }])} />);
    expect(screen.getByText('There is no such shot here')).toBeTruthy();
    expect(screen.getByText('All outings').getAttribute('href')).toBe('/');
  });
});
