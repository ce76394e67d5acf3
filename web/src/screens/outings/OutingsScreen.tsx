import { newOuting, OUTING_FORMAT } from '@strut-spot/core';
import { FileUp, Plus } from 'lucide-react';
import { lazy, Suspense, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { newId, nowIso } from '../../state/newId';
import { askToKeep } from '../../storage/askToKeep';
import { saveOuting, useStoredOutings } from '../../storage/outings';
import { trouble } from '../../storage/trouble';
import { DEMO_ID, STOPS, stopAt } from '../../tour/stops';
import { Bin } from './Bin';
import { importOuting, importText, type Copies, type Imported } from './importOuting';
import { JoinCopies } from './JoinCopies';
import { ReadCodes } from './ReadCodes';
import { OutingTable } from './OutingTable';

/** Loaded after the list of outings stands: it brings along what searches. */
const StartHere = lazy(async () => ({ default: (await import('./start/StartHere')).StartHere }));

export function OutingsScreen() {
  const stored = useStoredOutings();
  const navigate = useNavigate();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [copies, setCopies] = useState<Copies | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const here = stored?.filter(({ deletedAt }) => deletedAt === null);
  const inBin = stored?.filter(({ deletedAt }) => deletedAt !== null) ?? [];

  const take = (came: Imported) => {
    setProblems(came.problems);
    setCopies(came.copies ?? null);
  };
  const create = async () => {
    const outing = newOuting(newId(), nowIso());
    try {
      await saveOuting(outing);
    } catch (error) {
      setProblems([`No outing was begun: ${trouble(error)}.`]);
      return;
    }
    askToKeep();
    await navigate(`/outing/${outing.id}`);
  };

  return (
    <main className="mx-auto max-w-5xl px-4 py-7">
      <Suspense fallback={<div className="mb-8 min-h-[25rem]" />}>
        <StartHere onProblem={(problem) => setProblems([problem])} />
      </Suspense>

      <div className="mb-3 flex flex-wrap items-end gap-x-8 gap-y-3">
        <h2 className="text-2xl leading-none font-[700] [font-stretch:72%]">Outings</h2>
        <p className="max-w-sm text-ink-2">
          They stay in this browser, and in the files you export.
          {here?.some(({ id }) => id === DEMO_ID) && (
            <>
              {' '}
              <Link to={stopAt(1)} className="font-[620] text-ink underline underline-offset-2">
                Look round the demo trip in {STOPS.length} steps
              </Link>
            </>
          )}
        </p>
        <div className="ml-auto flex gap-2">
          <ReadCodes onText={(text) => void importText(text, 'What was read').then(take)} />
          <button type="button" className="action" onClick={() => file.current?.click()}>
            <FileUp size={16} aria-hidden /> Import
          </button>
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            tabIndex={-1}
            aria-label="Outing file to import"
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              event.target.value = '';
              if (!chosen) return;
              void importOuting(chosen).then(take);
            }}
          />
          <button type="button" className="action action-main" onClick={() => void create()}>
            <Plus size={16} aria-hidden /> New outing
          </button>
        </div>
      </div>

      {problems.length > 0 && (
        <div role="alert" className="mb-5 border-l-4 border-hivis bg-sheet p-3">
          <ul className="space-y-1 wrap-anywhere">
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
          <button type="button" className="action mt-2" onClick={() => setProblems([])}>
            Close
          </button>
        </div>
      )}

      {copies && (
        <JoinCopies copies={copies} onDone={() => setCopies(null)} onProblem={(problem) => setProblems([problem])} />
      )}

      {!here && <p className="caption">Opening…</p>}
      {here?.length === 0 && (
        <p className="border border-dashed border-hair-strong p-8 text-center text-ink-2">
          Nothing planned yet. Start a new outing, or import a file ({OUTING_FORMAT}).
        </p>
      )}
      {here && here.length > 0 && <OutingTable stored={here} onProblem={(problem) => setProblems([problem])} />}
      {inBin.length > 0 && <Bin stored={inBin} />}
    </main>
  );
}
