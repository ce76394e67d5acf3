import type { ExternalToast } from 'sonner';

/** Tells something in a notice that goes away by itself; for the first view, which does not wait for what draws notices. */
export const say = (words: string, options?: ExternalToast): void =>
  void import('sonner').then(({ toast }) => toast(words, options));
