import { useState } from 'react';
import { BookOpen, CalendarPlus } from 'lucide-react';
import { toast } from 'sonner';
import { download, fileNameOf } from '../../devices/download';
import { useOuting } from '../../state/OutingProvider';
import { useSettings } from '../../storage/settings';
import { A4, PAPER_SIZES } from '../../paper/sizes';
import { NOTHING_COUNTED, STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { CannotCompute } from '../../ui/CannotCompute';
import { Tick } from '../../ui/Tick';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { lackWords } from './lackWords';
import { PackPanel } from './PackPanel';
import { StoryPanel } from './StoryPanel';
import { Timetable } from './Timetable';
import { TrackPanel } from './TrackPanel';

const REST_MS = 200;

/** From shots to days that work: story, order and timetable, what to pack and to do before. */
export function DayScreen() {
  const { outing, change } = useOuting();
  const { units } = useSettings();
  const box = useKitBox() ?? STANDARD_BOX;
  const counts = box.counts ?? NOTHING_COUNTED;
  const [paper, setPaper] = useState<string>(A4.id);
  const [making, setMaking] = useState<string | null>(null);
  const key = useRested(JSON.stringify([outing, counts]), REST_MS);
  const story = useLatest(key, () => judging.story(outing));
  const track = useLatest(key, () => judging.track(outing));
  const day = useLatest(key, () => judging.day(outing, counts));
  const own = outing.plan?.order !== undefined;
  const saved =
    day.value?.best && own
      ? day.value.plans.reduce((sum, plan, i) => sum + plan.endMin - (day.value!.best![i]?.endMin ?? plan.endMin), 0)
      : 0;

  const saveCalendar = async () => {
    if (!day.value) return;
    try {
      const { calendarOf } = await import('../../formats/calendar');
      download(`${fileNameOf(outing.name)}.ics`, calendarOf(outing, day.value.plans), 'text/calendar');
    } catch (error) {
      toast(`The calendar could not be made: ${(error as Error).message}`);
    }
  };
  const saveBooklet = async () => {
    if (!day.value || !story.value) return;
    setMaking('Making the booklet…');
    try {
      const { makeBooklet } = await import('../../paper/makeBooklet');
      const lacking = Object.fromEntries(
        day.value.pack.flatMap((item) => {
          const words = lackWords(box, item);
          return words ? [[item.id, words]] : [];
        }),
      );
      const planned = { ...day.value, story: story.value, track: track.value ?? null, lacking };
      const bytes = await makeBooklet(
        outing,
        planned,
        units,
        PAPER_SIZES.find(({ id }) => id === paper) ?? A4,
        (made, of) => setMaking(`Card ${made + 1} of ${of}…`),
      );
      download(`${fileNameOf(outing.name)}-booklet.pdf`, bytes, 'application/pdf');
    } catch (error) {
      toast(`The booklet could not be made: ${(error as Error).message}`);
    } finally {
      setMaking(null);
    }
  };

  return (
    <main className="mx-auto grid max-w-7xl grid-cols-[minmax(0,1fr)] gap-x-7 gap-y-6 px-4 py-4 lg:grid-cols-[19rem_minmax(0,1fr)_21rem]">
      <div className="max-lg:order-2">{story.value && <StoryPanel story={story.value} />}</div>
      <div className="min-w-0 max-lg:order-1">
        <div className="flex flex-wrap items-end justify-between gap-2">
          <h1 className="text-3xl leading-none font-[700] [font-stretch:72%]">Days</h1>
          <div className="flex flex-wrap gap-2">
            <button type="button" className="action" disabled={!day.value} onClick={() => void saveCalendar()}>
              <CalendarPlus size={16} aria-hidden /> Calendar
            </button>
            <select
              aria-label="Paper of the booklet"
              className="field"
              value={paper}
              onChange={(event) => setPaper(event.target.value)}
            >
              {PAPER_SIZES.map(({ id }) => (
                <option key={id} className="bg-sheet text-ink">
                  {id}
                </option>
              ))}
            </select>
            <button
              type="button"
              className="action action-main"
              disabled={making !== null || !day.value || !story.value || day.value.plans.length === 0}
              onClick={() => void saveBooklet()}
            >
              <BookOpen size={16} aria-hidden /> {making ?? 'Booklet as PDF'}
            </button>
          </div>
        </div>
        <div className="mt-2 flex flex-wrap items-center justify-between gap-x-6">
          <Tick
            label="Keep to the shots’ own hours"
            checked={!(outing.plan?.freeHours ?? false)}
            onChange={(keep) => change((o) => ({ ...o, plan: { ...o.plan, freeHours: !keep } }), 'free-hours')}
          />
          {own && (
            // The button first: what is said behind it grows when the plan is worked out, and must not push it away.
            <p className="w-full">
              <button
                type="button"
                className="mr-2 min-h-[24px] font-[620] text-hivis-ink underline underline-offset-2 max-lg:min-h-touch"
                onClick={() =>
                  change((o) => {
                    const { order, ...rest } = o.plan ?? {};
                    void order;
                    return { ...o, plan: rest };
                  })
                }
              >
                Take the best
              </button>
              <span>Your own order{saved > 0.5 && `, ${Math.round(saved)} min longer than the best`}.</span>
            </p>
          )}
        </div>
        {day.value?.plans.map((plan) => (
          <Timetable key={plan.day} plan={plan} date={outing.date} />
        ))}
        {day.value?.plans.length === 0 && (
          <p className="mt-3 border border-dashed border-hair-strong p-6 text-ink-2">
            No shots yet. Begin from a story, or add shots on the sheet before this.
          </p>
        )}
        {!day.value && !day.problem && <p className="caption p-8">Planning…</p>}
        <TrackPanel day={track.value ?? null} />
      </div>
      <div className="max-lg:order-3">
        {day.value && <PackPanel pack={day.value.pack} evening={day.value.evening} />}
      </div>
      <CannotCompute problem={day.problem ?? story.problem} />
    </main>
  );
}
