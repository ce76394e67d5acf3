import type { Outing, Shot } from '@strut-spot/core';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { changeOuting, redo, undo } from './outingHistory';
import { useHistoryKeys } from './useHistoryKeys';
import { useStoredOuting } from './useStoredOuting';

interface OutingAccess {
  readonly outing: Outing;
  /** Changes the outing; saved at once. Changes with the same key in quick succession are one step of undo. */
  readonly change: (edit: (outing: Outing) => Outing, mergeKey?: string) => void;
  readonly changeShot: (shotId: string, edit: (shot: Shot) => Shot, mergeKey?: string) => void;
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

const OutingContext = createContext<OutingAccess | null>(null);

export function useOuting(): OutingAccess {
  const access = useContext(OutingContext);
  if (!access) throw new Error('useOuting: no outing is open here');
  return access;
}

/** Opens an outing and hands it down with the ways to change it. */
export function OutingProvider({ id, missing, children }: { id: string; missing: ReactNode; children: ReactNode }) {
  const { state, step } = useStoredOuting(id);

  const access = useMemo<OutingAccess | null>(() => {
    if (state.kind !== 'open') return null;
    const { history } = state;
    const change: OutingAccess['change'] = (edit, mergeKey) =>
      step((h) => changeOuting(h, edit(h.present), mergeKey ?? null, Date.now()));
    return {
      outing: history.present,
      change,
      changeShot: (shotId, edit, mergeKey) =>
        change(
          (outing) => ({ ...outing, shots: outing.shots.map((shot) => (shot.id === shotId ? edit(shot) : shot)) }),
          mergeKey,
        ),
      undo: history.past.length > 0 ? () => step(undo) : null,
      redo: history.future.length > 0 ? () => step(redo) : null,
    };
  }, [state, step]);

  useHistoryKeys(access?.undo ?? null, access?.redo ?? null);

  if (state.kind === 'loading') return <p className="caption p-8">Opening…</p>;
  if (!access) return missing;
  return <OutingContext value={access}>{children}</OutingContext>;
}
