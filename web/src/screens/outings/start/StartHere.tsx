import {
  asRidden,
  isStopped,
  rankCandidates,
  resolveRig,
  weightsOf,
  withVariety,
  type Candidate,
} from '@strut-spot/core';
import { Search, X } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { candidatesOf } from '../../../searching/searchState';
import { useSpotSearch } from '../../../searching/useSpotSearch';
import { newId, nowIso } from '../../../state/newId';
import { askToKeep } from '../../../storage/askToKeep';
import { STANDARD_BOX, useKitBox } from '../../../storage/kitBox';
import { saveOuting } from '../../../storage/outings';
import { trouble } from '../../../storage/trouble';
import { VerdictLegend } from '../../../ui/VerdictLegend';
import { carrierAsked, firstQuestion, outingWith, searchAsked, stillThere, type FilmQuestion } from './filmQuestion';
import { FoundPlace } from './FoundPlace';
import { PictureChoice } from './PictureChoice';
import { useFilmChoices } from './useFilmChoices';

/** So many places are shown; the others are on the sheet where spots are searched. */
const SHOWN = 4;

/** What was chosen last, for whoever comes back to the first page. */
let asked: FilmQuestion | null = null;

/** The way in: three choices, then pictures of the places that were found. */
export function StartHere({ onProblem }: { readonly onProblem: (problem: string) => void }) {
  const [chosen, setChosen] = useState(() => asked ?? firstQuestion());
  const stored = useKitBox();
  const box = stored ?? STANDARD_BOX;
  const film = useMemo(() => stillThere(chosen, box.own), [chosen, box]);
  const navigate = useNavigate();
  const { machines, intents, cameras } = useFilmChoices(film, box.own);
  const question = useMemo(() => searchAsked(film, box, nowIso()), [film, box]);
  const { state, outdated, start, stop } = useSpotSearch(question);
  const best = useMemo(
    () => withVariety(rankCandidates(candidatesOf(state), weightsOf(question.ask)), SHOWN),
    [state, question],
  );
  // One picture a place: its other struts are on the sheet where spots are searched.
  const places = best
    .filter(({ candidate: { setUp } }, i) => best.findIndex((b) => b.candidate.setUp.spotId === setUp.spotId) === i)
    .slice(0, SHOWN);
  const stopped =
    best.length > 0 && best.every(({ candidate }) => isStopped(state.exact.get(candidate.id)?.candidate ?? candidate));
  const choose = (part: Partial<FilmQuestion>) => setChosen((before) => ({ ...before, ...part }));
  useEffect(() => {
    asked = chosen;
  }, [chosen]);
  const { rig } = carrierAsked(film);
  const { actionStanceId } = resolveRig(rig).machine;
  const busy = state.phase === 'searching' || state.phase === 'checking';

  const take = async (candidate: Candidate, sheet: '' | '/find') => {
    const ids = { outing: newId(), shot: newId() };
    try {
      await saveOuting(outingWith(film, candidate, box, ids, nowIso()));
    } catch (error) {
      return onProblem(`No outing was begun: ${trouble(error)}.`);
    }
    askToKeep();
    await navigate(`/outing/${ids.outing}/shot/${ids.shot}${sheet}`);
  };
  const chosenOf = <Item extends { readonly id: string }>(items: readonly Item[], id: string): Item =>
    items.find((item) => item.id === id) ?? items[0]!;
  const intent = chosenOf(intents, film.intentId);

  return (
    <section aria-labelledby="start-here" className="mb-8">
      <h1 id="start-here" className="text-4xl leading-none font-[700] [font-stretch:70%]">
        Where does the camera go?
      </h1>
      <p className="mt-1 mb-3 max-w-2xl text-[1.07rem] text-ink-2">
        Say what you have and what the film should show. Every place on it is tried, and you see what the camera would
        see from the best ones.
      </p>
      <div className="grid gap-3 sm:grid-cols-3">
        <PictureChoice
          label="Filmed from"
          choices={machines}
          chosen={chosenOf(machines, film.machineId)}
          onChoose={(machineId) => choose({ machineId })}
        />
        <PictureChoice
          label="The film should show"
          choices={intents}
          chosen={intent}
          onChoose={(intentId) => choose({ intentId })}
        />
        <PictureChoice
          label="With this camera"
          choices={cameras}
          chosen={chosenOf(cameras, film.cameraId)}
          onChoose={(cameraId) => choose({ cameraId })}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        {busy ? (
          <button type="button" className="action" onClick={stop}>
            <X size={16} aria-hidden /> Stop
          </button>
        ) : (
          <button
            type="button"
            className="action action-main px-5 text-[1.1rem]"
            // Before the box is read, an answer would be of another one.
            disabled={intent.never !== undefined || stored === undefined}
            onClick={() => void start()}
          >
            <Search size={17} aria-hidden /> Find the places
          </button>
        )}
        <p aria-live="polite" className="min-w-0 flex-1" data-testid="start-progress" data-phase={state.phase}>
          {intent.never !== undefined && `${intent.name}: ${intent.never}.`}
          {state.phase === 'searching' && `Trying place ${Math.min(state.done + 1, state.jobs)} of ${state.jobs}…`}
          {state.phase === 'checking' && 'Checking the best in full…'}
          {state.phase === 'failed' && `The search broke off: ${state.because}`}
          {state.phase === 'done' &&
            !outdated &&
            (stopped
              ? 'With this camera a check stops every place. Look through every camera in the box, or choose another one.'
              : places.length > 1
                ? 'The best places, each unlike the others. Take one to the bench, where everything about it can be changed.'
                : places.length > 0
                  ? 'One place shows that with this camera. Take it to the bench, where everything about it can be changed.'
                  : 'No place shows that with this camera. Try another camera, or another kind of shot.')}
        </p>
      </div>
      {best.length > 0 && !outdated && (
        <>
          <ul className="mt-3 grid grid-cols-2 gap-3 lg:grid-cols-4" data-testid="start-places">
            {places.map(({ candidate }) => (
              <FoundPlace
                key={candidate.id}
                candidate={candidate}
                exact={state.exact.get(candidate.id)}
                ridden={asRidden({ rig, actionStanceId }, candidate.onlyIn)}
                onTake={() => void take(candidate, '')}
              />
            ))}
          </ul>
          <div className="mt-2">
            <VerdictLegend />
          </div>
          {state.phase === 'done' && (best.length > places.length || stopped) && (
            <button
              type="button"
              className={`action mt-2 ${stopped ? 'action-main' : ''}`}
              onClick={() => void take(best[0]!.candidate, '/find')}
            >
              All places, with every camera in the box
            </button>
          )}
        </>
      )}
    </section>
  );
}
