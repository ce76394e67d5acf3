import type { ReactNode } from 'react';
import { useWorkerFailure } from '../workers/failures';
import { useOpening } from '../storage/opening';
import { useNewVersion } from './newVersion';

/** What concerns the whole page, above everything else until it is settled. */
export function Notices() {
  const opening = useOpening();
  const failure = useWorkerFailure();
  const newVersion = useNewVersion();
  return (
    <>
      {opening.kind === 'taken' && (
        <Notice action={<Reload />}>
          A newer version of the program was opened in another window, and keeps the store now. Save what you changed
          here since as a file, then reload.
        </Notice>
      )}
      {failure && <Notice action={<Reload />}>Nothing can be computed: {failure}.</Notice>}
      {newVersion && (
        <Notice
          action={
            <button type="button" className="action" onClick={newVersion}>
              Take it and reload
            </button>
          }
        >
          A newer version of the program is here. This page goes on with the old one until you reload.
        </Notice>
      )}
    </>
  );
}

const Reload = () => (
  <button type="button" className="action" onClick={() => location.reload()}>
    Reload
  </button>
);

export const Notice = ({ children, action }: { children: ReactNode; action?: ReactNode }) => (
  <div
    role="alert"
    className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink bg-hivis/25 px-4 py-2"
  >
    <p className="min-w-0 flex-1 wrap-anywhere">{children}</p>
    {action}
  </div>
);
