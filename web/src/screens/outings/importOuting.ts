import { LARGEST_DOCUMENT } from '@strut-spot/core';
import { toast } from 'sonner';
import { copyName } from '../../state/copyName';
import { newId } from '../../state/newId';
import { askToKeep } from '../../storage/askToKeep';
import { readAll, saveOuting } from '../../storage/outings';
import { trouble } from '../../storage/trouble';
import { computing } from '../../workers/core';

/** Takes an outing in from a file, beside what is there, under an id of this program's making. @returns why not, line by line; nothing where it came in */
export async function importOuting(file: File): Promise<readonly string[]> {
  if (file.size > LARGEST_DOCUMENT) {
    return [`${file.name} has ${(file.size / 1e6).toFixed(1)} MB; an outing has at most ${LARGEST_DOCUMENT / 1e6} MB.`];
  }
  try {
    const parsed = await computing.parseOuting(await file.text());
    if (!parsed.ok) return [`${file.name} was not imported, nothing is changed.`, ...parsed.problems];
    const taken = (await readAll()).some(
      (stored) => stored.deletedAt === null && stored.kind === 'readable' && stored.outing.name === parsed.value.name,
    );
    const name = taken ? copyName(parsed.value.name, 'imported') : parsed.value.name;
    await saveOuting({ ...parsed.value, id: newId(), name });
    askToKeep();
    toast(`"${name}" is imported.`);
    return [];
  } catch (error) {
    return [`${file.name} was not imported, nothing is changed: ${trouble(error)}.`];
  }
}
