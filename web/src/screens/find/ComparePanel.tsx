import {
  lostAgainst,
  resolveRig,
  type PictureLight,
  type Candidate,
  type Ranked,
  type ShakeQuestion,
  type Weights,
} from '@strut-spot/core';
import { X } from 'lucide-react';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { drawing, judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { modeWords, strutWords, termName } from '../../searching/candidateWords';
import { useInUnits } from '../../ui/useInUnits';

interface ComparePanelProps {
  readonly ranked: readonly Ranked[];
  readonly shakeOf: (candidate: Candidate) => ShakeQuestion;
  readonly lightOf: (candidate: Candidate) => PictureLight;
  readonly weights: Weights;
  readonly onTake: (id: string) => void;
  readonly onClose: () => void;
}

/** Two to four beside each other: every stance, and in words what each gives away against the best of them. */
export function ComparePanel({ ranked, shakeOf, lightOf, weights, onTake, onClose }: ComparePanelProps) {
  const best = ranked.reduce((a, b) => (b.score > a.score ? b : a));
  return (
    <section aria-labelledby="compare" data-testid="compare">
      <div className="flex items-center justify-between border-b-2 border-ink px-3 py-1">
        <h2 id="compare" className="text-[1.1rem] font-[680]">
          Side by side
        </h2>
        <button type="button" className="action action-quiet" onClick={onClose}>
          <X size={15} aria-hidden /> Back to the sheet
        </button>
      </div>
      <div className="grid grid-cols-2 xl:grid-cols-4">
        {ranked.map((r) => (
          <Column
            key={r.candidate.id}
            ranked={r}
            best={best}
            shakeOf={shakeOf}
            light={lightOf(r.candidate)}
            weights={weights}
            onTake={() => onTake(r.candidate.id)}
          />
        ))}
      </div>
    </section>
  );
}

function Column({
  ranked: { candidate, score },
  best,
  shakeOf,
  light,
  weights,
  onTake,
}: {
  ranked: Ranked;
  best: Ranked;
  shakeOf: ComparePanelProps['shakeOf'];
  light: PictureLight;
  weights: Weights;
  onTake: () => void;
}) {
  const { rig } = shakeOf(candidate);
  const inUnits = useInUnits();
  const sure = useLatest(`${best.candidate.id}/${candidate.id}`, () =>
    judging.steadierIn100(shakeOf(best.candidate), shakeOf(candidate)),
  ).value;
  const stances = resolveRig(rig).machine.stances.filter((s) => s.share > 0);
  const lost = lostAgainst(candidate, best.candidate, weights);
  const behind = lost.filter((t) => t.lost > 0.003);
  const ahead = lost.filter((t) => t.lost < -0.003).reverse();
  return (
    <article className="min-w-0 space-y-1 border-r border-b border-hair p-2">
      <h3 className="leading-tight font-[660]">
        {candidate.spotName} <span className="reading">{Math.round(score * 100)}</span>
      </h3>
      <p className="text-[0.86rem] leading-tight text-ink-2">
        {candidate.facts.cameraName}, {modeWords(candidate)}; {strutWords(candidate)}
      </p>
      {stances.map((stance) => (
        <StancePicture
          key={stance.id}
          candidate={candidate}
          rig={rig}
          light={light}
          stanceId={stance.id}
          name={stance.name}
        />
      ))}
      <div className="text-[0.9rem] leading-snug">
        {candidate.id === best.candidate.id && <p>The best of these.</p>}
        {behind.map((t) => (
          <p key={t.id}>
            <b>less {termName(t.id).toLowerCase()}</b> (−{(t.lost * 100).toFixed(1)}): {inUnits(t.text)}
          </p>
        ))}
        {candidate.id !== best.candidate.id &&
          ahead.map((t) => (
            <p key={t.id}>
              more {termName(t.id).toLowerCase()} (+{(-t.lost * 100).toFixed(1)}): {inUnits(t.text)}
            </p>
          ))}
        {candidate.id !== best.candidate.id && sure !== undefined && (
          <p>
            Steadier than {best.candidate.spotName} in {sure} of 100 cases of what the estimates may be.
          </p>
        )}
      </div>
      <button type="button" className="action" onClick={onTake}>
        Take it to the bench
      </button>
    </article>
  );
}

function StancePicture({
  candidate,
  rig,
  light,
  stanceId,
  name,
}: {
  candidate: Ranked['candidate'];
  rig: ShakeQuestion['rig'];
  light: PictureLight;
  stanceId: string;
  name: string;
}) {
  const picture = useLatest(`${candidate.id}/${stanceId}`, () =>
    drawing.picture({ rig, setUp: candidate.setUp, stanceId, widthPx: 256, uncropped: false, light }),
  );
  return (
    <figure className="relative bg-paper-2">
      <PictureCanvas
        picture={picture.value}
        label={`${candidate.spotName} in ${name.toLowerCase()}`}
        className="aspect-video w-full object-contain"
      />
      <figcaption className="absolute top-0 left-0 bg-sheet px-1 text-[0.8rem]">{name}</figcaption>
    </figure>
  );
}
