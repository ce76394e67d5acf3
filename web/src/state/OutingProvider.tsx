import type { Outing, Shot } from '@strut-spot/core';
import { createContext, useContext, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { say } from './say';
import { UnreadableOuting } from './UnreadableOuting';
import type { OpenOuting, Saving } from './OpenOuting';
import { changeOuting, redo, undo } from './outingHistory';
import { useHistoryKeys } from './useHistoryKeys';
import { useStoredOuting } from './useStoredOuting';

interface OutingAccess {
  readonly outing: Outing;
  /** Changes the outing; saved at once. Changes with the same key in quick succession are one step of undo. What could not be read back is not done, and told. */
  readonly change: (edit: (outing: Outing) => Outing, mergeKey?: string) => void;
  readonly changeShot: (shotId: string, edit: (shot: Shot) => Shot, mergeKey?: string) => void;
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

const OutingContext = createContext<OutingAccess | null>(null);
/** Apart, since it changes with every writing and hardly anybody looks at it. */
const SavingContext = createContext<{
  readonly saving: Saving;
  readonly keepAsCopy: (id: string) => Promise<void>;
} | null>(null);

export function useOuting(): OutingAccess {
  const access = useContext(OutingContext);
  if (!access) throw new Error('useOuting: no outing is open here');
  return access;
}

/** How the writing of the open outing stands. */
export function useSaving() {
  const access = useContext(SavingContext);
  if (!access) throw new Error('useSaving: no outing is open here');
  return access;
}

/** Opens an outing and hands it down with the ways to change it. */
export function OutingProvider({ id, missing, children }: { id: string; missing: ReactNode; children: ReactNode }) {
  const state = useStoredOuting(id);
  if (state.kind === 'loading') return <p className="caption p-8">Opening…</p>;
  if (state.kind === 'open') return <Opened open={state.outing}>{children}</Opened>;
  if (state.kind === 'missing') return missing;
  return <UnreadableOuting id={id} state={state} />;
}

function Opened({ open, children }: { open: OpenOuting; children: ReactNode }) {
  const { history, saving } = useSyncExternalStore(open.subscribe, open.get);

  const access = useMemo<OutingAccess>(() => {
    const step: typeof open.step = (advance) => {
      const problem = open.step(advance);
      if (problem) say(`That was not done. ${problem}`);
      return problem;
    };
    const change: OutingAccess['change'] = (edit, mergeKey) =>
      void step((h) => changeOuting(h, edit(h.present), mergeKey ?? null, Date.now()));
    return {
      outing: history.present,
      change,
      changeShot: (shotId, edit, mergeKey) =>
        change(
          (outing) => ({ ...outing, shots: outing.shots.map((shot) => (shot.id === shotId ? edit(shot) : shot)) }),
          mergeKey,
        ),
      undo: history.past.length > 0 ? () => void step(undo) : null,
      redo: history.future.length > 0 ? () => void step(redo) : null,
    };
  }, [open, history]);
  const writing = useMemo(() => ({ saving, keepAsCopy: open.keepAsCopy }), [open, saving]);

  useHistoryKeys(access.undo, access.redo);
  return (
    <OutingContext value={access}>
      <SavingContext value={writing}>{children}</SavingContext>
    </OutingContext>
  );
}
