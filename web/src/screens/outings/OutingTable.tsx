import { serialiseOuting, type Outing } from '@strut-spot/core';
import { Copy, FileDown, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { say } from '../../state/say';
import { download, fileNameOf } from '../../devices/download';
import { copyName } from '../../state/copyName';
import { newId, nowIso } from '../../state/newId';
import { putIntoBin, takeOutOfBin } from '../../storage/bin';
import { saveOuting, type StoredOuting } from '../../storage/outings';
import { IconAction } from '../../ui/IconAction';
import { OutingPicture } from './OutingPicture';
import { trouble } from '../../storage/trouble';
import { dayWords } from '../../words/dates';

interface OutingTableProps {
  readonly stored: readonly StoredOuting[];
  readonly onProblem: (problem: string) => void;
}

/** The outings of this browser; one that cannot be read stands among them with its reason. */
export function OutingTable({ stored, onProblem }: OutingTableProps) {
  const duplicate = async (outing: Outing) => {
    const now = nowIso();
    try {
      await saveOuting({ ...outing, id: newId(), name: copyName(outing.name), createdAt: now, changedAt: now });
    } catch (error) {
      onProblem(`No copy was made: ${trouble(error)}.`);
    }
  };
  const remove = async (id: string, name: string) => {
    try {
      await putIntoBin(id, nowIso());
    } catch (error) {
      return onProblem(`${name} was not deleted: ${trouble(error)}.`);
    }
    say(`${name} is in the bin.`, { action: { label: 'Undo', onClick: () => void takeOutOfBin(id) } });
  };
  return (
    <table className="w-full table-fixed border-collapse bg-sheet">
      <colgroup>
        <col className="w-28 max-sm:w-26" />
        <col />
        <col className="w-40 max-sm:hidden" />
        <col className="w-56 max-sm:hidden" />
        <col className="w-16 max-sm:hidden" />
        <col className="w-36" />
      </colgroup>
      <thead>
        <tr className="border-y-2 border-ink text-left">
          {['Outing', 'Date', 'Place', 'Shots'].map((head, i) => (
            <th
              key={head}
              scope="col"
              colSpan={i === 0 ? 2 : 1}
              className={`caption px-3 py-1.5 font-[620] max-sm:px-1.5 ${i === 0 ? '' : 'max-sm:hidden'}`}
            >
              {head}
            </th>
          ))}
          <th scope="col">
            <span className="sr-only">Actions</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {stored.map((one) =>
          one.kind === 'readable' ? (
            <tr key={one.id} className="border-b border-hair hover:bg-paper-2">
              <td className="py-1 pl-1">
                <OutingPicture outing={one.outing} />
              </td>
              <td className="px-3 max-sm:px-1.5">
                <Link
                  to={`/outing/${one.id}`}
                  className="block py-2 text-[1.05rem] font-[620] wrap-anywhere underline decoration-hair underline-offset-4 hover:decoration-hivis"
                >
                  {one.outing.name || 'Unnamed'}
                </Link>
                <p className="-mt-1 pb-1 text-ink-2 sm:hidden">
                  {dayWords(one.outing.date)}, {one.outing.shots.length}{' '}
                  {one.outing.shots.length === 1 ? 'shot' : 'shots'}
                </p>
              </td>
              <td className="reading px-3 py-2 max-sm:hidden">{dayWords(one.outing.date)}</td>
              <td className="px-3 wrap-anywhere text-ink-2 max-sm:hidden">{one.outing.place}</td>
              <td className="reading px-3 max-sm:hidden">{one.outing.shots.length}</td>
              <td className="text-right whitespace-nowrap">
                <IconAction
                  name="Export"
                  label={`Export ${one.outing.name}`}
                  icon={<FileDown size={16} aria-hidden />}
                  onClick={() =>
                    download(`${fileNameOf(one.outing.name)}.json`, serialiseOuting(one.outing), 'application/json')
                  }
                />
                <IconAction
                  name="Duplicate"
                  label={`Duplicate ${one.outing.name}`}
                  icon={<Copy size={16} aria-hidden />}
                  onClick={() => void duplicate(one.outing)}
                />
                <IconAction
                  name="Delete"
                  label={`Delete ${one.outing.name}`}
                  icon={<Trash2 size={16} aria-hidden />}
                  onClick={() => void remove(one.id, `"${one.outing.name}"`)}
                />
              </td>
            </tr>
          ) : (
            <tr key={one.id} className="border-b border-hair">
              <td colSpan={5} className="border-l-4 border-hivis px-3 py-2 wrap-anywhere">
                <span className="block font-[620]">
                  {nameIn(one.document)} cannot be opened: it lies here as it was.
                </span>
                <span className="text-ink-2">{one.problems.slice(0, 2).join(' ')}</span>
              </td>
              <td className="text-right whitespace-nowrap">
                <IconAction
                  name="Save as a file"
                  label="Save as a file the outing that cannot be opened"
                  icon={<FileDown size={16} aria-hidden />}
                  onClick={() => download('outing.json', JSON.stringify(one.document, null, 2), 'application/json')}
                />
                <IconAction
                  name="Delete"
                  label="Delete the outing that cannot be opened"
                  icon={<Trash2 size={16} aria-hidden />}
                  onClick={() => void remove(one.id, 'It')}
                />
              </td>
            </tr>
          ),
        )}
      </tbody>
    </table>
  );
}

/** The name of an outing that cannot be read, as far as there is one. */
const nameIn = (document: unknown): string => {
  const name = (document as { name?: unknown } | null)?.name;
  return typeof name === 'string' && name !== '' ? `"${name.slice(0, 120)}"` : 'An outing';
};
