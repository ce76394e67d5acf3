import {
  asRidden,
  newAsk,
  rankCandidates,
  SCHOOLS,
  sheetCards,
  schoolCosts,
  weightsOf,
  withVariety,
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
import { Search, X } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { useShot } from '../../state/useShot';
import { useTold, type Told } from '../../told/Told';
import { useSettings } from '../../storage/settings';
import { learntOf } from '../../state/useLearnt';
import { STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { AskPanel } from './AskPanel';
import { CandidateCard } from './CandidateCard';
import { tieOf } from './TieLine';
import { CandidateDetail } from './CandidateDetail';
import { ComparePanel } from './ComparePanel';
import { NothingFound } from './NothingFound';
import { SchoolChoice } from './SchoolChoice';
import { SteadyFastChart } from './SteadyFastChart';
import { searchQuestionOf } from '../../searching/searchQuestion';
import { VARIED } from '../../searching/runSearch';
import { candidatesOf, spotsOf } from '../../searching/searchState';
import { useSpotSearch } from '../../searching/useSpotSearch';
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

  const ranked = useMemo(() => rankCandidates(candidatesOf(state), weights), [state, weights]);
  const spots = useMemo(() => spotsOf(state), [state]);
  const costs = useMemo(() => schoolCosts(ranked, weights), [ranked, weights]);
  const kept = useMemo(
    () => ranked.filter((r) => schools.every((id) => SCHOOLS.find((s) => s.id === id)!.holds(r.candidate))),
    [ranked, schools],
  );
  const sheet = useMemo(() => withVariety(kept, VARIED), [kept]);
  const busy = state.phase === 'searching' || state.phase === 'checking';
  const cards = useMemo(
    () =>
      // While it is searched they change with every answer: folding waits.
      busy
        ? sheet.slice(0, VARIED).map((ranked) => ({ ranked, alike: 0 }))
        : sheetCards(kept, VARIED).flatMap(({ ranked, alike }) =>
            unfolded.includes(ranked.candidate.id)
              ? [ranked, ...alike].map((one) => ({ ranked: one, alike: 0 }))
              : [{ ranked, alike: alike.length }],
          ),
    [busy, sheet, kept, unfolded],
  );
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
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-ink px-3 py-1.5">
          {busy ? (
            <button type="button" className="action" onClick={stop}>
              <X size={15} aria-hidden /> Stop
            </button>
          ) : (
            <button type="button" className="action action-main" onClick={() => void start()}>
              <Search size={15} aria-hidden /> Find spots
            </button>
          )}
          <p
            aria-live="polite"
            className="min-w-0 flex-1 leading-tight"
            data-testid="search-progress"
            data-phase={state.phase}
          >
            <Progress
              phase={state.phase}
              because={state.because}
              outdated={outdated}
              done={state.done}
              jobs={state.jobs}
              tried={tried}
              seconds={state.seconds}
              kept={ranked.length}
            />
          </p>
          {compared.length >= 2 && (
            <button type="button" className="action" onClick={() => setComparing(true)}>
              Compare {compared.length}
            </button>
          )}
        </div>
        {busy && (
          <div
            className="h-1 w-full bg-paper-2"
            role="progressbar"
            aria-label="Spots searched"
            aria-valuemin={0}
            aria-valuemax={state.jobs}
            aria-valuenow={state.done}
          >
            <div className="h-full bg-hivis" style={{ width: `${(100 * state.done) / Math.max(1, state.jobs)}%` }} />
          </div>
        )}
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

function Progress({
  phase,
  outdated,
  done,
  jobs,
  tried,
  seconds,
  kept,
  because,
}: {
  phase: string;
  outdated: boolean;
  done: number;
  jobs: number;
  /** Pictures looked at, told many times a second. */
  tried: Told<number>;
  seconds: number | null;
  kept: number;
  because: string | undefined;
}) {
  const counted = `${useTold(tried).toLocaleString('en')} pictures on ${done} of ${jobs} spots`;
  if (phase === 'searching') return <>{counted}…</>;
  if (phase === 'checking') return <>{counted}; checking the best in full…</>;
  if (phase === 'failed')
    return (
      <>
        The search broke off after {counted}: {because}
      </>
    );
  if (phase === 'cancelled') return <>Stopped after {counted}. What was found is below.</>;
  if (outdated) return <>The question has changed: search again.</>;
  if (phase === 'done') {
    return (
      <>
        {counted}
        {seconds === null ? '' : ` in ${seconds.toFixed(1)} s`}; {kept} hold up.
      </>
    );
  }
  return <>Ask on the left, then search.</>;
}
