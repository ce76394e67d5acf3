import { missingPiece, resolveRig } from '@strut-spot/core';
import { Redo2, Undo2 } from 'lucide-react';
import { Suspense } from 'react';
import { NavLink, Outlet, useLocation, useParams } from 'react-router';
import { OutingProvider, useOuting } from '../state/OutingProvider';
import { LostShot } from './LostShot';
import { SavingMark, SavingTrouble } from './SavingMark';
import { ShotVerdict } from './ShotVerdict';
import { Tour } from '../tour/Tour';
import { TitleBlock } from './TitleBlock';
import { NotFound } from '../ui/Trouble';
import { usePageTitle } from '../state/usePageTitle';
import { useQuiet } from '../state/useQuiet';
import { useShot } from '../state/useShot';
import { computing } from '../workers/core';
import { useLatest } from '../workers/useLatest';

/** So long nothing is touched before the searching workers are made ready. */
const QUIET_MS = 8000;

/** On a phone at the trailhead nobody searches: its battery is spared. */
const DESK = '(min-width: 1024px)';

/** From the list of shots and from the bench one goes on to Find; from a check, the card or the day seldom. */
const BEFORE_FIND = /^\/outing\/[^/]+(\/shot\/[^/]+(\/find)?)?\/?$/;

/** Makes ready to search for the shot that is open, or for the first of the list. */
function ReadyToSearch() {
  const { outing } = useOuting();
  const { shotId } = useParams();
  const { pathname } = useLocation();
  const shot = outing.shots.find((s) => s.id === shotId) ?? outing.shots[0];
  useQuiet(`${shot?.carrierId ?? ''} ${pathname}`, QUIET_MS, () => {
    let wanted = true;
    let stop = () => {};
    if (shot && BEFORE_FIND.test(pathname) && matchMedia(DESK).matches)
      void import('../searching/warmSearch').then(({ warmSearch }) => {
        if (!wanted) return;
        stop = warmSearch(outing, shot);
      });
    return () => {
      wanted = false;
      stop();
    };
  });
  return null;
}

/** Everything below an outing's address shares its one history. */
export function OutingSheet() {
  const { outingId = '' } = useParams();
  return (
    <OutingProvider key={outingId} id={outingId} missing={<NotFound what="outing" />}>
      <OutingTitle />
      <SavingTrouble />
      <ReadyToSearch />
      <Suspense fallback={<p className="caption p-8">Opening…</p>}>
        <Outlet />
      </Suspense>
      <Tour />
    </OutingProvider>
  );
}

function OutingTitle() {
  const { outing, undo, redo } = useOuting();
  const { shotId, carrierId } = useParams();
  const shot = outing.shots.find((s) => s.id === shotId);
  const carrier = outing.carriers.find((c) => c.id === carrierId);
  const base = `/outing/${outing.id}`;
  const { pathname } = useLocation();
  const last = pathname.split('/').at(-1) ?? '';
  usePageTitle(
    shot
      ? SHEETS.find(([path]) => path === (last === shot.id ? '' : `/${last}`))?.[1]
      : carrier
        ? resolveRig(carrier.rig).machine.name
        : (OUTING_SHEETS.find(([path]) => path === (last === outing.id ? '' : `/${last}`))?.[1] ?? 'Guess the tilt'),
    shot?.name,
    outing.name || 'Unnamed',
  );
  return (
    <TitleBlock
      end={
        <>
          <SavingMark />
          <button
            type="button"
            className="action action-quiet"
            onClick={() => undo?.()}
            disabled={!undo}
            aria-label="Undo"
            title="Undo (Ctrl Z)"
          >
            <Undo2 size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="action action-quiet"
            onClick={() => redo?.()}
            disabled={!redo}
            aria-label="Redo"
            title="Redo (Ctrl Shift Z)"
          >
            <Redo2 size={17} aria-hidden />
          </button>
        </>
      }
    >
      <NavLink
        to={base}
        end
        className={`flex min-w-0 flex-col justify-center border-r border-hair px-3 leading-tight hover:bg-paper-2 ${shot || carrier ? '' : 'max-sm:hidden'}`}
      >
        <span className="caption text-[0.65rem]">Outing</span>
        <span className="max-w-56 truncate font-[600]">{outing.name || 'Unnamed'}</span>
      </NavLink>
      {!shot && !carrier && (
        <nav aria-label="Sheets of this outing" className="flex items-stretch">
          {OUTING_SHEETS.map(([path, name]) => (
            <NavLink
              key={path}
              to={base + path}
              end
              className="label flex items-center border-r border-hair px-3.5 font-[600] hover:bg-paper-2 aria-[current=page]:bg-ink aria-[current=page]:text-paper max-sm:min-h-touch"
            >
              {name}
            </NavLink>
          ))}
        </nav>
      )}
      {carrier && (
        <div className="flex min-w-0 flex-col justify-center border-r border-hair px-3 leading-tight max-sm:hidden">
          <span className="caption text-[0.65rem]">Carrier</span>
          <span className="max-w-56 truncate font-[600]">{resolveRig(carrier.rig).machine.name}</span>
        </div>
      )}
      {shot && (
        <>
          <div className="flex min-w-0 flex-col justify-center border-r border-hair px-3 leading-tight max-sm:hidden">
            <span className="caption text-[0.65rem]">
              Shot {outing.shots.indexOf(shot) + 1} of {outing.shots.length}
            </span>
            <span className="max-w-44 truncate font-[600]" title={shot.name}>
              {shot.name}
            </span>
          </div>
          <ShotVerdict />
          <nav
            aria-label="Sheets of this shot"
            className="flex items-stretch max-sm:order-last max-sm:w-full max-sm:border-t max-sm:border-hair"
          >
            {SHEETS.map(([path, name]) => (
              <NavLink
                key={path}
                to={`${base}/shot/${shot.id}${path}`}
                end
                className="label flex items-center border-r border-hair px-3 font-[600] whitespace-nowrap hover:bg-paper-2 aria-[current=page]:bg-ink aria-[current=page]:text-paper max-sm:min-h-touch max-sm:flex-auto max-sm:justify-center max-sm:px-0 max-sm:text-[0.95rem]"
              >
                {name}
              </NavLink>
            ))}
          </nav>
        </>
      )}
    </TitleBlock>
  );
}

const OUTING_SHEETS = [
  ['', 'Shots'],
  ['/day', 'Day'],
  ['/field', 'Field'],
] as const;

const SHEETS = [
  ['/find', 'Find'],
  ['', 'Bench'],
  ['/steady', 'Steady'],
  ['/hold', 'Hold'],
  ['/light', 'Light'],
  ['/last', 'Last'],
  ['/card', 'Card'],
  ['/clip', 'Test clip'],
  ['/log', 'Log'],
] as const;

export function ShotSheet() {
  const { shotId } = useParams();
  const { outing } = useOuting();
  if (!outing.shots.some((shot) => shot.id === shotId)) return <NotFound what="shot" />;
  return <Resolved key={shotId} />;
}

/** The sheets of a shot whose place and pieces are there. */
function Resolved() {
  const { rig, shot } = useShot();
  const { setUp } = shot;
  const spot = useLatest(JSON.stringify([rig, setUp.spotId]), async () => ({
    spotId: setUp.spotId,
    lost: await computing.whyUnplaced(rig, setUp.spotId),
  }));
  const lost = missingPiece(rig, setUp) ?? (spot.value?.spotId === setUp.spotId ? spot.value.lost : null);
  return lost ? <LostShot because={lost} /> : <Outlet />;
}
