import { useEffect } from 'react';

/** Where the browser's own undo is wanted: text that is being written. Number fields are the outing's. */
const isText = (target: HTMLElement): boolean =>
  target.tagName === 'TEXTAREA' || (target.tagName === 'INPUT' && target.getAttribute('inputmode') !== 'decimal');

/** Ctrl or Cmd with Z takes back, with Shift brings again. @param undo null where there is nothing to take back */
export function useHistoryKeys(undo: (() => void) | null, redo: (() => void) | null): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (isText(event.target as HTMLElement)) return;
      event.preventDefault();
      (event.shiftKey ? redo : undo)?.();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
}
