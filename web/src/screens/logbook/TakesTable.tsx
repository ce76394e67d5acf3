import { WHY_NOT_WORDS, type LogRow } from '@strut-spot/core';
import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  filterFn_includesString,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
  type ReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { Link } from 'react-router';

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
  filterFns: { includesString: filterFn_includesString },
});
const helper = createColumnHelper<typeof features, LogRow>();
const HELD = { held: 'held', slipped: 'slipped', lost: 'lost' } as const;
const USABLE = { yes: 'yes', partly: 'partly', no: 'no' } as const;

const columns = helper.columns([
  helper.accessor(({ entry }) => entry.at.slice(0, 16).replace('T', ' '), {
    id: 'at',
    header: 'When',
    sortFn: 'alphanumeric',
  }),
  helper.accessor(({ shot, outing }) => `${shot}, ${outing}`, {
    id: 'shot',
    header: 'Shot',
    sortFn: 'alphanumeric',
    cell: ({ row: { original } }) => (
      <Link
        className="font-[620] underline decoration-hair underline-offset-4 hover:decoration-hivis"
        to={`/outing/${original.outingId}/shot/${original.shotId}/log`}
      >
        {original.shot}
      </Link>
    ),
  }),
  helper.accessor(({ carrier, place }) => `${carrier}: ${place.toLowerCase()}`, {
    id: 'place',
    header: 'Place',
    sortFn: 'alphanumeric',
  }),
  helper.accessor('base', { header: 'Base', sortFn: 'alphanumeric' }),
  helper.accessor('ground', { header: 'Ground', sortFn: 'alphanumeric' }),
  helper.accessor(({ entry }) => (entry.done ? USABLE[entry.usable] : 'not filmed'), {
    id: 'usable',
    header: 'Usable',
    sortFn: 'alphanumeric',
  }),
  helper.accessor(
    ({ entry }) =>
      [
        ...(entry.whyNot ?? []).map((why) => WHY_NOT_WORDS[why].name),
        entry.held === 'held' ? '' : HELD[entry.held],
        entry.lens && entry.lens !== 'clean' ? `lens: ${entry.lens}` : '',
        entry.note,
      ]
        .filter(Boolean)
        .join(', '),
    { id: 'why', header: 'Why, and what else', enableSorting: false },
  ),
]);

/** Takes with a search over all that is written of them, sorted by any column; what is left is told to whoever draws trends of it. */
export const useTakes = (rows: readonly LogRow[]) =>
  useTable({
    features,
    columns,
    data: rows as LogRow[],
    globalFilterFn: 'includesString',
    initialState: { sorting: [{ id: 'at', desc: true }] },
  });

export function TakesTable({ table }: { readonly table: ReactTable<typeof features, LogRow> }) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Takes">
      <table className="w-full border-collapse bg-sheet text-left">
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-y-2 border-ink">
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted();
                return (
                  <th
                    key={header.id}
                    scope="col"
                    className="caption px-2 py-1"
                    aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
                  >
                    {header.column.getCanSort() ? (
                      <button
                        type="button"
                        className="flex min-h-6 items-center gap-1 uppercase max-lg:min-h-touch"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        <table.FlexRender header={header} />
                        {sorted === 'asc' && <ArrowUp size={13} aria-hidden />}
                        {sorted === 'desc' && <ArrowDown size={13} aria-hidden />}
                      </button>
                    ) : (
                      <table.FlexRender header={header} />
                    )}
                  </th>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map((row) => (
            <tr key={row.original.entry.id} className="border-b border-hair align-top hover:bg-paper-2">
              {row.getAllCells().map((cell) => (
                <td
                  key={cell.id}
                  className={`px-2 py-1.5 ${cell.column.id === 'at' ? 'reading whitespace-nowrap' : ''}`}
                >
                  <table.FlexRender cell={cell} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
