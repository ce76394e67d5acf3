import './shell/theme.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './shell/App';
import { announceShapes } from './storage/shapes';
import { placeDemoOnce } from './storage/placeDemo';

void announceShapes()
  .catch(() => undefined)
  .then(placeDemoOnce)
  .finally(() => {
    createRoot(document.getElementById('root')!).render(
      <StrictMode>
        <App />
      </StrictMode>,
    );
  });
