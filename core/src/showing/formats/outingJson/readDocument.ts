import { ValidationError, type Schema } from 'yup';

export type Parsed<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly problems: readonly string[] };

/** Largest document that is read, in characters. */
export const LARGEST_DOCUMENT = 8_000_000;
/** So deep a document may be nested; an outing has eight levels. */
const DEEPEST = 40;
const MOST_PROBLEMS = 8;

export const refuse = (...problems: string[]): { ok: false; problems: string[] } => ({
  ok: false,
  problems:
    problems.length > MOST_PROBLEMS
      ? [...problems.slice(0, MOST_PROBLEMS), `… and ${problems.length - MOST_PROBLEMS} more.`]
      : problems,
});

/** What an error says, without the name of who found it. */
export const plainMessage = (error: unknown): string => (error as Error).message.replace(/^\w+: /, '');

export function readJson(text: string): Parsed<Record<string, unknown>> {
  if (text.length > LARGEST_DOCUMENT) {
    return refuse(
      `The file has ${text.length.toLocaleString('en')} characters; at most ${LARGEST_DOCUMENT.toLocaleString('en')} are read.`,
    );
  }
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refuse(
      `The file is not whole JSON (${(error as Error).message}). It may be damaged or cut off: export it again.`,
    );
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return refuse('The file holds no document.');
  if (isDeep(value))
    return refuse(`The file is nested more than ${DEEPEST} levels deep: it was not written by this program.`);
  return { ok: true, value: value as Record<string, unknown> };
}

/** Level by level, so that no depth can exhaust the stack. */
function isDeep(value: object): boolean {
  let level: object[] = [value];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > DEEPEST) return true;
    level = level.flatMap((one) => Object.values(one).filter((v): v is object => typeof v === 'object' && v !== null));
  }
  return false;
}

/** What a validator has against a value, in words that begin with the path. */
export function problemsBy(schema: Schema, value: unknown): string[] {
  try {
    schema.validateSync(value, { abortEarly: false, strict: true });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return error.errors.map((line) => `${line}.`);
  }
}

/** Whether a document is of the wanted kind and not of the future. */
export function wrongKind(
  document: Record<string, unknown>,
  format: string,
  version: number,
  what: string,
): string | null {
  if (document.format !== format) {
    const found = typeof document.format === 'string' ? `"${document.format.slice(0, 60)}"` : 'missing';
    return `This is not ${what}: its format is ${found}, wanted "${format}".`;
  }
  if (typeof document.version !== 'number') return 'The version is missing.';
  if (document.version > version) {
    return `The file is of version ${document.version}, newer than this program reads (${version}). Update the program, then import again.`;
  }
  return null;
}
