import type { CardContent, SideElevation } from '@strut-spot/core';
import type { Content, TableCell } from 'pdfmake/interfaces';
import { GREY, HAIR, HIVIS, INK } from './colours';
import { A4, type PaperSize } from './sizes';
import { strutCanvas } from './strutCanvas';

export interface CardOnPaper {
  readonly card: CardContent;
  readonly outingName: string;
  readonly outingLine: string;
  /** PNG as a data address. */
  readonly pictureUrl: string;
  readonly drawing: SideElevation;
  readonly reachText: string;
  readonly heightText: string;
}

const GAP = 18;
const DRAWING_HEIGHT = 128;

const captionOf = (text: string) => ({ text: text.toUpperCase(), fontSize: 7, bold: true, color: GREY });
export const caption = (text: string): Content => ({ ...captionOf(text), margin: [0, 0, 0, 1] });
export const rule = ({ textWidth }: PaperSize, lineWidth = 0.6): Content => ({
  canvas: [{ type: 'line', x1: 0, y1: 0, x2: textWidth, y2: 0, lineWidth, lineColor: INK }],
  margin: [0, 3, 0, 4],
});
const cell = (text: string, color = INK, bold = false): TableCell => ({
  text,
  fontSize: 8.5,
  color,
  bold,
  border: [false, false, false, true],
});

/** One shot's card; what does not go on one page goes on to the next, no line of it cut. */
export function cardPage(
  { card, outingName, outingLine, pictureUrl, drawing, reachText, heightText }: CardOnPaper,
  paper: PaperSize = A4,
): Content[] {
  const column = (paper.textWidth - GAP) / 2;
  const lines = [...card.mode, ...card.numbers, ...card.lasting, { label: 'Pieces', value: card.chain.join(' → ') }];
  return [
    { text: card.title, fontSize: 19, bold: true, tocItem: false },
    { text: [outingName, outingLine].filter(Boolean).join(', '), fontSize: 9, color: GREY },
    rule(paper, 1.4),
    {
      columns: [
        {
          width: column,
          stack: [
            caption('Spot'),
            { text: card.where, fontSize: 15, bold: true, margin: [0, 0, 0, 4] },
            caption(card.level.caption),
            { text: card.level.tilt, fontSize: 34, bold: true },
            { text: card.level.beside, fontSize: 10.5 },
            { text: card.stance, fontSize: 9.5, color: GREY },
          ],
        },
        {
          width: column,
          stack: [
            { canvas: strutCanvas(drawing, column, DRAWING_HEIGHT), margin: [0, 0, 0, 6] },
            {
              text: `${drawing.reading}; reach ${reachText}, height ${heightText}`,
              fontSize: 8,
              color: GREY,
            },
          ],
        },
      ],
      columnGap: GAP,
    },
    {
      text: card.checks.map((c) => `${c.name}: ${c.verdict}`).join('    '),
      fontSize: 9.5,
      bold: true,
      margin: [0, 6, 0, 0],
    },
    ...card.checks
      .filter((c) => c.verdict === 'stop')
      .map(({ name, because }): Content => ({ text: `STOP, ${name}: ${because ?? ''}`, fontSize: 9, bold: true })),
    rule(paper),
    {
      columns: [
        {
          width: column,
          table: {
            widths: [paper.labelWidth, '*'],
            body: lines.map(({ label, value }) => [cell(label, GREY), cell(value, INK, true)]),
            dontBreakRows: true,
          },
          layout: {
            hLineColor: () => HAIR,
            hLineWidth: () => 0.5,
            vLineWidth: () => 0,
            paddingLeft: () => 0,
            paddingRight: () => 4,
            paddingTop: () => 1.5,
            paddingBottom: () => 1.5,
          },
        },
        {
          width: column,
          stack: [
            { image: pictureUrl, fit: [column, 190] },
            { ...captionOf(`The picture it should give, ${card.stance}`), margin: [0, 4, 0, 0] },
          ],
        },
      ],
      columnGap: GAP,
    },
    rule(paper),
    {
      columns: [
        {
          width: column,
          stack: [
            caption('In this order'),
            { ol: card.steps.map(({ words }) => ({ text: words, fontSize: 9, margin: [0, 0, 0, 2.5] })) },
          ],
        },
        {
          width: column,
          stack: [
            caption('Mind'),
            ...card.cautions.map((text): Content => ({
              table: {
                widths: ['*'],
                body: [[{ text, fontSize: 9, border: [true, false, false, false] }]],
                dontBreakRows: true,
              },
              layout: {
                vLineColor: () => HIVIS,
                vLineWidth: () => 3,
                hLineWidth: () => 0,
                paddingTop: () => 0,
                paddingBottom: () => 0,
              },
              margin: [0, 0, 0, 3],
            })),
          ],
        },
      ],
      columnGap: GAP,
    },
  ];
}
