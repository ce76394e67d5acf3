import {
  applyCorrection,
  exposureShown,
  horizonBetween,
  cameraOf,
  resolveRig,
  resolveSetUp,
  tiltWords,
  wantedHorizon,
  type ClipResult,
} from '@strut-spot/core';
import { Camera, ImageUp, ScanLine, Signpost, UserRoundPlus } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { newId, nowIso } from '../../state/newId';
import { useShot } from '../../state/useShot';
import { useStandInStill } from '../../devices/standInCamera';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { ChoiceField } from '../../ui/ChoiceField';
import { ClipPicture, type Marks } from './ClipPicture';
import { ClipResultPanel } from './ClipResultPanel';
import { isHeld, nowReads } from '../../ui/correctionWords';
import { LearntPanel } from './LearntPanel';
import { ShakePanel } from './ShakePanel';
import { pixelsOf } from '../../ui/pixelsOf';
import { HiddenFile } from '../../ui/HiddenFile';
import { momentWords } from '../../words/dates';

interface Clip {
  readonly url: string;
  readonly kind: 'still' | 'video';
  readonly name: string;
}

const LARGEST_BYTES = 2_000_000_000;
const START_MARKS: Marks = { left: [0.15, 0.5], right: [0.85, 0.5] };

type HorizonSearch = 'idle' | 'searching' | 'found' | 'not found' | 'by hand';
const SEARCH_WORDS: Readonly<Record<Exclude<HorizonSearch, 'idle'>, string>> = {
  searching: 'Looking for the horizon…',
  found: 'The horizon was found in the picture. If the line lies elsewhere, drag its ends.',
  'not found': 'No clear horizon in this picture: drag both handles onto it, or take another one with more sky.',
  'by hand': 'Marked by hand.',
};

