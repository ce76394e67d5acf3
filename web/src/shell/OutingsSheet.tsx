import { NavLink, Outlet, useLocation } from 'react-router';
import { usePageTitle } from '../state/usePageTitle';
import { TitleBlock } from './TitleBlock';

const SHELVES = [
  ['/', 'Outings'],
  ['/carriers', 'Carriers'],
  ['/kit', 'Kit box'],
  ['/logbook', 'Logbook'],
] as const;

export const OutingsSheet = () => {
  const { pathname } = useLocation();
  usePageTitle(
    pathname.startsWith('/words')
      ? 'Words'
      : SHELVES.find(([path]) => (path === '/' ? pathname === '/' : pathname.startsWith(path)))?.[1],
  );
  return (
    <>
      <TitleBlock>
        <nav aria-label="Shelves" className="flex items-stretch">
          {SHELVES.map(([path, name]) => (
            <NavLink
              key={path}
              to={path}
              end={path === '/'}
              className="label flex items-center border-r border-hair px-3.5 font-[600] hover:bg-paper-2 aria-[current=page]:bg-ink aria-[current=page]:text-paper max-sm:min-h-touch max-sm:px-2.5"
            >
              {name}
            </NavLink>
          ))}
        </nav>
      </TitleBlock>
      <Outlet />
    </>
  );
};
