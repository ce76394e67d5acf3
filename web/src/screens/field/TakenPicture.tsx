import { applyCorrection, type ClipMarks, type ClipResult, type Shot, type ShotQuestion } from '@strut-spot/core';
import { Camera, Video } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { newId, nowIso } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { correctionSteps, isHeld, nowReads } from '../../ui/correctionWords';
import { pixelsOf } from '../../ui/pixelsOf';
import { computing } from '../../workers/core';
import { HiddenFile } from '../../ui/HiddenFile';
import { LivePicture } from './LivePicture';

/** The camera of the kit that this machine may itself be. */
const PHONE = 'phone';

interface TakenPictureProps {
  readonly shot: Shot;
  readonly question: ShotQuestion;
  /** Called with each picture that is chosen. */
  readonly onTaken: (file: File) => void;
}

/** Its horizon, and what follows from it; null = none was found. */
type Read = { readonly marks: { left: [number, number]; right: [number, number] }; readonly result: ClipResult } | null;

/** The still that was really taken, or what is seen at the moment, under the one that was wanted: its horizon is found, and what to turn is told. */
export function TakenPicture({ shot, question, onTaken }: TakenPictureProps) {
  const { changeShot } = useOuting();
  const input = useRef<HTMLInputElement>(null);
  const [url, setUrl] = useState<string | null>(null);
  const [read, setRead] = useState<Read | undefined>(undefined);
  const [problem, setProblem] = useState<string | null>(null);
  const [live, setLive] = useState(false);
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);

  const look = async (image: HTMLImageElement) => {
    const pixels = pixelsOf(image);
    if (!pixels) return;
    setRead(undefined);
    try {
      const found = await computing.findHorizon(question, pixels);
      if (found.kind !== 'found') return setRead(null);
      const size = await computing.pictureSize(question);
      const pixel = ([x, y]: readonly [number, number]) => ({ u: x * size.widthPx, v: y * size.heightPx });
      const marks: ClipMarks = { left: pixel(found.left), right: pixel(found.right) };
      setRead({
        marks: { left: [...found.left], right: [...found.right] },
        result: await computing.correct(question, marks),
      });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const apply = () => {
    if (read?.result.kind !== 'correction') return;
    const { result, marks } = read;
    changeShot(shot.id, (s) => applyCorrection(s, question.rig, result, { id: newId(), at: nowIso(), marks }));
    setUrl(null);
    setRead(undefined);
    toast(`Set: ${nowReads(result)}. Level it again.`);
  };
  const choose = (file: File) => {
    setProblem(null);
    setRead(undefined);
    if (!file.type.startsWith('image/')) {
      setProblem(`${file.name} is no picture. A PNG, JPEG or WebP would do.`);
      return;
    }
    setLive(false);
    setUrl(URL.createObjectURL(file));
    onTaken(file);
  };
  return (
    <section aria-label="The picture it gave" className="mt-1">
      <HiddenFile input={input} label="Still of the camera" accept="image/*" onFile={choose} />
      {live && <LivePicture onTake={question.setUp.cameraId === PHONE ? choose : null} onEnd={() => setLive(false)} />}
      {url && !live && (
        <img
          src={url}
          alt="The picture it gave"
          className="aspect-video w-full border border-hair-strong bg-paper-2 object-contain"
          onLoad={(event) => void look(event.currentTarget)}
          onError={() => setProblem('This picture cannot be shown here. A PNG, JPEG or WebP would do.')}
        />
      )}
      {url && !live && (
        <p role="status" className="text-lg leading-snug" data-testid="taken-says">
          {read === undefined && !problem && 'Looking for the horizon…'}
          {read === null && 'No clear horizon in it: mark it by hand under Test clip.'}
          {read?.result.kind === "can't say" && `Can't say: ${read.result.because}.`}
          {read?.result.kind === 'correction' && correctionSteps(read.result, isHeld(question))}
        </p>
      )}
      {problem && (
        <p role="alert" className="text-lg">
          {problem}
        </p>
      )}
      <div className={`mt-1 flex flex-wrap gap-2 ${live ? 'hidden' : ''}`}>
        <button type="button" className="action min-h-touch" onClick={() => setLive(true)}>
          <Video size={18} aria-hidden /> Live picture
        </button>
        <button type="button" className="action min-h-touch" onClick={() => input.current?.click()}>
          <Camera size={18} aria-hidden /> {url ? 'Another still' : 'Compare with a still of the camera'}
        </button>
        {read?.result.kind === 'correction' && (
          <button type="button" className="action action-main min-h-touch" onClick={apply}>
            Apply it
          </button>
        )}
      </div>
    </section>
  );
}
