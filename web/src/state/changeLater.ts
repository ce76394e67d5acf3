import type { Outing } from '@strut-spot/core';
import { editStored } from '../storage/outings';
import { openHere } from './OpenOuting';
import { changeOuting } from './outingHistory';

/** Changes an outing from a message that outlives the screen it came from: where it is open, with a step to take back; else where it lies. */
export async function changeLater(id: string, edit: (outing: Outing) => Outing): Promise<void> {
  const open = openHere(id);
  if (open) open.step((h) => changeOuting(h, edit(h.present), null, Date.now()));
  else await editStored(id, edit);
}

/** A list with an entry put back where it was; as it is where it is back already. */
export function putBack<Entry extends { readonly id: string }>(
  list: readonly Entry[],
  entry: Entry,
  at: number,
): readonly Entry[] {
  return list.some((other) => other.id === entry.id) ? list : [...list.slice(0, at), entry, ...list.slice(at)];
}
