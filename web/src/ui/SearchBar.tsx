import { Search } from 'lucide-react';
import { useId } from 'react';

interface SearchBarProps {
  readonly what: string;
  readonly words: string;
  readonly onWords: (words: string) => void;
  readonly filters: readonly { readonly id: string; readonly name: string }[];
  readonly filter: string;
  readonly onFilter: (id: string) => void;
  readonly found: number;
}

/** Words and one filter over a list, with how many are left. */
export function SearchBar({ what, words, onWords, filters, filter, onFilter, found }: SearchBarProps) {
  const id = useId();
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
      <div className="flex items-center gap-2">
        <Search size={16} aria-hidden />
        <label htmlFor={id} className="sr-only">
          Search {what}
        </label>
        <input
          id={id}
          type="search"
          className="field w-52"
          placeholder={`Search ${what}`}
          value={words}
          onChange={(event) => onWords(event.target.value)}
        />
      </div>
      <div role="radiogroup" aria-label={`Kind of ${what}`} className="flex flex-wrap pt-px pl-px">
        {filters.map(({ id: value, name }) => (
          <button
            key={value}
            type="button"
            role="radio"
            aria-checked={value === filter}
            className={`label -mt-px -ml-px border border-hair-strong px-2.5 py-1 font-[600] max-lg:min-h-touch ${value === filter ? 'bg-ink text-paper' : 'hover:bg-paper-2'}`}
            onClick={() => onFilter(value)}
          >
            {name}
          </button>
        ))}
      </div>
      <p aria-live="polite" className="reading text-ink-2">
        {found}
      </p>
    </div>
  );
}
