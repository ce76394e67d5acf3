import type { Request, Response } from 'express';
import { PNG } from 'pngjs';
import { exposedBytes, filmed } from '../film';
import { readSetUp, readTake } from '../readSetUp';

export const STILL_WIDTH_PX = 800;

/**
 * Stand-in camera: a still as the set-up would film it in the action stance, with a posture error that the page is not told, as bright as
 * its exposure has it.
 * Body: { file: set-up file as text, take: number }. Answers a PNG, or 400 with the problems.
 */
export function standInStill(request: Request, response: Response): void {
  const take = readTake(request, response);
  const question = take === null ? null : readSetUp(request, response);
  if (take === null || !question) return;
  const picture = filmed(question, take, STILL_WIDTH_PX);
  const png = new PNG({ width: picture.widthPx, height: picture.heightPx });
  const bytes = exposedBytes(question);
  png.data = Buffer.from(picture.rgba.map((byte, i) => (i % 4 === 3 ? byte : bytes[byte]!)).buffer);
  response.type('png').send(PNG.sync.write(png));
}
