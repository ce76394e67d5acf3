import {
  CHECKS,
  feelWords,
  type Candidate,
  type ExactCandidate,
  type PictureLight,
  type RigSpec,
} from '@strut-spot/core';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { VerdictMark } from '../../ui/VerdictMark';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { modeWords, steadyWord, strutWords } from '../../searching/candidateWords';
import { useInUnits } from '../../ui/useInUnits';
import { TieLine, type Tie } from './TieLine';

interface CandidateCardProps {
  readonly rank: number;
  readonly candidate: Candidate;
  readonly score: number;
  /** So many others differ from it only a little. */
  readonly alike: number;
  readonly onUnfold: () => void;
  readonly exact: ExactCandidate | undefined;
  readonly rig: RigSpec;
  /** In which its picture is drawn. */
  readonly light: PictureLight;
  readonly stanceId: string;
  readonly chosen: boolean;
  readonly compared: boolean;
  /** Still being searched: a small picture, so that drawing does not hold up the search. */
  readonly rough: boolean;
  /** It counts as much as the one before it. */
  readonly tie: Tie | null;
  readonly onChoose: () => void;
  readonly onCompare: (on: boolean) => void;
}

const WIDTH_PX = { rough: 96, fine: 256 } as const;

/** One way to take the shot: its computed picture, what it is made of, and how the checks stand. */
export function CandidateCard(props: CandidateCardProps) {
  const { rank, candidate, score, alike, exact, rig, light, stanceId, chosen, compared, rough, tie } = props;
  const { onUnfold, onChoose, onCompare } = props;
  const { facts, setUp } = candidate;
  const inUnits = useInUnits();
  const widthPx = rough ? WIDTH_PX.rough : WIDTH_PX.fine;
  const picture = useLatest(`${candidate.id} ${widthPx} ${JSON.stringify(light)}`, () =>
    drawing.picture({ rig, setUp, stanceId, widthPx, uncropped: false, light: { ...light, hasty: rough } }),
  );
  return (
    <li
      className={`flex min-w-0 flex-col border-r border-b border-hair bg-sheet ${chosen ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
    >
      <button type="button" className="block w-full text-left" aria-pressed={chosen} onClick={onChoose}>
        <span className="flex aspect-video w-full justify-center bg-paper-2">
          <PictureCanvas picture={picture.value} label="" className="h-full w-full object-contain" />
        </span>
        <span className="block px-2 pt-1 leading-tight">
          <span className="flex items-baseline justify-between gap-1">
            <span className="min-w-0 leading-snug font-[660]">
              {rank}. {candidate.spotName}
            </span>
            <span className="reading shrink-0 whitespace-nowrap">{Math.round(score * 100)}</span>
          </span>
          <span className="block leading-snug text-[0.86rem] text-ink-2">
            {[facts.cameraName, ...(candidate.onlyIn ? [candidate.onlyIn.name.toLowerCase()] : [])].join(', ')}
          </span>
          <span className="block leading-snug text-[0.86rem] text-ink-2" title={modeWords(candidate)}>
            {modeWords(candidate, true)}
          </span>
          <span className="block leading-snug text-[0.86rem] text-ink-2" title={inUnits(strutWords(candidate))}>
            {inUnits(strutWords(candidate))}
          </span>
          <span className="block pt-0.5 leading-snug text-[0.86rem]">
            {facts.speedFeel === null ? 'no ground' : feelWords(facts.speedFeel)}, {steadyWord(facts)},{' '}
            {inUnits(`${Math.round(facts.massKg * 1000)} g`)}
          </span>
          <span className="block leading-snug text-[0.86rem]">
            {Math.round(facts.minutes)} min, {facts.cost}
          </span>
          {tie && !rough && <TieLine tie={tie} />}
        </span>
      </button>
      {alike > 0 && (
        <button
          type="button"
          className="min-h-[24px] px-2 text-left text-[0.86rem] font-[620] underline underline-offset-2 max-lg:min-h-touch"
          onClick={onUnfold}
        >
          and {alike} like it
        </button>
      )}
      <div className="mt-auto flex flex-wrap items-center justify-between gap-x-2 px-2 pb-1 text-[0.8rem]">
        <span className="flex gap-1.5" title={CHECKS.map(({ name }) => name).join(', ')}>
          {CHECKS.map(({ id, name }) => {
            const verdict = exact?.checks.find((c) => c.check === id)?.verdict ?? candidate.verdicts[id];
            if (!verdict) return null;
            return (
              <span key={id}>
                <span className="sr-only">{name}: </span>
                <VerdictMark verdict={verdict} size={12} word={false} />
              </span>
            );
          })}
        </span>
        <label className="flex min-h-[24px] items-center gap-1 whitespace-nowrap">
          <input
            type="checkbox"
            checked={compared}
            aria-label={`Compare ${rank}`}
            onChange={(event) => onCompare(event.target.checked)}
          />
          compare
        </label>
      </div>
    </li>
  );
}
