import type { RefObject } from 'react';

/** The field of files behind a button, which clicks it; gives each file once, the same one again too. */
export function HiddenFile({
  input,
  label,
  accept,
  onFile,
}: {
  readonly input: RefObject<HTMLInputElement | null>;
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}) {
  return (
    <input
      ref={input}
      type="file"
      accept={accept}
      className="sr-only"
      tabIndex={-1}
      aria-label={label}
      onChange={(event) => {
        const file = event.target.files?.[0];
        event.target.value = '';
        if (file) onFile(file);
      }}
    />
  );
}
