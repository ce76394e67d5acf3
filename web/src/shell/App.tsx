import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { lazy, Suspense } from 'react';
import { OutingsScreen } from '../screens/outings/OutingsScreen';
import { OutingsSheet } from './OutingsSheet';
import { NotFound, Trouble } from '../ui/Trouble';
import { Notices } from './Notices';
import { StoreGate } from './StoreGate';
import { useTheme } from '../state/useTheme';

/** Nothing is told before there is something to read. */
const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

const devices = new QueryClient();
/** Messages in the page's own letters and inks. */
const TOAST = {
  background: 'var(--sheet)',
  border: '1.5px solid var(--ink)',
  borderRadius: 0,
  color: 'var(--ink)',
  fontFamily: 'var(--font-sans)',
  fontSize: '1rem',
} as const;

const router = createBrowserRouter([
  {
    path: '/',
    errorElement: <Trouble />,
    HydrateFallback: () => <p className="caption p-8">Opening…</p>,
    children: [
      {
        element: <OutingsSheet />,
        children: [
          { index: true, element: <OutingsScreen /> },
          {
            path: 'carriers',
            lazy: async () => ({ Component: (await import('../screens/carriers/CarriersScreen')).CarriersScreen }),
          },
          {
            path: 'carriers/:machineId',
            lazy: async () => ({ Component: (await import('../screens/carriers/CarrierPage')).CarrierPage }),
          },
          {
            path: 'logbook',
            lazy: async () => ({ Component: (await import('../screens/logbook/LogbookScreen')).LogbookScreen }),
          },
          {
            path: 'words',
            lazy: async () => ({ Component: (await import('../screens/words/WordsScreen')).WordsScreen }),
          },
          { path: 'kit', lazy: async () => ({ Component: (await import('../screens/kit/KitScreen')).KitScreen }) },
        ],
      },
      {
        path: 'outing/:outingId',
        lazy: async () => ({ Component: (await import('./OutingSheets')).OutingSheet }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import('../screens/shots/ShotsScreen')).ShotsScreen }),
          },
          {
            path: 'day',
            lazy: async () => ({ Component: (await import('../screens/day/DayScreen')).DayScreen }),
          },
          {
            path: 'field',
            lazy: async () => ({ Component: (await import('../screens/field/FieldScreen')).FieldScreen }),
          },
          {
            path: 'trainer',
            lazy: async () => ({ Component: (await import('../screens/trainer/TrainerScreen')).TrainerScreen }),
          },
          {
            path: 'carrier/:carrierId',
            lazy: async () => ({ Component: (await import('../screens/carrier/CarrierScreen')).CarrierScreen }),
          },
          {
            path: 'shot/:shotId',
            lazy: async () => ({ Component: (await import('./OutingSheets')).ShotSheet }),
            children: [
              {
                index: true,
                lazy: async () => ({ Component: (await import('../screens/bench/BenchScreen')).BenchScreen }),
              },
              {
                path: 'find',
                lazy: async () => ({ Component: (await import('../screens/find/FindScreen')).FindScreen }),
              },
              {
                path: 'steady',
                lazy: async () => ({ Component: (await import('../screens/steady/SteadyScreen')).SteadyScreen }),
              },
              {
                path: 'hold',
                lazy: async () => ({ Component: (await import('../screens/hold/HoldScreen')).HoldScreen }),
              },
              {
                path: 'light',
                lazy: async () => ({ Component: (await import('../screens/light/LightScreen')).LightScreen }),
              },
              {
                path: 'last',
                lazy: async () => ({ Component: (await import('../screens/last/LastScreen')).LastScreen }),
              },
              {
                path: 'card',
                lazy: async () => ({ Component: (await import('../screens/card/CardScreen')).CardScreen }),
              },
              {
                path: 'clip',
                lazy: async () => ({ Component: (await import('../screens/clip/ClipScreen')).ClipScreen }),
              },
              { path: 'log', lazy: async () => ({ Component: (await import('../screens/log/LogScreen')).LogScreen }) },
            ],
          },
        ],
      },
      { path: '*', element: <NotFound what="page" /> },
    ],
  },
]);

export function App() {
  const theme = useTheme();
  return (
    <QueryClientProvider client={devices}>
      <Notices />
      <StoreGate>
        <RouterProvider router={router} />
      </StoreGate>
      <Suspense>
        <Toaster
          theme={theme === 'dark' ? 'dark' : 'light'}
          position="bottom-left"
          toastOptions={{ duration: 6000, style: TOAST }}
        />
      </Suspense>
    </QueryClientProvider>
  );
}
