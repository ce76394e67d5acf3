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

/** Shown where a screen fails; what was typed is saved already. */
export function Trouble() {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 text-2xl font-[660]">This screen failed</h1>
      <p className="mb-2 text-ink-2">Your outings are saved. What it says:</p>
      <pre className="reading mb-4 border-l-2 border-hair-strong pl-3 whitespace-pre-wrap">
        {error instanceof Error ? error.message : String(error)}
      </pre>
      <a className="action action-main" href="/">
        All outings
      </a>
    </main>
  );
}
