import {
  B_PICTURES,
  GOES,
  clockOf,
  dateAfter,
  BLOCK_NAMES,
  durationWords,
  packedGrams,
  ROUTINES,
  type DayPlan,
  type EveningTask,
  type Outing,
  type PackItem,
  type StoryReport,
} from '@strut-spot/core';
import type { Content, TableCell } from 'pdfmake/interfaces';
import { caption, cardPage, rule, type CardOnPaper } from './cardPage';
import type { TrackOfDay } from '../workers/answers/days';
import { GREY, HAIR, INK } from './colours';
import { A4, type PaperSize } from './sizes';
import { trackPage } from './trackPage';
import { dayWords } from '../words/dates';

export interface Booklet {
  readonly outing: Outing;
  readonly plans: readonly DayPlan[];
  readonly pack: readonly PackItem[];
  readonly evening: readonly EveningTask[];
  readonly story: StoryReport;
  readonly cards: readonly CardOnPaper[];
  /** The outing's track, where it has one. */
  readonly track?: TrackOfDay | null;
  /** What of the pack list is not owned, in words by its id. */
  readonly lacking?: Readonly<Record<string, string>>;
}

const lines = {
  hLineColor: () => HAIR,
  hLineWidth: () => 0.5,
  vLineWidth: () => 0,
  paddingLeft: () => 0,
  paddingRight: () => 6,
  paddingTop: () => 1.5,
  paddingBottom: () => 1.5,
};
const cell = (text: string, over: Record<string, unknown> = {}): TableCell => ({
  text,
  fontSize: 9,
  color: INK,
  ...over,
});
const box = (): TableCell => ({ canvas: [{ type: 'rect', x: 0, y: 1.5, w: 8, h: 8, lineColor: INK, lineWidth: 0.7 }] });

/** A table whose rows are never cut and whose head comes again on each page. */
const table = (widths: (string | number)[], body: TableCell[][], headerRows = 0): Content => ({
  table: { widths, body, headerRows, dontBreakRows: true },
  layout: lines,
});

const head = (text: string): Content => ({ text, fontSize: 14, bold: true, margin: [0, 10, 0, 2] });

function timetable(outing: Outing, plan: DayPlan): Content[] {
  const nameOf = (id: string) => outing.shots.find((shot) => shot.id === id)?.name ?? id;
  return [
    head(`Day ${plan.day}, ${dayWords(dateAfter(outing.date, plan.day - 1))}`),
    table(
      [66, 48, '*', 44],
      plan.blocks.map((block) => [
        cell(`${clockOf(block.from)}–${clockOf(block.to)}`),
        cell(BLOCK_NAMES[block.kind], { bold: block.kind === 'film' }),
        cell(
          block.kind === 'film'
            ? [block.shotIds.map(nameOf).join(', '), ...block.steps.map((step) => step.words)].join('; ')
            : block.steps.length > 0
              ? block.steps.map((step) => step.words).join('; ')
              : block.words,
          { bold: block.kind === 'film' },
        ),
        cell(durationWords(block.to - block.from), { alignment: 'right' }),
      ]),
    ),
    ...plan.why.map((why): Content => ({ text: why, fontSize: 8.5, color: GREY, margin: [0, 1, 0, 0] })),
  ];
}

/** One document of a whole outing: overview, days, evening, pack list, a card a shot, and lines for the log. */
export function bookletPages(booklet: Booklet, paper: PaperSize = A4): Content[] {
  const { outing, plans, pack, evening, story, cards, track, lacking = {} } = booklet;
  const blank = '_'.repeat(paper.id === 'A4' ? 46 : 28);
  return [
    { text: outing.name, fontSize: 26, bold: true },
    {
      text: [outing.place, dayWords(outing.date), outing.riderName].filter(Boolean).join(', '),
      fontSize: 11,
      color: GREY,
    },
    rule(paper, 1.4),
    ...(outing.note ? [{ text: outing.note, margin: [0, 0, 0, 4] } as Content] : []),
    {
      text: `${story.shots.length} shots, ${Math.round(story.seconds)} s of film of the ${Math.round(story.wantedS)} s that are wanted; about ${Math.max(1, Math.round(story.filmedS / 60))} min to be filmed for it.`,
    },
    ...story.missing.map((gap): Content => ({ text: `Missing: ${gap.words}`, color: GREY, fontSize: 9 })),
    ...plans.flatMap((plan) => timetable(outing, plan)),
    ...(outing.track && track ? trackPage(outing, outing.track, track, paper) : []),
    head('The evening before'),
    table(
      [12, '*', 44],
      evening.map((task) => [box(), cell(task.words), cell(`${task.minutes} min`, { alignment: 'right' })]),
    ),
    head(`To pack: ${(packedGrams(pack) / 1000).toFixed(1)} kg`),
    table(
      paper.id === 'A4' ? [12, 26, 200, '*', 44] : [12, 22, 118, '*', 38],
      pack.map((item) => [
        box(),
        cell(`${item.count} ×`),
        cell(item.name, { bold: true }),
        cell([item.why, GOES[item.goes], lacking[item.id]].filter(Boolean).join('; '), { color: GREY }),
        cell(item.grams === null ? '' : `${item.grams} g`, { alignment: 'right' }),
      ]),
    ),
    head('Pictures besides the ride'),
    table(
      [12, '*'],
      B_PICTURES.map(({ words }) => [box(), cell(words)]),
    ),
    head('There'),
    { text: `At the start: ${ROUTINES.start.join(', ').toLowerCase()}.`, fontSize: 9.5 },
    { text: `Between laps: ${ROUTINES.between.join(', ').toLowerCase()}`, fontSize: 9.5 },
    { text: `After: ${ROUTINES.after.join(', ').toLowerCase()}.`, fontSize: 9.5 },
    ...cards.flatMap((card): Content[] => [{ text: '', pageBreak: 'before' }, ...cardPage(card, paper)]),
    { text: 'Log', fontSize: 19, bold: true, pageBreak: 'before' },
    rule(paper, 1.4),
    ...cards.map(({ card }): Content => ({
      unbreakable: true,
      margin: [0, 0, 0, 8],
      stack: [
        { text: card.title, bold: true },
        {
          text: 'filmed   yes / no        usable   yes / partly / no        mount   held / slipped / lost        lens   clean / dirty',
          fontSize: 8.5,
          color: GREY,
        },
        { text: `battery left ______ %     ${blank}`, fontSize: 8.5, color: GREY, margin: [0, 4, 0, 0] },
      ],
    })),
    caption('Made with Strut Spot; figures are estimates where they say so'),
  ];
}
