import './shell/theme.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { say } from './state/say';
import { App } from './shell/App';
import { keepForOffline } from './shell/newVersion';
import { emptyBinOfOld } from './storage/bin';
import { openStore } from './storage/opening';
import { placeDemoOnce } from './storage/placeDemo';
import { trouble } from './storage/trouble';
import { followShapes } from './storage/shapes';
import { startForShot } from './workers/core';

// What nobody waited for must not fail in silence.
addEventListener('unhandledrejection', ({ reason }) => say(`Something was not done: ${trouble(reason)}.`));

const { pathname } = location;
if (pathname.includes('/shot/')) startForShot({ searches: pathname.endsWith('/find') });
openStore();
followShapes((error) => say(`Shapes of your own were not read: ${trouble(error)}.`));
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

// None of these is waited for, and none keeps another from its work; where the store is at fault, the page says so itself.
for (const begin of [placeDemoOnce, () => emptyBinOfOld(Date.now()), keepForOffline]) {
  void begin().catch((error) => console.warn('Strut Spot:', error));
}
