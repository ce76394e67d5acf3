import { figureWord, pxWords, strutOf, type ClipShake, type ShakeClip, type ShotQuestion } from '@strut-spot/core';
import { Activity, Film, Square } from 'lucide-react';
import { lazy, Suspense, useRef, useState } from 'react';
import { useStandInClip } from '../../devices/standInCamera';
import { newId, nowIso } from '../../state/newId';
import { useShot } from '../../state/useShot';
import { computing } from '../../workers/core';
import type { ShakeModel } from '../../workers/answers/shots';
import { measureClip, type ClipPictureIn } from '../../workers/measureClip';
import { MOST_SECONDS, videoPictures, zippedPictures } from './clipPictures';

/** Charts are loaded by who sees one. */
const SwingChart = lazy(() => import('./SwingChart'));

const percentWords = (share: number): string => (share < 0.01 ? '1 %' : `${Math.round(share * 100)} %`);

type Measured = Extract<ClipShake, { readonly kind: 'measured' }>;
interface Result {
  readonly shake: Measured;
  readonly model: ShakeModel;
}

interface ShakePanelProps {
  /** The video that is open, if one is. */
  readonly videoUrl: string | null;
  readonly question: ShotQuestion;
  readonly take: number;
}

/** How a moving clip shakes, beside what the model said, and what follows from it. */
export function ShakePanel({ videoUrl, question, take }: ShakePanelProps) {
  const { shot, rig, carrier, change, setUpFile } = useShot();
  const film = useStandInClip();
  const [doneS, setDoneS] = useState<number | null>(null);
  const [result, setResult] = useState<Result | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stop = useRef(false);
  const hasLog = carrier.spotLogs.some((log) => log.used && log.spotId === shot.setUp.spotId);

  const measure = async (pictures: () => Promise<AsyncIterable<ClipPictureIn>>) => {
    stop.current = false;
    setDoneS(0);
    setResult(null);
    setProblem(null);
    try {
      const [rides, model] = await Promise.all([
        computing.ridesAlong(rig, question.setUp, question.actionStanceId),
        computing.shakeModel(question, hasLog),
      ]);
      const shake = await measureClip(await pictures(), rides, setDoneS);
      if (shake.kind === 'measured') setResult({ shake, model });
      else setProblem(`Can't say: ${shake.because}.`);
    } catch (error) {
      setProblem(`It could not be measured: ${(error as Error).message}.`);
    } finally {
      setDoneS(null);
    }
  };
  const learn = async ({ shake, model }: Result) => {
    const spot = await computing.spotPlace(rig, shot.setUp.spotId);
    const ratio = ratioOf({ shake, model });
    const clip: ShakeClip = {
      id: newId(),
      at: nowIso(),
      seconds: round(shake.seconds),
      jumpPx: round(shake.jumpPx),
      jellyPx: round(shake.jellyPx),
      rollDeg: round(shake.rollDeg),
      modelJumpPx: round(model.jump),
      modelJellyPx: round(model.jelly),
      ...(shake.blurPx === null ? {} : { blurPx: round(shake.blurPx), modelBlurPx: round(model.blur) }),
      ...(spot && !hasLog && ratio !== null
        ? {
            lesson: {
              machineId: rig.machineId,
              partId: spot.partId,
              spotId: spot.id,
              strut: strutOf(shot.setUp),
              groundId: carrier.ride.groundId,
              ratio: Math.min(100, Math.max(0.01, round(ratio))),
              used: true,
            },
          }
        : {}),
    };
    change((s) => ({ ...s, shakeClips: [...(s.shakeClips ?? []), clip] }));
    setResult(null);
  };

  return (
    <section aria-labelledby="shake" className="border-t-2 border-ink pt-1">
      <h2 id="shake" className="caption">
        How it shakes
      </h2>
      {doneS === null ? (
        <div className="mt-1 flex flex-wrap gap-2">
          {videoUrl && (
            <button
              type="button"
              className="action action-main"
              onClick={() => void measure(() => Promise.resolve(videoPictures(videoUrl, () => stop.current)))}
            >
              <Activity size={16} aria-hidden /> Measure this video
            </button>
          )}
          <button
            type="button"
            className="action"
            onClick={() =>
              void measure(async () => zippedPictures(await film.mutateAsync({ file: setUpFile(), take })))
            }
          >
            <Film size={16} aria-hidden /> Film with the stand-in camera
          </button>
        </div>
      ) : (
        <div className="mt-1 flex items-center gap-3">
          <progress
            className="flex-1 accent-[var(--hivis)]"
            max={MOST_SECONDS}
            value={doneS}
            aria-label="Seconds followed"
          />
          <span className="reading" role="status">
            {doneS.toFixed(1)} s
          </span>
          <button type="button" className="action" aria-label="Stop measuring" onClick={() => (stop.current = true)}>
            <Square size={15} aria-hidden />
          </button>
        </div>
      )}
      {problem && (
        <p role="alert" className="mt-1 border-l-4 border-hivis p-1">
          {problem}
        </p>
      )}
      {result && (
        <div data-testid="clip-shake">
          <table className="mt-1 w-full text-left">
            <thead>
              <tr className="caption border-b border-hair-strong">
                <th scope="col"> </th>
                <th scope="col">measured</th>
                <th scope="col">model</th>
              </tr>
            </thead>
            <tbody>
              {(['jump', 'jelly', 'blur'] as const).map((figure) => {
                const px = result.shake[`${figure}Px`];
                if (px === null) return null;
                return (
                  <tr key={figure} className="border-b border-hair">
                    <th scope="row" className="font-[600]">
                      {figure}
                    </th>
                    <td>
                      <span className="reading">{px < LEAST_PX ? 'below 1 px' : pxWords(px)}</span>{' '}
                      {figureWord(figure, px)}
                    </td>
                    <td className="reading">{pxWords(result.model[figure])}</td>
                  </tr>
                );
              })}
              <tr className="border-b border-hair">
                <th scope="row" className="font-[600]">
                  roll
                </th>
                <td className="reading">{result.shake.rollDeg.toFixed(2)}°</td>
                <td />
              </tr>
            </tbody>
          </table>
          <p className="text-ink-2">
            {result.shake.pictures} pictures in {result.shake.seconds.toFixed(1)} s, rms pixels of a 1080-line picture.
            {hasLog ? ' A measured log speaks for this spot already.' : ''}
          </p>
          {result.shake.dirt && (
            <p className="mt-1 border-l-4 border-hivis p-1" data-testid="lens-dirt">
              Something sits on the lens, {result.shake.dirt.where}, over about {percentWords(result.shake.dirt.share)}{' '}
              of the picture: wipe it before the next take.
            </p>
          )}
          {/* As high as the chart: what lies under it does not move away from the hand. */}
          <Suspense fallback={<div className="mt-2 h-44" />}>
            <SwingChart measured={result.shake.swings} model={result.model.swings} />
          </Suspense>
          <button type="button" className="action action-main mt-1" onClick={() => void learn(result)}>
            {hasLog || ratioOf(result) === null ? 'Keep it' : 'Keep it, and learn from it'}
          </button>
        </div>
      )}
      {(shot.shakeClips ?? []).length > 0 && (
        <ul className="mt-1">
          {shot.shakeClips!.map((clip) => (
            <li key={clip.id} className="border-b border-hair py-0.5">
              jump <span className="reading">{pxWords(clip.jumpPx)}</span> (model {pxWords(clip.modelJumpPx)}), jelly{' '}
              <span className="reading">{pxWords(clip.jellyPx)}</span> (model {pxWords(clip.modelJellyPx)})
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Less cannot be told from the noise of the pictures, pixels of 1080 lines. */
const LEAST_PX = 1;

/** How much more it shakes than the model says, by what is large enough to be told; null where nothing is. */
function ratioOf({ shake, model }: Result): number | null {
  const pairs = [
    [shake.jumpPx, model.jump],
    [shake.jellyPx, model.jelly],
  ].filter(([measured, modelled]) => measured! >= LEAST_PX && modelled! > 0);
  if (pairs.length === 0) return null;
  return Math.hypot(...pairs.map(([measured]) => measured!)) / Math.hypot(...pairs.map(([, modelled]) => modelled!));
}

const round = (value: number): number => Math.round(value * 100) / 100;
