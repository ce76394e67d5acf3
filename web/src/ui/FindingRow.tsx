import { filmedThen, type Finding, type Mend } from '@strut-spot/core';
import { Wrench } from 'lucide-react';
import { useShot } from '../state/useShot';
import { useSpotChange } from '../state/useSpotChange';
import { figureWords, marginWords, wantedWords } from './findingFigures';
import { useInUnits } from './useInUnits';
import { VerdictMark } from './VerdictMark';

/** One thing that a check looked at, with its derivation and its mend. */
export function FindingRow({ finding }: { finding: Finding }) {
  const { outing, change, changeSetUp, shot } = useShot();
  const changeSpot = useSpotChange();
  const inUnits = useInUnits();
  const apply = (mend: Mend) => {
    if (mend.spotId) changeSpot(mend.spotId);
    else if (mend.hour)
      change((s) => ({ ...s, hour: filmedThen({ at: outing.startsAt, headingDeg: null, ...s.hour }, mend.hour!) }));
    else if (mend.use) change((s) => ({ ...s, use: mend.use!, setUp: mend.setUp ?? s.setUp }));
    else if (mend.setUp) changeSetUp(mend.setUp);
    else if (mend.tiltDeg !== undefined) changeSetUp({ angles: { ...shot.setUp.angles, tiltDeg: mend.tiltDeg } });
  };
  const { mend } = finding;
  return (
    <li className="border-b border-hair py-1 last:border-b-0">
      <details>
        <summary className="flex min-h-[24px] items-center gap-2 leading-tight">
          <VerdictMark verdict={finding.verdict} size={13} word={false} />
          <span className="min-w-0 flex-1 leading-snug">{inUnits(finding.label)}</span>
          <span className="reading">{inUnits(figureWords(finding))}</span>
        </summary>
        <p className="pl-6 text-ink-2">{inUnits(finding.because)}.</p>
        <p className="pl-6 text-[0.86rem] text-ink-2">
          {inUnits(`wanted ${wantedWords(finding)}, margin ${marginWords(finding)}`)}
        </p>
      </details>
      {mend && (
        <div className="pl-6">
          {mend.tiltDeg !== undefined || mend.spotId || mend.setUp || mend.hour ? (
            <button
              type="button"
              className="inline-flex min-h-[24px] items-center gap-1.5 text-left font-[620] text-hivis-ink underline underline-offset-2"
              onClick={() => apply(mend)}
            >
              <Wrench size={13} aria-hidden className="shrink-0" /> {inUnits(mend.text)}
            </button>
          ) : (
            <span className="font-[620]">{inUnits(mend.text)}</span>
          )}
        </div>
      )}
    </li>
  );
}