/** Test clip in, correction out: the horizon is found or marked, and told as degrees and notches. */
export function ClipScreen() {
  const { shot, question, change, setUpFile, rig } = useShot();
  const [clip, setClip] = useState<Clip | null>(null);
  const [marks, setMarks] = useState<Marks>(START_MARKS);
  const [marked, setMarked] = useState(false);
  const [search, setSearch] = useState<HorizonSearch>('idle');
  const [exposure, setExposure] = useState<string | null>(null);
  const [soft, setSoft] = useState(false);
  const byHand = useRef(false);
  const shown = useRef<HTMLImageElement | HTMLVideoElement | null>(null);
  const [size, setSize] = useState<readonly [number, number] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [modeId, setModeId] = useState(shot.setUp.modeId);
  const [stabiliserId, setStabiliserId] = useState(shot.setUp.stabiliserId);
  const [take, setTake] = useState(1);
  const still = useStandInStill();
  const input = useRef<HTMLInputElement>(null);

  useEffect(() => () => (clip?.url.startsWith('blob:') ? URL.revokeObjectURL(clip.url) : undefined), [clip]);

  const camera = cameraOf(rig.ownKit, shot.setUp);
  const mode = camera.modes.find((m) => m.id === modeId) ?? camera.modes[0]!;
  const upright = shot.setUp.mounting.startsWith('portrait');
  const [widthPx, heightPx] = upright
    ? [mode.lens.heightPx, mode.lens.widthPx]
    : [mode.lens.widthPx, mode.lens.heightPx];
  const clipQuestion = { ...question, setUp: { ...question.setUp, modeId: mode.id, stabiliserId } };
  const pixel = ([x, y]: readonly [number, number]) => ({ u: x * widthPx, v: y * heightPx });
  const result = useLatest(
    clip && marked ? JSON.stringify([clipQuestion, marks]) : null,
    async (): Promise<ClipResult> =>
      computing.correct(clipQuestion, {
        left: pixel(marks.left),
        right: pixel(marks.right),
        ...(marks.way ? { way: pixel(marks.way) } : {}),
      }),
  );
  // What the lens makes of a straight horizon: bent, unless it goes through the middle.
  const horizon = horizonBetween(resolveSetUp(rig, clipQuestion.setUp).lens, pixel(marks.left), pixel(marks.right)).map(
    ({ u, v }) => [u / widthPx, v / heightPx] as const,
  );
  const shapeDiffers = size && Math.abs(size[0] / size[1] - widthPx / heightPx) > 0.03 * (widthPx / heightPx);

  const open = (next: Clip) => {
    setClip(next);
    setMarks(START_MARKS);
    setMarked(false);
    byHand.current = false;
    setSearch('idle');
    setExposure(null);
    setSoft(false);
    setSize(null);
    setProblem(null);
  };
  const find = async () => {
    const pixels = shown.current && pixelsOf(shown.current);
    if (!pixels) return;
    setExposure(exposureShown(pixels).words);
    byHand.current = false;
    setSearch('searching');
    void computing.nearFocus(clipQuestion, pixels).then((focus) => setSoft(focus?.soft ?? false));
    try {
      const found = await computing.findHorizon(clipQuestion, pixels);
      if (byHand.current) return;
      if (found.kind === 'found') {
        setMarks((was) => ({ ...was, left: found.left, right: found.right }));
        setMarked(true);
      }
      setSearch(found.kind === 'found' ? 'found' : 'not found');
    } catch {
      if (!byHand.current) setSearch('not found');
    }
  };
  const choose = (file: File) => {
    const kind = file.type.startsWith('image/') ? 'still' : file.type.startsWith('video/') ? 'video' : null;
    if (!kind)
      setProblem(
        `${file.name} is neither a picture nor a video (${file.type || 'unknown kind'}). A PNG, JPEG, WebP, MP4 or WebM would do.`,
      );
    else if (file.size > LARGEST_BYTES)
      setProblem(
        `${file.name} has ${(file.size / 1e9).toFixed(1)} GB; at most ${LARGEST_BYTES / 1e9} GB are read. Cut ten seconds out of it.`,
      );
    else open({ url: URL.createObjectURL(file), kind, name: file.name });
  };
  const practise = async () => {
    try {
      const blob = await still.mutateAsync({ file: setUpFile(), take });
      open({ url: URL.createObjectURL(blob), kind: 'still', name: `stand-in camera, rider ${take}` });
    } catch (error) {
      setProblem(`The stand-in camera gave no picture: ${(error as Error).message}`);
    }
  };
  const apply = () => {
    const value = result.value;
    if (value?.kind !== 'correction') return;
    change((s) => applyCorrection(s, rig, value, { id: newId(), at: nowIso(), marks }));
    setClip(null);
    toast(`Set: ${nowReads(value)}. Take another clip.`);
  };

  const stanceName = resolveRig(rig)
    .machine.stances.find((s) => s.id === shot.actionStanceId)
    ?.name.toLowerCase();
  const band = wantedHorizon(shot)?.band ?? null;
  return (
    <main className="mx-auto grid max-w-7xl gap-5 px-4 py-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <section aria-label="Clip" className="min-w-0">
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-2xl leading-none font-[700] [font-stretch:72%]">Test clip</h1>
          <button type="button" className="action action-main" onClick={() => input.current?.click()}>
            <ImageUp size={16} aria-hidden /> Choose a still or a video
          </button>
          <HiddenFile input={input} label="Test clip file" accept="image/*,video/*" onFile={choose} />
          <button type="button" className="action" disabled={still.isPending} onClick={() => void practise()}>
            <Camera size={16} aria-hidden /> {still.isPending ? 'Filming…' : 'Practise with the stand-in camera'}
          </button>
          <button
            type="button"
            className="action action-quiet"
            aria-label={`Stand-in rider ${take}: take another rider, who leans otherwise`}
            title="Another rider, who leans otherwise"
            onClick={() => setTake((n) => n + 1)}
          >
            rider {take}
            <UserRoundPlus size={15} aria-hidden />
          </button>
        </div>
        {problem && (
          <p role="alert" className="mb-2 border-l-4 border-hivis bg-sheet p-2">
            {problem}
          </p>
        )}
        {clip ? (
          <ClipPicture
            clip={clip}
            marks={marks}
            horizon={horizon}
            wantedHeight={shot.horizonAt}
            band={band}
            onMarks={(next) => {
              setMarks(next);
              setMarked(true);
              byHand.current = true;
              setSearch('by hand');
            }}
            onShown={(picture) => {
              shown.current = picture;
              if (!byHand.current) void find();
            }}
            onSize={setSize}
            onProblem={setProblem}
          />
        ) : (
          <div className="flex aspect-video flex-col items-center justify-center border border-dashed border-hair-strong p-6 text-center">
            <p className="max-w-md text-lg">
              Film ten seconds in {stanceName} on level ground, looking at a far horizon. Bring the clip here: the
              horizon is found in it, and you can drag it where it is not.
            </p>
          </div>
        )}
        {clip && search !== 'idle' && (
          <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
            <p role="status" className="min-w-0 flex-1 max-sm:basis-full" data-testid="horizon-search">
              {SEARCH_WORDS[search]}
            </p>
            {search !== 'searching' && (
              <>
                <button
                  type="button"
                  className="action"
                  aria-pressed={marks.way !== undefined}
                  onClick={() =>
                    setMarks(({ way, ...ends }) =>
                      way ? ends : { ...ends, way: horizon[horizon.length >> 1] ?? [0.5, 0.5] },
                    )
                  }
                >
                  <Signpost size={16} aria-hidden /> {marks.way ? 'Leave the way out' : 'Mark where the way vanishes'}
                </button>
                <button type="button" className="action" onClick={() => void find()}>
                  <ScanLine size={16} aria-hidden /> Find the horizon
                </button>
              </>
            )}
          </div>
        )}
        {clip && exposure && (
          <p role="status" className="mt-2 border-l-4 border-hivis bg-sheet p-2">
            Exposure: {exposure}
          </p>
        )}
        {clip && soft && (
          <p role="status" className="mt-2 border-l-4 border-hivis bg-sheet p-2">
            Focus: what rides along with the camera is soft beside what lies beyond. This lens is sharp from about{' '}
            {camera.closestFocusM.value.toFixed(2)} m (estimate): move it away, or leave the near thing out.
          </p>
        )}
        {shapeDiffers && (
          <p role="status" className="mt-2 border-l-4 border-hivis bg-sheet p-2">
            This picture is {size[0]} × {size[1]}, the mode gives {widthPx} × {heightPx}: choose the mode it was filmed
            in, or the angles will be wrong.
          </p>
        )}
      </section>
      <aside className="space-y-4">
        <div className="space-y-1 border-y-2 border-ink bg-sheet p-3">
          <ChoiceField label="Filmed in" value={mode.id} choices={camera.modes} onChange={setModeId} />
          <ChoiceField
            label="Stabiliser"
            value={stabiliserId}
            choices={camera.stabilisers}
            onChange={setStabiliserId}
          />
        </div>
        <ClipResultPanel
          result={clip && marked ? result.value : undefined}
          hasClip={clip !== null}
          joint={shot.setUp.headId}
          held={isHeld(question)}
          onApply={apply}
        />
        <ShakePanel videoUrl={clip?.kind === 'video' ? clip.url : null} question={clipQuestion} take={take} />
        <LearntPanel />
        {shot.clips.length > 0 && (
          <section aria-labelledby="clips">
            <h2 id="clips" className="caption border-b border-hair-strong">
              Corrections so far
            </h2>
            <ul>
              {shot.clips.map((record) => (
                <li key={record.id} className="flex justify-between border-b border-hair py-1">
                  <time className="reading text-ink-2" dateTime={record.at}>
                    {momentWords(record.at)}
                  </time>
                  <span>
                    {tiltWords(record.tiltByDeg, 'up', 'down', 'no tilt')}, roll {record.rollByDeg.toFixed(1)}°
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </aside>
    </main>
  );
}
