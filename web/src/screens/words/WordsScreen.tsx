import { VerdictLegend } from '../../ui/VerdictLegend';
import { WORDS } from '../../ui/words/explained';

/** All words that can be asked for, in one place. */
export function WordsScreen() {
  return (
    <main className="mx-auto max-w-5xl px-4 py-6">
      <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Words</h1>
      <p className="mt-1 mb-4 max-w-2xl text-ink-2">
        What the sheets mean by them. Where one of them is underlined with dots, press it.
      </p>
      <div className="mb-4 border border-hair bg-sheet p-3">
        <VerdictLegend />
      </div>
      <dl className="grid grid-cols-[minmax(0,1fr)] border-t border-l border-hair sm:grid-cols-2 lg:grid-cols-3">
        {Object.entries(WORDS).map(([id, { term, text, Drawing }]) => (
          <div key={id} className="border-r border-b border-hair bg-sheet p-3">
            <dt className="mb-2 text-[1.1rem] font-[680]">{term}</dt>
            <dd className="space-y-2">
              <Drawing />
              <p>{text}</p>
            </dd>
          </div>
        ))}
      </dl>
    </main>
  );
}
