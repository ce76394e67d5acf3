import { parseSetUpFile } from '@strut-spot/core';
import type { Request, Response } from 'express';

type Read = Extract<ReturnType<typeof parseSetUpFile>, { readonly ok: true }>['value'];

/** The set-up in a request's body { file: set-up file as text }; null once 400 with the problems was answered. */
export function readSetUp(request: Request, response: Response): Read | null {
  const { file } = (request.body ?? {}) as { file?: unknown };
  if (typeof file !== 'string') {
    response.status(400).json({ problem: 'Send { file: set-up file as text }.' });
    return null;
  }
  const parsed = parseSetUpFile(file);
  if (parsed.ok) {
    // What was learnt is the page's own: a camera films what is there.
    const { measured, ...value } = parsed.value;
    const { learnt, ...rig } = value.rig;
    void measured;
    void learnt;
    return { ...value, rig };
  }
  response.status(400).json({ problem: parsed.problems.join(' ') });
  return null;
}

/** The number of the take in a request's body { take: whole number }; null once 400 was answered. */
export function readTake(request: Request, response: Response): number | null {
  const { take } = (request.body ?? {}) as { take?: unknown };
  if (typeof take === 'number' && Number.isInteger(take)) return take;
  response.status(400).json({ problem: 'Send { file: set-up file as text, take: whole number }.' });
  return null;
}
