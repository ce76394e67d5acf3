import { newOuting, OUTING_FORMAT, serialiseOuting, type Outing } from '@strut-spot/core';
import { format, parseISO } from 'date-fns';
import { Copy, FileDown, FileUp, Plus, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { download, fileNameOf } from '../../devices/download';
import { newId, nowIso } from '../../state/newId';
import { computing } from '../../workers/core';
import { readOuting, removeOuting, saveOuting, useOutings } from '../../storage/outings';

const dayOf = (date: string): string => {
  const day = parseISO(date);
  return Number.isNaN(day.getTime()) ? date : format(day, 'EEE d MMM yyyy');
};

const LARGEST_FILE_BYTES = 8_000_000;

export function OutingsScreen() {
  const outings = useOutings();
  const navigate = useNavigate();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const file = useRef<HTMLInputElement>(null);

  const create = async () => {
    const outing = newOuting(newId(), nowIso());
    await saveOuting(outing);
    await navigate(`/outing/${outing.id}`);
  };
  const duplicate = async (outing: Outing) => {
    const now = nowIso();
    await saveOuting({
      ...outing,
      id: newId(),
      name: `${outing.name} (copy)`.slice(0, 120),
      createdAt: now,
      changedAt: now,
    });
  };
  const remove = async (outing: Outing) => {
    await removeOuting(outing.id);
    toast(`"${outing.name}" is deleted.`, { action: { label: 'Undo', onClick: () => void saveOuting(outing) } });
  };
  const importFile = async (chosen: File) => {
    if (chosen.size > LARGEST_FILE_BYTES) {
      setProblems([
        `${chosen.name} has ${(chosen.size / 1e6).toFixed(1)} MB; an outing has at most ${LARGEST_FILE_BYTES / 1e6} MB.`,
      ]);
      return;
    }
    const parsed = await computing.parseOuting(await chosen.text());
    if (!parsed.ok) {
      setProblems([`${chosen.name} was not imported, nothing is changed.`, ...parsed.problems]);
      return;
    }
    setProblems([]);
    const taken = (await readOuting(parsed.value.id)) !== undefined;
    // One that is here already stays: the imported one comes beside it.
    const outing = taken
      ? { ...parsed.value, id: newId(), name: `${parsed.value.name} (imported)`.slice(0, 120) }
      : parsed.value;
    await saveOuting(outing);
    toast(`"${outing.name}" is imported.`);
  };

  return (
    <main className="mx-auto max-w-5xl px-4 py-7">
      <div className="mb-5 flex flex-wrap items-end gap-x-8 gap-y-3">
        <h1 className="text-4xl leading-none font-[700] [font-stretch:70%]">Outings</h1>
        <p className="max-w-md text-ink-2">
          A day or a trip: who rides what, which shots, where each camera goes. All of it stays in this browser and in
          the files you export.
        </p>
        <div className="ml-auto flex gap-2">
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
              if (chosen) void importFile(chosen);
            }}
          />
          <button type="button" className="action action-main" onClick={() => void create()}>
            <Plus size={16} aria-hidden /> New outing
          </button>
        </div>
      </div>

      {problems.length > 0 && (
        <div role="alert" className="mb-5 border-l-4 border-hivis bg-sheet p-3">
          <ul className="space-y-1">
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
          <button type="button" className="action mt-2" onClick={() => setProblems([])}>
            Close
          </button>
        </div>
      )}

      {outings?.length === 0 && (
        <p className="border border-dashed border-hair-strong p-8 text-center text-ink-2">
          Nothing planned yet. Start a new outing, or import a file ({OUTING_FORMAT}).
        </p>
      )}
      {outings && outings.length > 0 && (
        <table className="w-full border-collapse bg-sheet">
          <thead>
            <tr className="border-y-2 border-ink text-left">
              {['Date', 'Outing', 'Place', 'Shots'].map((head) => (
                <th key={head} scope="col" className="caption px-3 py-1.5 font-[620] max-sm:[&:nth-child(3)]:hidden">
                  {head}
                </th>
              ))}
              <th scope="col">
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {outings.map((outing) => (
              <tr key={outing.id} className="border-b border-hair hover:bg-paper-2">
                <td className="reading px-3 py-2 whitespace-nowrap">{dayOf(outing.date)}</td>
                <td className="px-3">
                  <Link
                    to={`/outing/${outing.id}`}
                    className="block py-2 text-[1.05rem] font-[620] underline decoration-hair underline-offset-4 hover:decoration-hivis"
                  >
                    {outing.name || 'Unnamed'}
                  </Link>
                </td>
                <td className="px-3 text-ink-2 max-sm:hidden">{outing.place}</td>
                <td className="reading px-3">{outing.shots.length}</td>
                <td className="text-right whitespace-nowrap">
                  <button
                    type="button"
                    className="action action-quiet"
                    aria-label={`Export ${outing.name}`}
                    title="Export"
                    onClick={() =>
                      download(`${fileNameOf(outing.name)}.json`, serialiseOuting(outing), 'application/json')
                    }
                  >
                    <FileDown size={16} aria-hidden />
                  </button>
                  <button
                    type="button"
                    className="action action-quiet"
                    aria-label={`Duplicate ${outing.name}`}
                    title="Duplicate"
                    onClick={() => void duplicate(outing)}
                  >
                    <Copy size={16} aria-hidden />
                  </button>
                  <button
                    type="button"
                    className="action action-quiet"
                    aria-label={`Delete ${outing.name}`}
                    title="Delete"
                    onClick={() => void remove(outing)}
                  >
                    <Trash2 size={16} aria-hidden />
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </main>
  );
}
