import { withLocalStore } from './localStore';

const keyOf = (key: string): string => `draft-${key}`;

export const draftOf = (key: string): string => withLocalStore((store) => store.getItem(keyOf(key)), null) ?? '';

/** @param text '' = nothing is left of it */
export const keepDraft = (key: string, text: string): void =>
  withLocalStore((store) => (text === '' ? store.removeItem(keyOf(key)) : store.setItem(keyOf(key), text)), undefined);
