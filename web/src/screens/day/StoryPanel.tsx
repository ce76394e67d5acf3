import {
  AUDIENCES,
  B_PICTURES,
  B_STILL_S,
  intentOf,
  ROLES,
  rigOfCarrier,
  STORIES,
  type AudienceId,
  type Shot,
  type StoryReport,
} from '@strut-spot/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { newId } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import { ChoiceField } from '../../ui/ChoiceField';
import { NumberField } from '../../ui/NumberField';
import { Tick } from '../../ui/Tick';
import { computing } from '../../workers/core';
import { OwnStories } from './OwnStories';

const ROLE_NAMES: Readonly<Record<(typeof ROLES)[number], string>> = {
  opener: 'opener',
  ride: 'ride',
  reverse: 'look back',
  detail: 'detail',
  'pass-by': 'pass-by',
  face: 'face',
};
const SIZES = { close: 'close', full: 'of the whole', wide: 'wide' } as const;
const FROM = { rider: 'on the rider', machine: 'on the machine', beside: 'beside the course' } as const;

/** How many of each kind there are, in words; kinds without any are left out. */
function counted<Kind extends string>(kinds: readonly Kind[], wordsOf: (kind: Kind) => string): string {
  const all = [...new Set(kinds)].map((kind) => `${kinds.filter((k) => k === kind).length} ${wordsOf(kind)}`);
  return all.join(', ') || 'nothing yet';
}

const coverageOf = ({ shots }: StoryReport): readonly (readonly [string, string])[] => [
  [
    'from',
    counted(
      shots.map((s) => s.from),
      (from) => FROM[from],
    ),
  ],
  [
    'size',
    counted(
      shots.map((s) => s.size),
      (size) => SIZES[size],
    ),
  ],
  [
    'hands',
    counted(
      shots.map((s) => (s.hands ? 'with' : 'without')),
      (hands) => `${hands} hands`,
    ),
  ],
  [
    'carriers',
    counted(
      shots.map((s) => s.carrier),
      (name) => name.toLowerCase(),
    ),
  ],
];

