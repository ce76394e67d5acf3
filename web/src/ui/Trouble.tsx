import { Link, useRouteError } from 'react-router';

export function NotFound({ what }: { what: string }) {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 text-2xl font-[660]">There is no such {what} here</h1>
      <p className="mb-4 text-ink-2">
        It may have been deleted, or the address belongs to another browser: data stays in the browser it was made in.
      </p>
      <Link className="action action-main" to="/">
        All outings
      </Link>
    </main>
  );
}

/** What browsers say when a part of the program is not where it was: a newer build took its place, or the server is gone. */
const NOT_LOADED = /dynamically imported module|importing a module script failed|error loading dynamically/i;

/** Shown where a screen fails; what was typed is saved already, or told otherwise above. */
export function Trouble() {
  const error = useRouteError();
  const message = error instanceof Error ? error.message : String(error);
  const missing = NOT_LOADED.test(message);
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 text-2xl font-[660]">
        {missing ? 'A part of the program could not be loaded' : 'This screen failed'}
      </h1>
      <p className="mb-2 text-ink-2">
        {missing
          ? 'There may be a newer version, or no connection. Your outings are in this browser as they were.'
          : 'Your outings are in this browser as they were. What it says:'}
      </p>
      {!missing && <pre className="reading mb-4 border-l-2 border-hair-strong pl-3 whitespace-pre-wrap">{message}</pre>}
      <div className="flex gap-2">
        <button type="button" className="action action-main" onClick={() => location.reload()}>
          Reload
        </button>
        <a className="action" href="/">
          All outings
        </a>
      </div>
    </main>
  );
}
