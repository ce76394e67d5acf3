import { LARGEST_DOCUMENT, originOf } from '@strut-spot/core';
import { say } from '../../state/say';
import { copyName } from '../../state/copyName';
import { newId } from '../../state/newId';
import { askToKeep } from '../../storage/askToKeep';
import { readAll, saveOuting } from '../../storage/outings';
import { trouble } from '../../storage/trouble';
import { computing } from '../../workers/core';

/** Two stored outings that are copies of one. */
export interface Copies {
  readonly origin: { readonly id: string; readonly name: string };
  readonly copy: { readonly id: string; readonly name: string };
}

export interface Imported {
  /** Why it did not come in, line by line; nothing where it did. */
  readonly problems: readonly string[];
  /** What is there already and shares shots with it. */
  readonly copies?: Copies;
}

/** Takes an outing in from a file. */
export async function importOuting(file: File): Promise<Imported> {
  if (file.size > LARGEST_DOCUMENT) {
    const most = LARGEST_DOCUMENT / 1e6;
    return { problems: [`${file.name} has ${(file.size / 1e6).toFixed(1)} MB; an outing has at most ${most} MB.`] };
  }
  try {
    return await importText(await file.text(), file.name);
  } catch (error) {
    return { problems: [`${file.name} was not imported, nothing is changed: ${trouble(error)}.`] };
  }
}

/** Takes an outing in, beside what is there, under an id of this program's making. @param source what it is called in words: a file's name */
export async function importText(text: string, source: string): Promise<Imported> {
  try {
    const parsed = await computing.parseOuting(text);
    if (!parsed.ok) return { problems: [`${source} was not imported, nothing is changed.`, ...parsed.problems] };
    const here = (await readAll()).flatMap((stored) =>
      stored.deletedAt === null && stored.kind === 'readable' ? [stored.outing] : [],
    );
    const taken = here.some(({ name }) => name === parsed.value.name);
    const copy = {
      ...parsed.value,
      id: newId(),
      name: taken ? copyName(parsed.value.name, 'imported') : parsed.value.name,
    };
    const origin = originOf(parsed.value, here);
    await saveOuting(copy);
    askToKeep();
    say(`"${copy.name}" is imported.`);
    return { problems: [], ...(origin ? { copies: { origin, copy } } : {}) };
  } catch (error) {
    return { problems: [`${source} was not imported, nothing is changed: ${trouble(error)}.`] };
  }
}