/** What the film has, as a strip of its shots by their seconds, and what it lacks. */
export function StoryPanel({ story }: { readonly story: StoryReport }) {
  const { outing, change } = useOuting();
  const [adding, setAdding] = useState<string | null>(null);
  const nameOf = (id: string) => outing.shots.find((shot) => shot.id === id)?.name ?? id;

  /** The first carrier that can give such a shot. */
  const shotOf = async (intentIds: readonly string[]): Promise<Shot | null> => {
    for (const intentId of intentIds) {
      for (const carrier of outing.carriers) {
        const rig = rigOfCarrier(outing, carrier);
        if (intentId in (await computing.notOffered(rig))) continue;
        return computing.newShot(newId(), carrier, rig, intentId);
      }
    }
    return null;
  };
  const add = async (key: string, rows: readonly (readonly string[])[], seconds?: number) => {
    setAdding(key);
    try {
      const made: Shot[] = [];
      for (const intentIds of rows) {
        const shot = await shotOf(intentIds);
        if (shot) made.push(shot);
      }
      if (made.length === 0) {
        toast('No carrier of this outing gives such a shot.');
        return;
      }
      change((o) => ({ ...o, shots: [...o.shots, ...made], ...(seconds ? { film: { ...o.film, seconds } } : {}) }));
      if (made.length < rows.length)
        toast(
          `${rows.length - made.length} of ${rows.length} rows are left out: no carrier of this outing gives them.`,
        );
    } catch (error) {
      toast(`No shot was added: ${(error as Error).message}`);
    } finally {
      setAdding(null);
    }
  };

  return (
    <section aria-labelledby="story" className="space-y-2">
      <h2 id="story" className="caption border-b-2 border-ink pb-0.5">
        Story
      </h2>
      <NumberField
        label="Film of"
        value={story.wantedS}
        unit="s"
        step={10}
        digits={0}
        min={5}
        max={36000}
        onChange={(seconds) => change((o) => ({ ...o, film: { ...o.film, seconds } }), 'film')}
      />
      <ChoiceField
        label="Seen by"
        value={outing.film?.audience ?? 'friends'}
        choices={AUDIENCES}
        onChange={(id) => {
          const { seconds } = AUDIENCES.find((a) => a.id === id)!;
          change((o) => ({ ...o, film: { seconds, audience: id as AudienceId } }));
        }}
      />
      <ol className="flex h-9 w-full border border-ink bg-paper-2" aria-label="Shots by their seconds">
        {story.shots.map((shot) => (
          <li
            key={shot.shotId}
            className={`min-w-1 border-r border-ink last:border-r-0 ${shot.role === 'ride' ? 'bg-sheet' : 'bg-hivis'}`}
            style={{ width: `${(100 * shot.seconds) / Math.max(story.seconds, story.wantedS)}%` }}
            title={`${nameOf(shot.shotId)}: ${ROLE_NAMES[shot.role]}, ${shot.seconds} s`}
          >
            <span className="sr-only">{`${nameOf(shot.shotId)}: ${ROLE_NAMES[shot.role]}, ${shot.seconds} s`}</span>
          </li>
        ))}
      </ol>
      <p>
        <span className="reading">{Math.round(story.seconds)} s</span> of{' '}
        <span className="reading">{Math.round(story.wantedS)} s</span>; to be filmed for it about{' '}
        <span className="reading">{Math.max(1, Math.round(story.filmedS / 60))} min</span>, since{' '}
        {Math.round(story.usableShare * 100)} % is usable ({story.fromLog ? 'from the log' : 'as usual'}). The film is
        cut from about <span className="reading">{story.cuts}</span> pictures.
      </p>
      <table className="w-full text-[0.95rem]">
        <caption className="sr-only">What the story has</caption>
        <tbody>
          {ROLES.map((role) => {
            const of = story.shots.filter((shot) => shot.role === role);
            return (
              <tr key={role} className="border-b border-hair">
                <th scope="row" className="py-0.5 text-left font-[400] text-ink-2">
                  {ROLE_NAMES[role]}
                </th>
                <td className="py-0.5 text-right">
                  {of.length === 0
                    ? 'none'
                    : `${of.length}: ${[...new Set(of.map((s) => `${s.height === 'middle' ? '' : `${s.height}, `}${s.looking}`))].join('; ')}`}
                </td>
              </tr>
            );
          })}
          {coverageOf(story).map(([name, value]) => (
            <tr key={name} className="border-b border-hair">
              <th scope="row" className="py-0.5 text-left font-[400] text-ink-2">
                {name}
              </th>
              <td className="py-0.5 text-right">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {story.missing.length > 0 && (
        <ul aria-label="Missing from the story" className="space-y-0.5">
          {story.missing.map((gap) => (
            <li key={gap.words} className="flex items-baseline justify-between gap-2">
              <span>{gap.words}</span>
              <button
                type="button"
                className="inline-flex min-h-[24px] shrink-0 items-center gap-1 font-[620] text-hivis-ink underline underline-offset-2 max-lg:min-h-touch"
                disabled={adding !== null}
                onClick={() => void add(gap.words, [[gap.intentId]])}
              >
                <Plus size={13} aria-hidden />
                {adding === gap.words ? 'Searching…' : intentOf(gap.intentId).name}
              </button>
            </li>
          ))}
        </ul>
      )}
      <BesidesTheRide />
      <details>
        <summary className="min-h-[24px] font-[620] max-lg:min-h-touch">Begin from a story</summary>
        <ul className="divide-y divide-hair">
          {STORIES.map((one) => (
            <li key={one.id} className="py-1">
              <button
                type="button"
                className="text-left font-[620] text-hivis-ink underline underline-offset-2 max-lg:min-h-touch"
                disabled={adding !== null}
                onClick={() =>
                  void add(
                    one.id,
                    one.rows.map((r) => r.intentIds),
                    one.seconds,
                  )
                }
              >
                {adding === one.id ? 'Finding places…' : one.name}
              </button>
              <p className="text-[0.9rem] text-ink-2">
                {one.note}: {one.rows.map((r) => r.words).join(', ')}. Adds {one.rows.length} shots.
              </p>
            </li>
          ))}
        </ul>
      </details>
      <OwnStories
        adding={adding}
        onTake={(story) =>
          void add(
            story.id,
            story.intentIds.map((intentId) => [intentId]),
            story.seconds,
          )
        }
      />
    </section>
  );
}

/** Pictures that no camera on a strut takes, ticked as they are taken. */
function BesidesTheRide() {
  const { outing, change } = useOuting();
  const done = outing.plan?.done ?? [];
  return (
    <details open={B_PICTURES.some(({ id }) => done.includes(id))}>
      <summary className="min-h-[24px] font-[620] max-lg:min-h-touch">Pictures besides the ride</summary>
      <p className="text-[0.9rem] text-ink-2">By hand, {B_STILL_S} s still before and after each.</p>
      <ul>
        {B_PICTURES.map(({ id, words }) => (
          <li key={id}>
            <Tick
              label={words}
              checked={done.includes(id)}
              onChange={(on) =>
                change(
                  (o) => ({
                    ...o,
                    plan: {
                      ...o.plan,
                      done: on
                        ? [...(o.plan?.done ?? []).filter((d) => d !== id), id]
                        : (o.plan?.done ?? []).filter((d) => d !== id),
                    },
                  }),
                  `tick-done-${id}`,
                )
              }
            />
          </li>
        ))}
      </ul>
    </details>
  );
}
