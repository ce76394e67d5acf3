import { useEffect, useState } from 'react';
import { openStored } from '../storage/outings';
import { trouble } from '../storage/trouble';
import { OpenOuting } from './OpenOuting';

type Loaded =
  | { readonly kind: 'loading' }
  | { readonly kind: 'missing' }
  | { readonly kind: 'deleted' }
  | { readonly kind: 'unreadable'; readonly problems: readonly string[]; readonly document: unknown }
  | { readonly kind: 'failed'; readonly because: string }
  | { readonly kind: 'open'; readonly outing: OpenOuting };

/** The stored outing, opened. */
export function useStoredOuting(id: string): Loaded {
  const [state, setState] = useState<Loaded>({ kind: 'loading' });
  useEffect(() => {
    let current = true;
    const told = (loaded: Loaded) => current && setState(loaded);
    void openStored(id).then(
      (stored) => {
        if (!stored) told({ kind: 'missing' });
        else if (stored.deletedAt !== null) told({ kind: 'deleted' });
        else if (stored.kind === 'unreadable') told({ ...stored, kind: 'unreadable' });
        else told({ kind: 'open', outing: new OpenOuting(stored) });
      },
      (error) => told({ kind: 'failed', because: trouble(error) }),
    );
    return () => {
      current = false;
    };
  }, [id]);
  return state;
}
