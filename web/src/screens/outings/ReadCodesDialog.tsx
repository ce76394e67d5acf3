import { ImageUp, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { showCamera } from '../../devices/liveCamera';
import type { ReadCodes as Read } from '../../formats/shareCodes/shareCodes';
import { ReadCodesButton } from './ReadCodesButton';

/** Pictures of codes that are read at once. */
const LOOK_EVERY_MS = 150;
const WIDEST_PX = 1280;

interface ReadCodesDialogProps {
  readonly onText: (text: string) => void;
}

/** Reads the codes of another screen with this machine's camera, or from pictures of them. */
export function ReadCodesDialog({ onText }: ReadCodesDialogProps) {
  const [open, setOpen] = useState(true);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <ReadCodesButton />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[96dvh] w-[min(32rem,96vw)] -translate-1/2 overflow-y-auto border-2 border-ink bg-sheet p-4">
          <div className="flex items-start justify-between gap-3">
            <Dialog.Title className="text-xl font-[700]">Read codes</Dialog.Title>
            <Dialog.Close className="action action-quiet" aria-label="Close">
              <X size={18} aria-hidden />
            </Dialog.Close>
          </div>
          {open && (
            <Reader
              onText={(text) => {
                setOpen(false);
                onText(text);
              }}
            />
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Draws what is shown to pixels and looks for a code in them. @returns its text; null where there is none */
async function codeIn(shown: HTMLVideoElement | ImageBitmap): Promise<string | null> {
  const [width, height] =
    shown instanceof HTMLVideoElement ? [shown.videoWidth, shown.videoHeight] : [shown.width, shown.height];
  if (!(width > 0)) return null;
  const scale = Math.min(1, WIDEST_PX / width);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(width * scale), Math.round(height * scale)];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(shown, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  const { default: jsQR } = await import('jsqr');
  return jsQR(data, canvas.width, canvas.height)?.data ?? null;
}

function Reader({ onText }: ReadCodesDialogProps) {
  const video = useRef<HTMLVideoElement>(null);
  const read = useRef<Read | null>(null);
  const [progress, setProgress] = useState<{ have: number; of: number } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [camera, setCamera] = useState<'asking' | 'on' | 'none'>('asking');
  const done = useRef(onText);
  useEffect(() => {
    done.current = onText;
  });

  const take = useRef(async (text: string): Promise<void> => {
    const { takeCode } = await import('../../formats/shareCodes/shareCodes');
    const step = takeCode(read.current, text);
    if (step.kind === 'problem') setProblem(`Not taken: ${step.because}.`);
    else setProblem(null);
    if (step.kind === 'whole') done.current(step.text);
    if (step.kind !== 'more') return;
    read.current = step.read;
    setProgress({ have: step.read.pieces.size, of: step.read.count });
  });

  useEffect(() => {
    let gone = false;
    let end = () => {};
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async () => {
      const element = video.current;
      const text = element && (await codeIn(element));
      if (gone) return;
      if (text) await take.current(text);
      timer = setTimeout(() => void look(), LOOK_EVERY_MS);
    };
    const begin = async () => {
      try {
        end = await showCamera(() => video.current);
        if (gone) return end();
        setCamera('on');
        void look();
      } catch {
        if (!gone) setCamera('none');
      }
    };
    void begin();
    return () => {
      gone = true;
      clearTimeout(timer);
      end();
    };
  }, []);

  const pictures = async (files: FileList) => {
    for (const file of files) {
      try {
        const bitmap = await createImageBitmap(file);
        const text = await codeIn(bitmap);
        bitmap.close();
        if (text) await take.current(text);
        else
          setProblem(`There is no code in ${file.name}, or it is too small or blurred: take it closer, straight on.`);
      } catch {
        setProblem(`${file.name} cannot be shown here. A PNG, JPEG or WebP would do.`);
      }
    }
  };

  return (
    <>
      <Dialog.Description className="text-ink-2">
        Hold the camera in front of the other screen, where &ldquo;To the phone&rdquo; was pressed, so that the code
        fills the picture.
      </Dialog.Description>
      <video
        ref={video}
        muted
        playsInline
        aria-label="What this camera sees"
        className={`my-2 aspect-square w-full border border-hair-strong bg-ink object-cover ${camera === 'on' ? '' : 'hidden'}`}
      />
      {camera === 'none' && (
        <p role="status" className="my-2 border-l-4 border-ink p-2">
          No camera here, or it was not allowed. Choose pictures of the codes instead.
        </p>
      )}
      <p role="status" className="text-lg font-[640]" data-testid="codes-read">
        {progress ? `${progress.have} of ${progress.of} read` : 'Nothing read yet'}
      </p>
      {problem && <p role="alert">{problem}</p>}
      <label className="action mt-2 inline-flex cursor-pointer focus-within:outline-2">
        <ImageUp size={16} aria-hidden /> Choose pictures of codes
        <input
          type="file"
          accept="image/*"
          multiple
          className="sr-only"
          aria-label="Pictures of codes"
          onChange={(event) => {
            if (event.target.files) void pictures(event.target.files);
          }}
        />
      </label>
    </>
  );
}
