import { CHECKS, type Candidate, type ExactCandidate, type RigSpec } from '@strut-spot/core';
import { strutWords } from '../../../searching/candidateWords';
import { PictureCanvas } from '../../../ui/PictureCanvas';
import { VerdictMark } from '../../../ui/VerdictMark';
import { drawing } from '../../../workers/core';
import { useLatest } from '../../../workers/useLatest';

interface PlaceProps {
  readonly candidate: Candidate;
  readonly exact: ExactCandidate | undefined;
  readonly ridden: { readonly rig: RigSpec; readonly actionStanceId: string };
  readonly onTake: () => void;
}

const WIDTH_PX = 320;

/** One place with what its camera sees; a press takes it to the bench. */
export function FoundPlace({ candidate, exact, ridden, onTake }: PlaceProps) {
  const { setUp, spotName } = candidate;
  const picture = useLatest(candidate.id, () =>
    drawing.picture({ rig: ridden.rig, setUp, stanceId: ridden.actionStanceId, widthPx: WIDTH_PX, uncropped: false }),
  );
  return (
    <li className="min-w-0 border border-hair-strong bg-sheet">
      <button type="button" className="flex h-full w-full flex-col text-left hover:bg-paper-2" onClick={onTake}>
        <span className="flex aspect-video w-full justify-center bg-paper-2">
          <PictureCanvas picture={picture.value} label="" className="h-full w-full object-contain" />
        </span>
        <span className="flex-1 px-2 pt-1 leading-tight">
          <span className="block text-[1.1rem] font-[660]">{spotName}</span>
          <span className="block text-ink-2">
            {strutWords(candidate)}
            {candidate.onlyIn ? `; ${candidate.onlyIn.name.toLowerCase()}` : ''}
          </span>
        </span>
        <span className="flex flex-wrap gap-x-3 px-2 pt-1 pb-1.5 text-[0.86rem]">
          {CHECKS.map(({ id, name }) => {
            const verdict = exact?.checks.find(({ check }) => check === id)?.verdict ?? candidate.verdicts[id];
            return (
              verdict && (
                <span key={id} className="flex items-center gap-1">
                  <VerdictMark verdict={verdict} size={12} word={false} /> {name}
                </span>
              )
            );
          })}
        </span>
      </button>
    </li>
  );
}
