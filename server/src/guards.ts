import type { ErrorRequestHandler, RequestHandler } from 'express';

/** Names that this machine has for itself. */
const OWN_NAMES: readonly string[] = ['127.0.0.1', 'localhost', '[::1]'];

/** Answers only what was asked of this machine by its own name: a page from elsewhere whose name was made to lead here gets nothing. */
export const ownNameOnly: RequestHandler = (request, response, next) => {
  const name = (request.headers.host ?? '').replace(/:\d+$/, '').toLowerCase();
  if (OWN_NAMES.includes(name)) next();
  else
    response
      .status(403)
      .json({ problem: 'This server answers by the names of this machine alone: 127.0.0.1 or localhost.' });
};

const WORDS: Readonly<Record<number, string>> = {
  400: 'What was sent cannot be read.',
  413: 'What was sent is too large.',
  415: 'What was sent is of a kind that is not read here.',
};

/** An address that is no text is answered in this server's own words, before anything looks for a file of that name. */
export const readableAddress: RequestHandler = (request, _response, next) => {
  try {
    decodeURIComponent(request.path);
    next();
  } catch {
    next({ status: 400 });
  }
};

/** What went wrong, in words, and nothing of how this is built. */
export const plainErrors: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const { status } = (error ?? {}) as { status?: unknown };
  const known = typeof status === 'number' && status >= 400 && status < 500;
  if (!known) console.error(error);
  response
    .status(known ? status : 500)
    .json({ problem: known ? (WORDS[status] ?? 'That cannot be answered.') : 'Something went wrong here.' });
};

/** Addresses of the application's sheets lead to its page; one with an ending names a file, which is there or is not. */
export const isSheet = (path: string): boolean => !/\.[^/]*$/.test(path);
