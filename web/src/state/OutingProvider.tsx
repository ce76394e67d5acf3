import type { Outing, Shot } from '@strut-spot/core';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { readOuting, saveOuting } from '../storage/outings';
import { changeOuting, historyOf, redo, undo, type OutingHistory } from './outingHistory';

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

type Loaded = { kind: 'loading' } | { kind: 'missing' } | { kind: 'open'; history: OutingHistory };

/** Opens an outing, keeps its history, and writes every change down as it is made. */
export function OutingProvider({ id, missing, children }: { id: string; missing: ReactNode; children: ReactNode }) {
  const [state, setState] = useState<Loaded>({ kind: 'loading' });
  const saved = useRef<Outing | null>(null);

  useEffect(() => {
    let current = true;
    void readOuting(id).then((outing) => {
      if (!current) return;
      saved.current = outing ?? null;
      setState(outing ? { kind: 'open', history: historyOf(outing) } : { kind: 'missing' });
    });
    return () => {
      current = false;
    };
  }, [id]);

  const present = state.kind === 'open' ? state.history.present : null;
  // With the very commit that shows the change: an effect after it could come too late for a page that is left at once.
  useLayoutEffect(() => {
    if (!present || present === saved.current) return;
    saved.current = present;
    void saveOuting(present);
  }, [present]);

  const step = useCallback((advance: (history: OutingHistory) => OutingHistory) => {
    setState((s) => (s.kind === 'open' ? { kind: 'open', history: advance(s.history) } : s));
  }, []);

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

  const undoNow = access?.undo;
  const redoNow = access?.redo;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      const target = event.target as HTMLElement;
      if (
        target.tagName === 'TEXTAREA' ||
        (target.tagName === 'INPUT' && target.getAttribute('inputmode') !== 'decimal')
      )
        return;
      event.preventDefault();
      (event.shiftKey ? redoNow : undoNow)?.();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undoNow, redoNow]);

  if (state.kind === 'loading') return <p className="caption p-8">Opening…</p>;
  if (!access) return missing;
  return <OutingContext value={access}>{children}</OutingContext>;
}
