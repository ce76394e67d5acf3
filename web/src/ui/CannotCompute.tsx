/** What the computation could not do, in its corner until it can. */
export function CannotCompute({ problem }: { readonly problem: string | null | undefined }) {
  if (!problem) return null;
  return (
    <p role="alert" className="fixed right-4 bottom-4 max-w-md border-2 border-ink bg-sheet p-3">
      Cannot compute this: {problem}
    </p>
  );
}
