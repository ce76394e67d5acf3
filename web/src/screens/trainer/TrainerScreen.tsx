import { rigOfCarrier, trainerAnswer, tiltWords, type TrainerRound } from '@strut-spot/core';
import { RotateCcw } from 'lucide-react';
import { Slider } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import { useOuting } from '../../state/OutingProvider';
import { withLocalStore } from '../../storage/localStore';
import { CannotCompute } from '../../ui/CannotCompute';
import { NumberField } from '../../ui/NumberField';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { computing, drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

const KEPT = 'strut-spot-trainer';
const MOST_KEPT = 12;
const LIMIT_DEG = 80;

/** Mean errors of the games before, degrees, oldest first. */
function gamesBefore(): readonly number[] {
  try {
    const kept: unknown = JSON.parse(withLocalStore((store) => store.getItem(KEPT), null) ?? '[]');
    return Array.isArray(kept) ? kept.filter((n): n is number => typeof n === 'number' && Number.isFinite(n)) : [];
  } catch {
    return [];
  }
}

const newSeed = () => Math.floor(Math.random() * 1e9);

/** Ten guesses of what the level must read, on one's own carriers: so that an angle is seen before it is set. */
export function TrainerScreen() {
  const { outing } = useOuting();
  const [seed, setSeed] = useState(newSeed);
  const rounds = useLatest(JSON.stringify([outing.carriers, seed]), () =>
    computing.trainerRounds(
      outing.carriers.map((carrier) => rigOfCarrier(outing, carrier)),
      seed,
    ),
  );
  return (
    <main className="mx-auto max-w-5xl px-4 py-5">
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-1">
        <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Guess the tilt</h1>
        <p className="max-w-xl text-ink-2">
          You stand beside it and set the level. Under way the posture turns the camera: what must the level read now,
          so that the horizon comes to the dashed line then?
        </p>
      </div>
      {rounds.value?.length === 0 && (
        <p className="border border-dashed border-hair-strong p-6 text-ink-2">
          Nothing can be guessed on these carriers.{' '}
          <Link className="underline underline-offset-2" to={`/outing/${outing.id}`}>
            Add one
          </Link>{' '}
          with somebody or something that moves.
        </p>
      )}
      {rounds.value && rounds.value.length > 0 && (
        <Game key={seed} rounds={rounds.value} onAgain={() => setSeed(newSeed())} />
      )}
      {!rounds.value && !rounds.problem && <p className="caption py-16 text-center">Choosing places…</p>}
      <CannotCompute problem={rounds.problem} />
    </main>
  );
}

function Game({ rounds, onAgain }: { readonly rounds: readonly TrainerRound[]; readonly onAgain: () => void }) {
  const [errors, setErrors] = useState<readonly number[]>([]);
  const [before] = useState(gamesBefore);
  const over = errors.length === rounds.length;
  const mean = errors.reduce((sum, deg) => sum + deg, 0) / Math.max(1, errors.length);
  const done = (offDeg: number) => {
    const all = [...errors, Math.abs(offDeg)];
    setErrors(all);
    if (all.length < rounds.length) return;
    const whole = all.reduce((sum, deg) => sum + deg, 0) / all.length;
    const kept = [...before, Math.round(whole * 10) / 10].slice(-MOST_KEPT);
    withLocalStore((store) => store.setItem(KEPT, JSON.stringify(kept)), undefined);
  };
  if (over)
    return (
      <section aria-label="Result" className="border-2 border-ink bg-sheet p-5">
        <p className="caption">On average you were off by</p>
        <p className="text-[4rem] leading-none font-[740] [font-stretch:68%]" data-testid="trainer-mean">
          {mean.toFixed(1)}°
        </p>
        <p className="mt-2">
          Each round: {errors.map((deg) => `${deg.toFixed(0)}°`).join(', ')}.
          {before.length > 0 && ` Games before: ${before.map((deg) => `${deg.toFixed(1)}°`).join(', ')}.`}
        </p>
        <p className="mt-1 text-ink-2">
          Whoever levels by eye at the trailhead is off by some ten degrees; within five a test clip mends the rest.
        </p>
        <button type="button" className="action action-main mt-3" onClick={onAgain}>
          <RotateCcw size={16} aria-hidden /> Ten more
        </button>
      </section>
    );
  return (
    <Round
      key={errors.length}
      round={rounds[errors.length]!}
      number={errors.length + 1}
      of={rounds.length}
      onDone={done}
    />
  );
}

interface RoundProps {
  readonly round: TrainerRound;
  readonly number: number;
  readonly of: number;
  readonly onDone: (offDeg: number) => void;
}

function Round({ round, number, of, onDone }: RoundProps) {
  const [guess, setGuess] = useState(0);
  const [made, setMade] = useState(false);
  const answer = made ? trainerAnswer(round, guess) : null;
  const portrait = useLatest('portrait', () =>
    drawing.carrierPortrait(round.rig, round.stanceId, {
      widthPx: 480,
      heightPx: 320,
      aroundDeg: 80,
      aboveDeg: 6,
      land: true,
    }),
  );
  const picture = useLatest(made ? `picture ${guess}` : null, () =>
    drawing.picture({
      rig: round.rig,
      setUp: { ...round.setUp, angles: { ...round.setUp.angles, tiltDeg: guess } },
      stanceId: round.stanceId,
      widthPx: 560,
      uncropped: false,
    }),
  );
  return (
    <div className="grid gap-4 md:grid-cols-2">
      <section aria-label="What is filmed from" className="min-w-0">
        <p className="caption">
          {number} of {of}
        </p>
        <h2 className="text-xl leading-tight font-[680]">
          {round.carrier}: {round.place.toLowerCase()}
        </h2>
        <p className="text-ink-2">ridden: {round.stance.toLowerCase()}</p>
        <PictureCanvas
          picture={portrait.value}
          label={`${round.carrier}, ${round.stance.toLowerCase()}, from its right`}
          className="mt-1 aspect-[3/2] w-full border border-hair-strong bg-paper-2"
        />
      </section>
      <section aria-label="The picture" className="min-w-0">
        <p className="caption">{made ? 'What you would film' : 'Where the horizon is wanted'}</p>
        <div className="relative aspect-video w-full border border-hair-strong bg-paper-2">
          {made && (
            <PictureCanvas
              picture={picture.value}
              label="The picture that this angle gives"
              className="absolute inset-0 size-full"
            />
          )}
          <svg
            viewBox="0 0 100 100"
            preserveAspectRatio="none"
            className="absolute inset-0 size-full"
            aria-hidden="true"
          >
            <line
              x1="0"
              x2="100"
              y1={round.wantedHeight * 100}
              y2={round.wantedHeight * 100}
              stroke="#ff6416"
              strokeWidth="2.5"
              strokeDasharray="7 6"
              vectorEffect="non-scaling-stroke"
            />
          </svg>
        </div>
        <p className="reading text-ink-2">horizon at {Math.round(round.wantedHeight * 100)} % from the top</p>
        <div className="mt-2 flex items-center gap-4">
          <Slider.Root
            className="relative flex h-touch flex-1 touch-none items-center"
            min={-LIMIT_DEG}
            max={LIMIT_DEG}
            step={1}
            value={[guess]}
            disabled={made}
            onValueChange={([value]) => setGuess(value!)}
          >
            <Slider.Track className="relative h-[3px] flex-1 bg-hair-strong" />
            <Slider.Thumb
              aria-label="The level reads, degrees up"
              className="block size-8 border-2 border-ink bg-hivis"
            />
          </Slider.Root>
          <div className="w-44">
            <NumberField
              label="Level reads"
              value={guess}
              unit="°"
              step={1}
              digits={0}
              min={-LIMIT_DEG}
              max={LIMIT_DEG}
              disabled={made}
              onChange={setGuess}
            />
          </div>
        </div>
        <div aria-live="polite">
          {answer && (
            <div className="mt-1 border-l-4 border-hivis bg-sheet p-2" data-testid="trainer-answer">
              <p className="text-lg font-[640]">{answer.words}</p>
              <p>
                You set {tiltWords(guess, 'up', 'down', 'level')}, right is{' '}
                {tiltWords(round.answerDeg, 'up', 'down', 'level')}.
              </p>
            </div>
          )}
        </div>
        {answer ? (
          <button type="button" className="action action-main mt-2" onClick={() => onDone(answer.offDeg)}>
            {number === of ? 'How was I?' : 'Next'}
          </button>
        ) : (
          <button type="button" className="action action-main mt-2" onClick={() => setMade(true)}>
            Look
          </button>
        )}
      </section>
    </div>
  );
}
