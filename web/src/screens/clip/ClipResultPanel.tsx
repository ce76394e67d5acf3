import { HEADS, type ClipResult } from '@strut-spot/core';
import { willRead } from '../../ui/correctionWords';
import { clockWords, widthWords, wristWords } from '../../ui/handWords';

interface ClipResultPanelProps {
  readonly result: ClipResult | undefined;
  readonly hasClip: boolean;
  readonly joint: string;
  /** In the hand. */
  readonly held: boolean;
  readonly onApply: () => void;
}

/** The correction in degrees and in notches of this joint. */
export function ClipResultPanel({ result, hasClip, joint, held, onApply }: ClipResultPanelProps) {
  const head = HEADS.find((h) => h.id === joint)!;
  return (
    <section aria-label="Correction" aria-live="polite" className="border-2 border-ink bg-sheet p-3">
      <h2 className="caption">Correction</h2>
      {!result && <p className="mt-1">{hasClip ? 'Drag both handles onto the horizon.' : 'Nothing to correct yet.'}</p>}
      {result?.kind === "can't say" && <p className="mt-1">Can&apos;t say: {result.because}.</p>}
      {result?.kind === 'correction' && (
        <>
          <p className="text-[2.3rem] leading-tight font-[720] [font-stretch:70%]" data-testid="clip-tilt">
            {Math.abs(result.tiltByDeg) < 0.05
              ? 'tilt is right'
              : `tilt ${Math.abs(result.tiltByDeg).toFixed(1)}° ${result.tiltByDeg > 0 ? 'up' : 'down'}`}
          </p>
          <p className="text-lg" data-testid="clip-roll">
            {Math.abs(result.rollByDeg) < 0.05
              ? 'sideways is right'
              : `roll ${Math.abs(result.rollByDeg).toFixed(1)}° ${result.rollByDeg > 0 ? 'to the right' : 'to the left'}`}
          </p>
          {result.panByDeg !== null && (
            <p className="text-lg" data-testid="clip-pan">
              {Math.abs(result.panByDeg) < 0.05
                ? 'it looks along the way'
                : `turn ${Math.abs(result.panByDeg).toFixed(1)}° ${result.panByDeg > 0 ? 'to the right' : 'to the left'}${
                    result.by === 'joint' && !head.turns.pan ? ': this joint does not, the base must' : ''
                  }`}
            </p>
          )}
          {result.by !== 'joint' && <p className="text-ink-2">{BY_WORDS[result.by]}</p>}
          <dl className="mt-2 border-t border-hair pt-2">
            {result.by === 'joint' && (
              <>
                <Row term="In notches" value={notchWords(result.notches, result.restDeg, head.notchDeg.value)} />
                <Row term="Front edge" value={edgeWords(result.tiltByDeg)} />
                {Math.abs(result.tiltByDeg) >= 0.5 && (
                  <Row term="By hand" value={held ? wristWords(result.tiltByDeg) : widthWords(result.tiltByDeg)} />
                )}
                {Math.abs(result.rollByDeg) >= 0.5 && <Row term="Roll by hand" value={clockWords(result.rollByDeg)} />}
              </>
            )}
            <Row
              term="The clip points"
              value={`${result.measured.tiltDeg.toFixed(1)}°, roll ${result.measured.rollDeg.toFixed(1)}°`}
            />
            <Row
              term="It was meant to point"
              value={`${result.predicted.tiltDeg.toFixed(1)}°, roll ${result.predicted.rollDeg.toFixed(1)}°`}
            />
            <Row {...willRead(result)} />
          </dl>
          <button type="button" className="action action-main mt-3" onClick={onApply}>
            Apply to the set-up
          </button>
        </>
      )}
    </section>
  );
}

const BY_WORDS = {
  gimbal: 'It is set on the gimbal; the strut stays as it is. A picture that leans is levelled there too.',
  view: 'It is set when the view is cut out of the sphere; the camera stays as it is.',
} as const;

function notchWords(notches: number | null, restDeg: number, step: number): string {
  if (notches === null) return 'this joint holds anywhere';
  const count = Math.abs(notches);
  const whole =
    notches === 0
      ? `less than half a notch (${step}°)`
      : `${count} ${count === 1 ? 'notch' : 'notches'} ${notches > 0 ? 'up' : 'down'} (${step}° each)`;
  const rest =
    Math.abs(restDeg) < 0.25 ? '' : `; ${Math.abs(restDeg).toFixed(1)}° ${restDeg > 0 ? 'up' : 'down'} left over`;
  return `${whole}${rest}`;
}

/** A camera is about so long from front to back, metres: what its front edge goes up or down by can be measured with a rule (estimate). */
const BODY_M = 0.05;

/** The same turn as millimetres at the front edge. */
const edgeWords = (tiltByDeg: number): string => {
  const mm = Math.round(Math.tan((tiltByDeg * Math.PI) / 180) * BODY_M * 1000);
  return mm === 0 ? 'as it is' : `${Math.abs(mm)} mm ${mm > 0 ? 'higher' : 'lower'} than its back, over 50 mm`;
};

function Row({ term, value }: { term: string; value: string }) {
  return (
    <div className="flex flex-wrap justify-between gap-x-3 border-b border-hair py-0.5 last:border-b-0">
      <dt className="text-ink-2">{term}</dt>
      <dd className="reading ml-auto text-right text-[0.9rem]">{value}</dd>
    </div>
  );
}
