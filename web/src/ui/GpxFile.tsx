import { Route } from 'lucide-react';

/** Asks for a recorded track; the same file can be given again. */
export const GpxFile = ({ label, onFile }: { readonly label: string; readonly onFile: (file: File) => void }) => (
  <label className="action inline-flex cursor-pointer focus-within:outline-2">
    <Route size={15} aria-hidden /> {label}
    <input
      type="file"
      accept=".gpx,application/gpx+xml"
      className="sr-only"
      onChange={(event) => {
        const file = event.target.files?.[0];
        if (file) onFile(file);
        event.target.value = '';
      }}
    />
  </label>
);
