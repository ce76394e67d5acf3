import { readOuting, type Outing } from '@strut-spot/core';
import demo from './skerra.json';

/** The demo outing as it ships. @throws Error where it is damaged */
export function readDemo(): Outing {
  const parsed = readOuting(demo);
  if (!parsed.ok) throw new Error(`The demo outing is damaged: ${parsed.problems.join(' ')}`);
  return parsed.value;
}
