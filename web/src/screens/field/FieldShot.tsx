import { pictureLightOf, rigOfShot, setUpFileOf, shotQuestion, type LogEntry, type Shot } from '@strut-spot/core';
import { Check, FileText, Video } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { changeLater } from '../../state/changeLater';
import { newId, nowIso } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { useSettings } from '../../storage/settings';
import { CannotCompute } from '../../ui/CannotCompute';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { VerdictMark } from '../../ui/VerdictMark';
import { computing, drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { keepStill, smallStill } from '../../storage/stills';
import { LevelPanel } from './LevelPanel';
import { StepTimer } from './StepTimer';
import { TakenPicture } from './TakenPicture';

const OUTCOMES = [
  { name: 'It is in the box', usable: 'yes', held: 'held' },
  { name: 'Partly', usable: 'partly', held: 'held' },
  { name: 'Not usable', usable: 'no', held: 'held' },
  { name: 'It slipped', usable: 'no', held: 'slipped' },
] as const;

/** One shot at the trailhead: what the level must read, the steps, the picture it should give, what came of it. */
export function FieldShot({ shot }: { readonly shot: Shot }) {
  const { outing, change, changeShot } = useOuting();
  const { units } = useSettings();
  const [levelling, setLevelling] = useState(false);
  const [taken, setTaken] = useState<File | null>(null);
  const rig = rigOfShot(outing, shot);
  const question = shotQuestion(outing, shot);
  const key = JSON.stringify([question, units]);
  const { value: card, problem } = useLatest(key, () => computing.card(outing, shot, units));
  const { value: picture } = useLatest(key, () =>
    drawing.picture({
      rig,
      setUp: shot.setUp,
      stanceId: shot.actionStanceId,
      widthPx: 640,
      uncropped: false,
      light: pictureLightOf(question),
    }),
  );
  const { angles } = shot.setUp;
  // Another reading, spot or base is not done yet.
  const tickOf = (id: string) =>
    `${shot.id.slice(0, 40)}/${id}/${id === 'level' ? `${angles.tiltDeg},${angles.rollDeg}` : shot.setUp.spotId.slice(0, 20)}`;
  const done = outing.plan?.done ?? [];
  const tick = (id: string, on: boolean) =>
    change((o) => ({
      ...o,
      plan: { ...o.plan, done: on ? [...(o.plan?.done ?? []), id] : (o.plan?.done ?? []).filter((one) => one !== id) },
    }));
  const log = ({ usable, held, name }: (typeof OUTCOMES)[number]) => {
    const entry: LogEntry = { id: newId(), at: nowIso(), done: true, usable, held, note: '', lap: shot.log.length + 1 };
    changeShot(shot.id, (s) => ({ ...s, log: [...s.log, entry] }));
    // Its still goes with the take.
    if (taken)
      void smallStill(taken).then(
        (bytes) => keepStill({ id: entry.id, outingId: outing.id, bytes }),
        () => undefined,
      );
    toast(`Logged, take ${entry.lap}: ${name.toLowerCase()}.`, {
      action: {
        label: 'Undo',
        onClick: () =>
          void changeLater(outing.id, (o) => ({
            ...o,
            shots: o.shots.map((s) => (s.id === shot.id ? { ...s, log: s.log.filter((e) => e.id !== entry.id) } : s)),
          })),
      },
    });
  };

  const stops = card?.checks.filter(({ verdict }) => verdict === 'stop') ?? [];
  return (
    <article>
      <h1 className="text-2xl leading-tight font-[720] [font-stretch:76%] wrap-anywhere">{shot.name}</h1>
      {card && <p className="text-lg">{card.where}</p>}
      {problem && <CannotCompute problem={problem} />}
      {stops.map(({ name, because }) => (
        <p key={name} role="alert" className="mt-1 border-l-4 border-hivis bg-sheet p-2 text-lg leading-tight">
          <VerdictMark verdict="stop" /> {name}: {because}.
        </p>
      ))}
      {card && (
        <section aria-label="What the level must read" className="mt-2 border-y-2 border-ink py-1">
          <p className="text-[4rem] leading-none font-[760] [font-stretch:66%]" data-testid="field-level">
            {card.level.tilt}
          </p>
          <p className="text-xl">{card.level.beside}</p>
        </section>
      )}
      <PictureCanvas
        picture={picture}
        label={`The picture it should give, ${card?.stance ?? ''}`}
        className="mt-2 aspect-video w-full border border-hair-strong bg-paper-2 object-contain"
      />
      <TakenPicture key={shot.id} shot={shot} question={question} onTaken={setTaken} />
      <ol className="mt-2" aria-label="Steps">
        {card?.steps.map(({ id, name, words, timer }) => {
          const on = done.includes(tickOf(id));
          return (
            <li key={id} className="border-b border-hair-strong py-2">
              <div className="flex gap-3">
                <button
                  type="button"
                  role="checkbox"
                  aria-checked={on}
                  aria-label={`${name} done`}
                  className={`flex size-14 shrink-0 items-center justify-center border-2 border-ink ${on ? 'bg-ink text-paper' : 'bg-sheet'}`}
                  onClick={() => tick(tickOf(id), !on)}
                >
                  {on && <Check size={30} aria-hidden />}
                </button>
                <div className="min-w-0 flex-1">
                  <h2 className={`text-xl leading-tight font-[700] ${on ? 'line-through decoration-2' : ''}`}>
                    {name}
                  </h2>
                  {!on && <p className="text-[1.05rem] leading-snug">{words}</p>}
                </div>
              </div>
              {!on && (
                <div className="mt-2 flex flex-wrap gap-2 empty:hidden">
                  {timer && <StepTimer seconds={timer.seconds} name={timer.name} />}
                  {id === 'level' && (
                    <button
                      type="button"
                      className="action min-h-touch"
                      aria-expanded={levelling}
                      onClick={() => setLevelling(!levelling)}
                    >
                      {levelling ? 'Put the level away' : 'Level with the phone'}
                    </button>
                  )}
                  {id === 'ride' && (
                    <Link className="action min-h-touch" to={`/outing/${outing.id}/shot/${shot.id}/clip`}>
                      <Video size={17} aria-hidden /> Test clip
                    </Link>
                  )}
                </div>
              )}
              {!on && id === 'level' && levelling && (
                <div className="mt-2">
                  <LevelPanel
                    wanted={card.level.reads}
                    setUpFile={() => JSON.stringify(setUpFileOf(outing, shot.id))}
                  />
                </div>
              )}
            </li>
          );
        })}
      </ol>
      <section aria-labelledby="came-of-it" className="mt-4">
        <h2 id="came-of-it" className="caption">
          What came of it
        </h2>
        <div className="mt-1 grid grid-cols-2 gap-2">
          {OUTCOMES.map((outcome) => (
            <button
              key={outcome.name}
              type="button"
              className="action min-h-14 justify-center text-lg"
              onClick={() => log(outcome)}
            >
              {outcome.name}
            </button>
          ))}
        </div>
        {shot.log.length > 0 && (
          <p className="mt-1 text-ink-2">
            {shot.log.length} {shot.log.length === 1 ? 'take' : 'takes'} logged.{' '}
            <Link className="underline underline-offset-2" to={`/outing/${outing.id}/shot/${shot.id}/log`}>
              Open the log
            </Link>
          </p>
        )}
      </section>
      {card && card.cautions.length > 0 && (
        <section aria-labelledby="mind" className="mt-4">
          <h2 id="mind" className="caption">
            Mind
          </h2>
          <ul className="mt-1 space-y-1.5 leading-snug">
            {card.cautions.map((caution) => (
              <li key={caution} className="border-l-4 border-hivis pl-2">
                {caution}
              </li>
            ))}
          </ul>
          <Link className="action mt-3 min-h-touch" to={`/outing/${outing.id}/shot/${shot.id}/card`}>
            <FileText size={17} aria-hidden /> The whole card
          </Link>
        </section>
      )}
    </article>
  );
}
