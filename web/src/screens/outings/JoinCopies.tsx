import { joinOutings, readOuting, type Outing } from '@strut-spot/core';
import { Merge } from 'lucide-react';
import { say } from '../../state/say';
import { nowIso } from '../../state/newId';
import { putIntoBin, takeOutOfBin } from '../../storage/bin';
import { editStored, openStored } from '../../storage/outings';
import { trouble } from '../../storage/trouble';
import type { Copies } from './importOuting';

const stored = async (id: string): Promise<Outing> => {
  const found = await openStored(id);
  if (found?.kind !== 'readable' || found.deletedAt !== null) throw new Error('one of the two is not there any more');
  return found.outing;
};

/** Joins the copy into what it is a copy of, and puts the copy into the bin; all of it can be taken back. */
async function join({ origin, copy }: Copies): Promise<void> {
  const [before, other] = [await stored(origin.id), await stored(copy.id)];
  // The copy's name only says that it was imported.
  const joined = { ...joinOutings(before, { ...other, name: before.name }), changedAt: nowIso() };
  const read = readOuting(JSON.parse(JSON.stringify(joined)) as Record<string, unknown>);
  if (!read.ok) throw new Error(`together they are more than one outing holds (${read.problems[0]})`);
  if (!(await editStored(origin.id, () => joined))) throw new Error(`"${origin.name}" could not be written`);
  await putIntoBin(copy.id, nowIso());
  say(`Both are in "${origin.name}" now.`, {
    action: {
      label: 'Undo',
      onClick: () => void editStored(origin.id, () => before).then(() => takeOutOfBin(copy.id)),
    },
  });
}

interface JoinCopiesProps {
  readonly copies: Copies;
  readonly onDone: () => void;
  readonly onProblem: (problem: string) => void;
}

/** What came in is a copy of what is there: one or two? */
export function JoinCopies({ copies, onDone, onProblem }: JoinCopiesProps) {
  return (
    <div role="status" className="mb-5 border-l-4 border-ink bg-sheet p-3">
      <p>
        &ldquo;{copies.copy.name}&rdquo; shares shots with &ldquo;{copies.origin.name}&rdquo;. Joined, every shot, clip,
        log entry and tick of both is kept; where they differ, what was changed last counts.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="action action-main"
          onClick={() => {
            onDone();
            join(copies).catch((error: unknown) => onProblem(`Nothing was joined: ${trouble(error)}.`));
          }}
        >
          <Merge size={16} aria-hidden /> Join the two
        </button>
        <button type="button" className="action" onClick={onDone}>
          Keep both
        </button>
      </div>
    </div>
  );
}
