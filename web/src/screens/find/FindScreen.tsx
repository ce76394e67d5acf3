import {
  asRidden,
  newAsk,
  weightsOf,
  type Ask,
  type Candidate,
  type SchoolId,
  momentOf,
  pictureLightOf,
  sunFromCourse,
  lowestSunDeg,
  measuredFor,
  sunOf,
  type ShakeQuestion,
} from '@strut-spot/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { learntOf } from '../../state/useLearnt';
import { STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { AskPanel } from './AskPanel';
import { CandidateCard } from './CandidateCard';
import { tieOf } from './TieLine';
import { CandidateDetail } from './CandidateDetail';
import { ComparePanel } from './ComparePanel';
import { NothingFound } from './NothingFound';
import { SearchBar } from './SearchBar';
import { SchoolChoice } from './SchoolChoice';
import { SteadyFastChart } from './SteadyFastChart';
import { searchQuestionOf } from '../../searching/searchQuestion';
import { useSpotSearch } from '../../searching/useSpotSearch';
import { useContactSheet } from './useContactSheet';
import { WhyNotPanel } from './WhyNotPanel';

const PAGE = 12;
const MOST_COMPARED = 4;

/** Ask for a shot, get the places that give it. */
export function FindScreen() {
  const { outing, shot, change } = useShot();
  const { theme } = useSettings();
  const navigate = useNavigate();
  const kitBox = useKitBox();
  const box = kitBox ?? STANDARD_BOX;
  const ask = useMemo(
    () => shot.ask ?? newAsk(shot.intentId, shot.carrierId),
    [shot.ask, shot.intentId, shot.carrierId],
  );
  const others = ask.kit === 'left' ? outing.shots : null;
  const question = useMemo(
    () => searchQuestionOf(outing, shot, ask, box),
    // Of the outing only carriers and own kit count, and its other shots where they take from the kit.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [outing.carriers, outing.ownKit, others, shot.carrierId, shot.actionStanceId, shot.stanceShares, ask, box],
  );
  const { state, outdated, tried, start, stop, makeExact } = useSpotSearch(question);
  const weights = useMemo(() => weightsOf(ask), [ask]);
  const [schools, setSchools] = useState<readonly SchoolId[]>([]);
  const [chosenId, setChosenId] = useState<string | null>(null);
  /** Cards whose near-copies are shown beside them. */
  const [unfolded, setUnfolded] = useState<readonly string[]>([]);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const [comparing, setComparing] = useState(false);
  const [shown, setShown] = useState(PAGE);

  // Opened for the first time: there is something to look at without a press.
  const opened = useRef(false);
  useEffect(() => {
    // Not before the kit box is read: what is not in it must not be searched.
    if (opened.current || state.phase !== 'idle' || !kitBox) return;
    opened.current = true;
    void start();
  }, [state.phase, start, kitBox]);
  /** Whether the next question is to be searched as soon as it stands. */
  const again = useRef(false);
  useEffect(() => {
    if (!again.current) return;
    again.current = false;
    void start();
  }, [start]);

  const busy = state.phase === 'searching' || state.phase === 'checking';
  const { spots, ranked, costs, sheet, cards } = useContactSheet(state, { weights, schools, unfolded, busy });
  // The chart waits for the search to end: drawing its points anew with every answer would hold up the page.
  const candidates = useMemo(() => (busy ? [] : sheet.map((r) => r.candidate)), [busy, sheet]);
  const chosen =
    sheet.find((r) => r.candidate.id === chosenId) ?? ranked.find((r) => r.candidate.id === chosenId) ?? sheet[0];
  const carrierOf = useCallback(
    ({ carrierId, onlyIn }: Candidate) =>
      asRidden(
        question.carriers.find((c) => c.carrierId === carrierId)!,
        onlyIn,
      ),
    [question],
  );
  const shakeOf = useCallback(
    (candidate: Candidate): ShakeQuestion => {
      const { setUp } = candidate;
      const { rig, actionStanceId, ride, measured, moment } = carrierOf(candidate);
      return {
        rig,
        setUp,
        actionStanceId,
        ride,
        measured: measuredFor(measured, setUp),
        ...(moment ? { sunHeightDeg: lowestSunDeg(moment) } : {}),
      };
    },
    [carrierOf],
  );
  const lightOf = useCallback((candidate: Candidate) => pictureLightOf(carrierOf(candidate)), [carrierOf]);
  const learntBy = (candidate: Candidate): readonly string[] => {
    const carrier = outing.carriers.find((c) => c.id === candidate.carrierId);
    if (!carrier) return [];
    const { tilt, shake } = learntOf(outing, carrier, carrierOf(candidate).rig, candidate.setUp);
    return [tilt, shake].filter((words) => words !== null);
  };
  const pick = useCallback((id: string) => setChosenId(id), []);

  const { moment } = momentOf(outing, shot);
  const stands = moment ? sunFromCourse(sunOf(moment), moment.headingDeg) : null;
  const setAsk = (next: Ask, mergeKey?: string) => change((s) => ({ ...s, ask: next }), mergeKey);
  const lookThroughAll = () => {
    again.current = true;
    setAsk({ ...ask, kit: 'anything' });
  };
  const take = (candidate: Candidate) => {
    const { actionStanceId } = carrierOf(candidate);
    change(({ lightId, ...s }) => ({
      ...s,
      // A light chosen for the shot belongs to what it showed.
      ...(lightId && s.intentId === ask.intentId ? { lightId } : {}),
      carrierId: candidate.carrierId,
      actionStanceId,
      ...(candidate.onlyIn ? { stanceShares: candidate.onlyIn.stanceShares } : {}),
      intentId: ask.intentId,
      horizonAt: candidate.horizonAt,
      setUp: candidate.setUp,
      ask,
    }));
    void navigate('..', { relative: 'path' });
    toast(`On the bench: ${candidate.spotName}. Undo brings the old one back.`);
  };
  const compare = (id: string, on: boolean) => {
    if (on && compared.length >= MOST_COMPARED) {
      toast(`At most ${MOST_COMPARED} beside each other.`);
      return;
    }
    setCompared(on ? [...compared, id] : compared.filter((other) => other !== id));
  };
  const toCompare = ranked.filter((r) => compared.includes(r.candidate.id));

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[16.5rem_minmax(0,1fr)_20.5rem]">
      <h1 className="sr-only">Find spots: {shot.name}</h1>
      <div className="min-h-0 overflow-y-auto border-hair px-3 py-2 max-lg:order-3 max-lg:border-t lg:border-r">
        <AskPanel outing={outing} ask={ask} stands={stands} onChange={setAsk} />
      </div>

      <div className="flex min-h-0 min-w-0 flex-col max-lg:order-1">
        <SearchBar
          state={state}
          busy={busy}
          outdated={outdated}
          tried={tried}
          kept={ranked.length}
          onStart={() => void start()}
          onStop={stop}
        >
          {compared.length >= 2 && (
            <button type="button" className="action" onClick={() => setComparing(true)}>
              Compare {compared.length}
            </button>
          )}
        </SearchBar>
        <SchoolChoice costs={costs} chosen={schools} onChange={setSchools} />
        <div className="min-h-0 flex-1 overflow-y-auto">
          {comparing && toCompare.length >= 2 ? (
            <ComparePanel
              ranked={toCompare}
              shakeOf={shakeOf}
              lightOf={lightOf}
              weights={weights}
              onTake={(id) => take(toCompare.find((r) => r.candidate.id === id)!.candidate)}
              onClose={() => setComparing(false)}
            />
          ) : (
            <>
              {sheet.length === 0 && !busy && state.phase !== 'idle' && (
                <NothingFound spots={spots} onEverything={ask.kit === 'anything' ? null : lookThroughAll} />
              )}
              <ul className="grid grid-cols-2 sm:grid-cols-3 xl:grid-cols-4" data-testid="contact-sheet">
                {cards.slice(0, shown).map(({ ranked: { candidate, score }, alike }, i) => (
                  <CandidateCard
                    key={candidate.id}
                    rank={i + 1}
                    candidate={candidate}
                    score={score}
                    alike={alike}
                    onUnfold={() => setUnfolded([...unfolded, candidate.id])}
                    exact={state.exact.get(candidate.id)}
                    rig={carrierOf(candidate).rig}
                    light={lightOf(candidate)}
                    stanceId={carrierOf(candidate).actionStanceId}
                    chosen={candidate.id === chosen?.candidate.id}
                    compared={compared.includes(candidate.id)}
                    rough={busy}
                    tie={busy ? null : tieOf(cards, i, shakeOf)}
                    onChoose={() => pick(candidate.id)}
                    onCompare={(on) => compare(candidate.id, on)}
                  />
                ))}
              </ul>
              {!busy && cards.length > shown && (
                <button type="button" className="action m-3" onClick={() => setShown(shown + PAGE)}>
                  Show more ({cards.length - shown} left)
                </button>
              )}
            </>
          )}
        </div>
      </div>

      <div className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-2 lg:border-l">
        <div className={busy || candidates.length > 0 ? 'h-52' : ''}>
          {busy && <p className="caption">Steady against fast, when the search is done…</p>}
          {candidates.length > 0 && (
            <SteadyFastChart
              candidates={candidates}
              chosenId={chosen?.candidate.id ?? null}
              themeKey={theme}
              onPick={pick}
            />
          )}
        </div>
        {chosen && (
          <CandidateDetail
            candidate={chosen.candidate}
            exact={state.exact.get(chosen.candidate.id)}
            weights={weights}
            score={chosen.score}
            learnt={learntBy(chosen.candidate)}
            onTake={() => take(chosen.candidate)}
            onExact={() => void makeExact(chosen.candidate)}
          />
        )}
        {state.spots.length > 0 && <WhyNotPanel spots={spots} best={ranked[0]} weights={weights} onPick={pick} />}
      </div>
    </main>
  );
}
