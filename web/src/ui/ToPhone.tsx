import { partOfOuting, serialiseOuting, type Outing } from '@strut-spot/core';
import { ChevronLeft, ChevronRight, FileDown, Pause, Play, QrCode, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { download, fileNameOf } from '../devices/download';

interface ToPhoneProps {
  readonly outing: Outing;
  readonly shotIds: readonly string[];
  /** What goes: "this shot", "day 2". */
  readonly what: string;
}

/** Takes shots from this screen to a telephone without any network: as codes that its camera reads, or as a file. */
export function ToPhone({ outing, shotIds, what }: ToPhoneProps) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="action">
        <QrCode size={16} aria-hidden /> To the phone
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[96dvh] w-[min(36rem,96vw)] -translate-1/2 overflow-y-auto border-2 border-ink bg-sheet p-4">
          <div className="flex items-start justify-between gap-3">
            <Dialog.Title className="text-xl font-[700]">Take {what} along</Dialog.Title>
            <Dialog.Close className="action action-quiet" aria-label="Close">
              <X size={18} aria-hidden />
            </Dialog.Close>
          </div>
          {open && <Codes outing={outing} shotIds={shotIds} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const NEXT_MS = 1600;
const still = () => matchMedia('(prefers-reduced-motion: reduce)').matches;

function Codes({ outing, shotIds }: Omit<ToPhoneProps, 'what'>) {
  const [text] = useState(() => serialiseOuting(partOfOuting(outing, shotIds)));
  const [codes, setCodes] = useState<readonly string[] | null | undefined>(undefined);
  const [problem, setProblem] = useState<string | null>(null);
  const [at, setAt] = useState(0);
  const [running, setRunning] = useState(() => !still());
  useEffect(() => {
    let gone = false;
    const draw = async () => {
      const [{ toCodes }, { toDataURL }] = await Promise.all([
        import('../formats/shareCodes/shareCodes'),
        import('qrcode'),
      ]);
      const parts = toCodes(text);
      const drawn =
        parts &&
        (await Promise.all(parts.map((part) => toDataURL(part, { errorCorrectionLevel: 'M', margin: 4, width: 520 }))));
      if (!gone) setCodes(drawn);
    };
    draw().catch((error: unknown) => !gone && setProblem((error as Error).message));
    return () => {
      gone = true;
    };
  }, [text]);
  const count = codes?.length ?? 0;
  useEffect(() => {
    if (!running || count < 2) return;
    const next = setInterval(() => setAt((n) => (n + 1) % count), NEXT_MS);
    return () => clearInterval(next);
  }, [running, count]);
  const step = (by: number) => {
    setRunning(false);
    setAt((at + by + count) % count);
  };
  return (
    <>
      <Dialog.Description className="text-ink-2">
        On the phone open Strut Spot, choose &ldquo;Read codes&rdquo; on the outings, and hold it in front of this
        screen
        {count > 1 ? ` until it has all ${count}` : ''}. Clips and log stay here; what you log there is joined with it
        later, by a file.
      </Dialog.Description>
      {problem && <p role="alert">The codes could not be drawn: {problem}. Save it as a file instead.</p>}
      {codes === null && (
        <p role="alert" className="my-3 border-l-4 border-hivis p-2">
          That is too much for codes: take fewer shots, or save it as a file.
        </p>
      )}
      {codes === undefined && !problem && <p className="caption py-24 text-center">Drawing…</p>}
      {codes && (
        <img
          src={codes[at]}
          alt={`Code ${at + 1} of ${count}`}
          className="mx-auto my-2 w-full max-w-[27rem] bg-white"
          data-testid="share-code"
        />
      )}
      <div className="flex flex-wrap items-center justify-between gap-2">
        {count > 1 ? (
          <div className="flex items-center gap-1">
            <button type="button" className="action" aria-label="Code before" onClick={() => step(-1)}>
              <ChevronLeft size={16} aria-hidden />
            </button>
            <button type="button" className="action" onClick={() => setRunning(!running)}>
              {running ? <Pause size={15} aria-hidden /> : <Play size={15} aria-hidden />}
              {running ? 'Pause' : 'Go on'}
            </button>
            <button type="button" className="action" aria-label="Next code" onClick={() => step(1)}>
              <ChevronRight size={16} aria-hidden />
            </button>
            <span className="reading ml-1">
              {at + 1} of {count}
            </span>
          </div>
        ) : (
          <span />
        )}
        <button
          type="button"
          className="action"
          onClick={() => download(`${fileNameOf(outing.name)}-part.json`, text, 'application/json')}
        >
          <FileDown size={16} aria-hidden /> Save as a file
        </button>
      </div>
    </>
  );
}
