import { foundBy, percentLeft, shotReport, type BatteryReading } from '@strut-spot/core';
import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { readSetUp } from '../readSetUp';
import { share } from '../share';

/** What this camera draws over what its kind is reckoned to; which of it follows from the camera. The page is not told. */
const HIDDEN_DRAW = { low: 0.85, high: 1.35 } as const;
/** One second here is a minute of the camera's. */
const MINUTES_A_SECOND = 1;
const MOST_AT_ONCE = 40;

interface Recording {
  readonly since: number;
  readonly usableWh: number;
  readonly watts: number;
}
const recordings = new Map<string, Recording>();

/**
 * Stand-in power meter: a camera that records, as cold and as old as it is told, a minute a second. Body: { file: set-up file as text }.
 * Answers { id }, or 400 with the problems.
 */
export function startBattery(request: Request, response: Response): void {
  const question = readSetUp(request, response);
  if (!question) return;
  const { cameraId } = question.setUp;
  // As reckoned before anything was measured.
  const plain = {
    ...question,
    ...(question.supplies
      ? {
          supplies: {
            ...question.supplies,
            cameras: question.supplies.cameras.map(({ drawFactor, ...camera }) => {
              void drawFactor;
              return camera;
            }),
          },
        }
      : {}),
  };
  const { power } = foundBy(shotReport(plain, { only: ['last'] }), 'last');
  const hidden = HIDDEN_DRAW.low + share(cameraId) * (HIDDEN_DRAW.high - HIDDEN_DRAW.low);
  const [oldest] = recordings.keys();
  if (recordings.size >= MOST_AT_ONCE && oldest !== undefined) recordings.delete(oldest);
  const id = randomUUID();
  recordings.set(id, { since: performance.now(), usableWh: power.usableWh, watts: power.recordingW * hidden });
  response.json({ id });
}

/** What it shows by now: { recordedMin, percent }; 404 for a recording that is not (any more) known. */
export function readBattery(request: Request<{ id: string }>, response: Response): void {
  const recording = recordings.get(request.params.id);
  if (!recording) {
    response.status(404).json({ problem: 'That recording is over: start it again.' });
    return;
  }
  const recordedMin = ((performance.now() - recording.since) / 1000) * MINUTES_A_SECOND;
  const reading: BatteryReading = {
    recordedMin,
    percent: percentLeft(recording.usableWh, recording.watts, recordedMin),
  };
  response.json(reading);
}
