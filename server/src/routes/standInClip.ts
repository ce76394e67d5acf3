import { LINES, movedAlong, previewMotion, shakeIn, shakeQuestionOf, shakeScene, steadiedPx } from '@strut-spot/core';
import type { Request, Response } from 'express';
import { zipSync, strToU8 } from 'fflate';
import { PNG } from 'pngjs';
import { chance, exposedBytes, filmed, riderOf } from '../film';
import { readSetUp, readTake } from '../readSetUp';

const LONG_SIDE_PX = 480;
const FPS = 30;
const SECONDS = 2.5;
/** A line is taken together from so many moments of its exposure, from this long a one on, seconds. */
const PARTS = 5;
const SHORT_S = 1 / 1000;
/** How much more or less than the model this rider's machine shakes on this ground: a factor of up to 1.8 either way. The page is not told. */
const HIDDEN_LOG = Math.log(1.8);

/**
 * Stand-in camera, moving: two and a half seconds of a set-up with the rider's posture and the shake of the model, more or less of it than that says, taken
 * line by line, each over its exposure and as bright as that makes it. Body: { file: set-up file as text, take: number }. Answers a ZIP of PNG pictures with clip.json
 * { framesPerSecond, pictures }, or 400 with the problems.
 */
export function standInClip(request: Request, response: Response): void {
  const take = readTake(request, response);
  const question = take === null ? null : readSetUp(request, response);
  if (take === null || !question) return;
  const { widthPx, heightPx, rgba } = filmed(question, take, LONG_SIDE_PX);
  const shake = shakeIn(shakeScene(shakeQuestionOf(question)));
  const factor = Math.exp(HIDDEN_LOG * chance(`${riderOf(question)} ${question.ride?.groundId}`, 17));
  const { up, sideways } = previewMotion(shake.spectra, shake.ways, take + 11);
  const scale = (Math.min(widthPx, heightPx) / LINES) * factor;
  const bytes = exposedBytes(question);
  const grey = new Uint8Array(widthPx * heightPx);
  const parts = shake.exposureS > SHORT_S ? PARTS : 1;
  const line = new Float32Array(widthPx);
  for (let i = 0; i < grey.length; i++)
    grey[i] = bytes[Math.round(0.3 * rgba[4 * i]! + 0.59 * rgba[4 * i + 1]! + 0.11 * rgba[4 * i + 2]!)]!;
  const files: Record<string, Uint8Array> = {
    'clip.json': strToU8(JSON.stringify({ framesPerSecond: FPS, pictures: FPS * SECONDS })),
  };
  for (let k = 0; k < FPS * SECONDS; k++) {
    const middleS = k / FPS;
    const steadied = [sideways, up].map((swings) => steadiedPx(swings, middleS));
    const png = new PNG({ width: widthPx, height: heightPx, colorType: 0, inputColorType: 0, bitDepth: 8 });
    const out = Buffer.alloc(widthPx * heightPx);
    const moved = Array.from({ length: parts }, (_, part) => {
      const fromS = middleS - 0.5 * shake.readoutS + ((part + 0.5) / parts - 0.5) * shake.exposureS;
      return [sideways, up].map((swings) => movedAlong(swings, fromS, shake.readoutS / heightPx, heightPx));
    });
    for (let y = 0; y < heightPx; y++) {
      line.fill(0);
      for (const [across, down] of moved) {
        const dx = (steadied[0]! + across![y]!) * scale;
        const dy = (steadied[1]! + down![y]!) * scale;
        addShiftedLine(grey, widthPx, heightPx, y, dx, dy, line);
      }
      for (let x = 0; x < widthPx; x++) out[y * widthPx + x] = line[x]! / parts;
    }
    png.data = out;
    files[`${String(k).padStart(3, '0')}.png`] = PNG.sync.write(png, {
      colorType: 0,
      inputColorType: 0,
      deflateLevel: 1,
    });
  }
  response.type('zip').send(Buffer.from(zipSync(files, { level: 0 })));
}

/** Adds one line of a picture that is shifted by parts of pixels. */
function addShiftedLine(
  grey: Uint8Array,
  width: number,
  height: number,
  y: number,
  dx: number,
  dy: number,
  out: Float32Array,
): void {
  const sy = Math.min(height - 1.001, Math.max(0, y - dy));
  const [row, v] = [Math.floor(sy), sy - Math.floor(sy)];
  for (let x = 0; x < width; x++) {
    const sx = Math.min(width - 1.001, Math.max(0, x - dx));
    const [column, u] = [Math.floor(sx), sx - Math.floor(sx)];
    const at = row * width + column;
    const above = grey[at]! * (1 - u) + grey[at + 1]! * u;
    const below = grey[at + width]! * (1 - u) + grey[at + width + 1]! * u;
    out[x]! += above * (1 - v) + below * v;
  }
}
