/** What a failure of the browser's store means, in words, by the name of its error. */
const WORDS: Readonly<Record<string, string>> = {
  QuotaExceededError: 'the disk, or the part of it that this browser may use, is full: make room',
  VersionError: 'this browser keeps data of a newer version of the program: reload this page',
  InvalidStateError: 'the browser has closed its store: reload this page',
  DatabaseClosedError: 'the browser has closed its store: reload this page',
  SecurityError: 'the browser does not let this page store anything: look at its settings for site data',
  MissingAPIError: 'this browser has no store for pages, or keeps it shut in a private window',
  UnknownError: 'the browser cannot write to its store: the disk may be full or failing',
  OpenFailedError: 'the browser cannot open its store',
};

/** The innermost error that has a name of its own: a store wraps what befell it. */
function innermost(error: unknown): Error {
  const inner = (error as { inner?: unknown } | null)?.inner;
  return inner instanceof Error || (typeof inner === 'object' && inner !== null && 'name' in inner)
    ? innermost(inner)
    : (error as Error);
}

/** What is wrong with the store, to follow a colon. */
export function trouble(error: unknown): string {
  const { name, message } = innermost(error);
  return WORDS[name] ?? (message || 'the browser gives no reason');
}
