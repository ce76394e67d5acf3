import { OUTING_LIMITS } from '@strut-spot/core';

/** A name for something beside the one of that name, short enough to be kept: "Ridge" → "Ridge (copy)", "Ridge (copy)" → "Ridge (copy 2)". */
export function copyName(name: string, what = 'copy'): string {
  const [, bare = name, count] = new RegExp(`^(.*) \\(${what}(?: (\\d+))?\\)$`, 's').exec(name) ?? [];
  const end = bare === name ? ` (${what})` : ` (${what} ${Number(count ?? 1) + 1})`;
  return bare.slice(0, OUTING_LIMITS.nameLength - end.length).trimEnd() + end;
}
