import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { SettingsMenu } from './SettingsMenu';

/** The strip along the sheet's top edge: what the sheet shows, like a drawing's title block. */
export function TitleBlock({ children, end }: { children?: ReactNode; end?: ReactNode }) {
  return (
    <>
      <button
        type="button"
        className="action sr-only focus:not-sr-only focus:fixed focus:top-1 focus:left-1 focus:z-50"
        onClick={() => {
          const main = document.querySelector('main');
          main?.setAttribute('tabindex', '-1');
          main?.focus();
        }}
      >
        Skip to the sheet
      </button>
      <header className="no-print flex min-h-11 flex-wrap items-stretch border-b-2 border-ink bg-sheet">
        <NavLink
          to="/"
          end
          className="flex items-center gap-2 border-r border-hair-strong px-3"
          aria-label="Strut Spot, all outings"
        >
          <img src="/icon.svg" alt="" className="size-6" />
          <span className="font-[760] tracking-tight [font-stretch:74%] max-sm:sr-only">STRUT SPOT</span>
        </NavLink>
        {children}
        <div className="ml-auto flex items-center gap-1 px-2">
          {end}
          <SettingsMenu />
        </div>
      </header>
    </>
  );
}
