import {
  dateOf,
  missingPiece,
  rigOfShot,
  shotQuestion,
  smallLength,
  type Outing,
  type Shot,
  type UnitSystem,
} from '@strut-spot/core';
import { computing, drawing, refining } from '../workers/core';
import { bookletPages, type Booklet } from './bookletPages';
import type { CardOnPaper } from './cardPage';
import { makePdf, pngUrl } from './makePdf';

const PICTURE_PX = 640;

/** All that a card on paper shows of a shot. */
export async function cardOnPaper(
  outing: Outing,
  shot: Shot,
  units: UnitSystem,
  widthPx = PICTURE_PX,
  draw: Pick<typeof refining, 'picture'> = refining,
): Promise<CardOnPaper> {
  const rig = rigOfShot(outing, shot);
  const { setUp, actionStanceId: stanceId } = shot;
  const [card, picture, drawing, report] = await Promise.all([
    computing.card(outing, shot, units),
    draw.picture({ rig, setUp, stanceId, widthPx, uncropped: false }),
    computing.sideElevation(rig, setUp),
    computing.report(shotQuestion(outing, shot), { only: [] }),
  ]);
  return {
    card,
    outingName: outing.name,
    outingLine: [outing.place, dateOf(outing, shot), shot.hour?.at ?? outing.startsAt].filter(Boolean).join(', '),
    pictureUrl: await pngUrl(picture),
    drawing,
    reachText: smallLength(report.reachM, units),
    heightText: smallLength(report.heightM, units),
  };
}

/** The booklet of an outing, its cards in the order of its days; shots whose place or pieces are lost are left out. */
export async function makeBooklet(
  outing: Outing,
  planned: Omit<Booklet, 'outing' | 'cards'>,
  units: UnitSystem,
): Promise<ArrayBuffer> {
  const order = planned.plans.flatMap((plan) => plan.order);
  const shots = order
    .flatMap((id) => outing.shots.find((shot) => shot.id === id) ?? [])
    .filter((shot) => missingPiece(rigOfShot(outing, shot), shot.setUp) === null);
  const cards: CardOnPaper[] = [];
  // Two at a time, each with a worker that draws: memory stays small.
  for (let i = 0; i < shots.length; i += 2)
    cards.push(
      ...(await Promise.all(
        shots
          .slice(i, i + 2)
          .map((shot, k) => cardOnPaper(outing, shot, units, PICTURE_PX, k === 0 ? refining : drawing)),
      )),
    );
  return makePdf({
    title: outing.name,
    subject: [outing.place, outing.date].filter(Boolean).join(', '),
    content: bookletPages({ outing, ...planned, cards }),
    footer: outing.name,
  });
}
