import { useEffect, useState } from 'react';
import { openStored, watchStored } from '../storage/outings';
import { trouble } from '../storage/trouble';
import { OpenOuting } from './OpenOuting';

type Loaded =
  | { readonly kind: 'loading' }
  | { readonly kind: 'missing' }
  | { readonly kind: 'deleted' }
  | { readonly kind: 'unreadable'; readonly problems: readonly string[]; readonly document: unknown }
  | { readonly kind: 'failed'; readonly because: string }
  | { readonly kind: 'open'; readonly outing: OpenOuting };

/** The stored outing, opened; one that is not there, or in the bin, as soon as it is, whoever puts it there. */
export function useStoredOuting(id: string): Loaded {
  const [state, setState] = useState<Loaded>({ kind: 'loading' });
  useEffect(() => {
    let current = true;
    let stopWatching = (): void => undefined;
    const told = (loaded: Loaded) => current && setState(loaded);
    const open = (): Promise<void> =>
      openStored(id).then(
        (stored) => {
          if (!stored || stored.deletedAt !== null) {
            told({ kind: stored ? 'deleted' : 'missing' });
            if (current) awaitIt();
          } else if (stored.kind === 'unreadable') told({ ...stored, kind: 'unreadable' });
          else told({ kind: 'open', outing: new OpenOuting(stored) });
        },
        (error) => void told({ kind: 'failed', because: trouble(error) }),
      );
    const awaitIt = () => {
      stopWatching = watchStored(id, (lying) => {
        if (lying?.deletedAt !== null) return;
        stopWatching();
        void open();
      });
    };
    void open();
    return () => {
      current = false;
      stopWatching();
    };
  }, [id]);
  return state;
}
