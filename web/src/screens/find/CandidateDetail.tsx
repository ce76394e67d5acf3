import {
  checkName,
  countedTerms,
  feelWords,
  isStopped,
  type Candidate,
  type ExactCandidate,
  type Weights,
} from '@strut-spot/core';
import { Cautions } from '../../ui/Cautions';
import { VerdictMark } from '../../ui/VerdictMark';
import { modeWords, strutWords, termName } from '../../searching/candidateWords';
import { useInUnits } from '../../ui/useInUnits';

/** One candidate opened: the sum of its terms, what it is set to, what the checks say, and the way to the bench. */
export function CandidateDetail({
  candidate,
  exact,
  weights,
  score,
  learnt,
  onTake,
  onExact,
}: {
  candidate: Candidate;
  exact: ExactCandidate | undefined;
  weights: Weights;
  score: number;
  /** What clips taught of it, in sentences. */
  learnt: readonly string[];
  onTake: () => void;
  onExact: () => void;
}) {
  const counted = countedTerms(candidate, weights);
  const inUnits = useInUnits();
  return (
    <section aria-label="The chosen one" className="space-y-2" data-testid="detail" data-candidate={candidate.id}>
      <h2 className="text-[1.1rem] leading-tight font-[680]">
        {candidate.spotName}: {candidate.facts.cameraName}
      </h2>
      <p className="text-[0.9rem] text-ink-2">
        {inUnits(strutWords(candidate))}; {modeWords(candidate)}; {degreesUp(candidate.setUp.angles.tiltDeg)}{' '}
        {candidate.facts.viewAfterwards ? 'as the view is turned afterwards' : 'as read standing'}
        {Math.abs(candidate.setUp.angles.panDeg) > 0.5
          ? `, turned ${Math.round(Math.abs(candidate.setUp.angles.panDeg))}° ${candidate.setUp.angles.panDeg > 0 ? 'right' : 'left'}`
          : ''}
        ; {candidate.facts.cost}
        {candidate.onlyIn ? `; ridden only in “${candidate.onlyIn.name}”` : ''}
      </p>
      <button type="button" className="action action-main w-full" onClick={onTake}>
        Take it to the bench
      </button>
      <table className="w-full text-[0.93rem]">
        <caption className="caption text-left">
          Score <span className="reading">{Math.round(score * 100)}</span> of 100:{' '}
          {isStopped(candidate)
            ? 'below 25 for the stop; the product of'
            : '25 for no stop, and 75 times the product of'}
        </caption>
        <tbody>
          {counted.map((term) => (
            <tr key={term.id} className="border-b border-hair align-baseline leading-tight">
              <th scope="row" className="py-0.5 pr-2 text-left font-normal whitespace-nowrap">
                {termName(term.id)}
              </th>
              <td className="text-[0.86rem] text-ink-2">{inUnits(term.text)}</td>
              <td className="reading pl-2 text-right whitespace-nowrap">× {term.factor.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {exact && <Cautions rules={exact.cautions} />}
      <p className="text-[0.9rem]" data-testid="measures">
        Over the ride: {measures(candidate)}.
      </p>
      {learnt.map((words) => (
        <p key={words} className="text-[0.9rem]" data-testid="learnt">
          {inUnits(words)}
        </p>
      ))}
      {exact ? (
        <ul className="text-[0.93rem]">
          {exact.checks.map((check) => (
            <li key={check.check} className="border-b border-hair py-0.5 leading-tight">
              <span className="flex justify-between">
                <span className="font-[660]">{checkName(check.check)}</span>
                <VerdictMark verdict={check.verdict} size={13} />
              </span>
              <span className="text-[0.86rem] text-ink-2">
                {inUnits('findings' in check ? check.findings[0]!.because : check.missing)}
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-[0.9rem]">
          From the coarse pass: shares within about two hundredths.{' '}
          <button type="button" className="min-h-[24px] font-[620] underline underline-offset-2" onClick={onExact}>
            Check it in full
          </button>
        </p>
      )}
    </section>
  );
}

const degreesUp = (tiltDeg: number): string =>
  Math.abs(tiltDeg) < 0.5 ? 'level' : `${Math.round(Math.abs(tiltDeg))}° ${tiltDeg > 0 ? 'up' : 'down'}`;

/** What the picture measures, in words. */
function measures({ facts }: Candidate): string {
  const share = (group: string) => `${Math.round((facts.shares[group] ?? 0) * 100)} %`;
  return [
    `hands ${share('hands')}`,
    `face ${share('face')}`,
    `way ${share('way')}`,
    `sky ${share('sky')}`,
    `own hardware ${share('own')}`,
    ...(facts.slopeShown === null ? [] : [`slope below ${Math.round(facts.slopeShown * 100)} % going downhill`]),
    ...(facts.speedFeel === null ? [] : [`${feelWords(facts.speedFeel)} the speed that the eyes see`]),
    ...(facts.inSeam.length > 0 ? [`the seam takes ${facts.inSeam.join(', ')}`] : []),
  ].join(', ');
}
