import {
  dateOf,
  missingPiece,
  pictureLightOf,
  rigOfShot,
  shotQuestion,
  smallLength,
  type CardContent,
  type Outing,
  type Picture,
  type Shot,
  type ShotReport,
  type SideElevation,
  type UnitSystem,
} from '@strut-spot/core';
import { computing, drawing } from '../workers/core';
import { bookletPages, type Booklet } from './bookletPages';
import type { CardOnPaper } from './cardPage';
import { makePdf, pngUrl } from './makePdf';
import type { PaperSize } from './sizes';
import { dayWords } from '../words/dates';

const PICTURE_PX = 640;

interface CardParts {
  readonly card: CardContent;
  readonly picture: Picture;
  readonly drawing: SideElevation;
  readonly report: Pick<ShotReport, 'reachM' | 'heightM'>;
}

/** What a card on paper shows, of parts that are there already. */
export const onPaper = async (
  outing: Outing,
  shot: Shot,
  units: UnitSystem,
  { card, picture, drawing, report }: CardParts,
): Promise<CardOnPaper> => ({
  card,
  outingName: outing.name,
  outingLine: [outing.place, dayWords(dateOf(outing, shot)), shot.hour?.at ?? outing.startsAt]
    .filter(Boolean)
    .join(', '),
  pictureUrl: await pngUrl(picture),
  drawing,
  reachText: smallLength(report.reachM, units),
  heightText: smallLength(report.heightM, units),
});

/** The same for a shot of which nothing is there yet. */
async function cardOnPaper(
  outing: Outing,
  shot: Shot,
  units: UnitSystem,
  draw: Pick<typeof drawing, 'picture'>,
): Promise<CardOnPaper> {
  const rig = rigOfShot(outing, shot);
  const { setUp, actionStanceId: stanceId } = shot;
  const question = shotQuestion(outing, shot);
  const [card, picture, drawing, report] = await Promise.all([
    computing.card(outing, shot, units),
    draw.picture({ rig, setUp, stanceId, widthPx: PICTURE_PX, uncropped: false, light: pictureLightOf(question) }),
    computing.sideElevation(rig, setUp),
    computing.report(question, { only: [] }),
  ]);
  return onPaper(outing, shot, units, { card, picture, drawing, report });
}

/** The booklet of an outing, its cards in the order of its days; shots whose place or pieces are lost are left out. */
export async function makeBooklet(
  outing: Outing,
  planned: Omit<Booklet, 'outing' | 'cards'>,
  units: UnitSystem,
  size: PaperSize,
  onCard: (made: number, of: number) => void = () => undefined,
): Promise<ArrayBuffer> {
  const order = planned.plans.flatMap((plan) => plan.order);
  const shots = order
    .flatMap((id) => outing.shots.find((shot) => shot.id === id) ?? [])
    .filter((shot) => missingPiece(rigOfShot(outing, shot), shot.setUp) === null);
  const cards: CardOnPaper[] = [];
  // Two at a time, each with a worker that draws: memory stays small.
  for (let i = 0; i < shots.length; i += 2) {
    onCard(i, shots.length);
    cards.push(
      ...(await Promise.all(
        shots.slice(i, i + 2).map((shot, k) => cardOnPaper(outing, shot, units, k === 0 ? drawing : drawing)),
      )),
    );
  }
  return makePdf({
    title: outing.name,
    subject: [outing.place, outing.date].filter(Boolean).join(', '),
    content: bookletPages({ outing, ...planned, cards }, size),
    size,
    footer: outing.name,
  });
}
