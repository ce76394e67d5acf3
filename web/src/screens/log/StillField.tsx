import { ImagePlus, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { LARGEST_STILL, smallStill } from '../../storage/stills';
import { HiddenFile } from '../../ui/HiddenFile';

export interface SmallStill {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A still of the take: made small, and kept in this browser with the entry. */
export function StillField({
  still,
  onStill,
}: {
  readonly still: SmallStill | null;
  readonly onStill: (still: SmallStill | null) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File) => {
    setProblem(null);
    try {
      if (file.size > LARGEST_STILL)
        throw new Error(`it has ${Math.round(file.size / 1e6)} MB; at most ${LARGEST_STILL / 1e6} MB are read`);
      onStill({ name: file.name, bytes: await smallStill(file) });
    } catch (error) {
      setProblem(`${file.name}: ${(error as Error).message}.`);
    }
  };
  return (
    <div>
      <span className="caption block">A still of it</span>
      <HiddenFile input={input} label="Still of the take" accept="image/*" onFile={(file) => void take(file)} />
      {still ? (
        <p className="flex items-center gap-2">
          <span className="min-w-0 truncate">{still.name}</span>
          <button
            type="button"
            className="action action-quiet"
            aria-label="Leave the still out"
            onClick={() => onStill(null)}
          >
            <X size={15} aria-hidden />
          </button>
        </p>
      ) : (
        <button type="button" className="action" onClick={() => input.current?.click()}>
          <ImagePlus size={16} aria-hidden /> Choose a picture
        </button>
      )}
      <p className="text-[0.9rem] text-ink-2">Made small and kept in this browser; it goes into no file.</p>
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}
