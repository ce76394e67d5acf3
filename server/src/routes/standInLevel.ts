import type { DeviceAngles } from '@strut-spot/core';
import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { readSetUp } from '../readSetUp';
import { share } from '../share';

/** How far off a hand begins, degrees, how soon it gets nearer, seconds, and how it trembles. */
const OFF_DEG = { tilt: 14, roll: 6 } as const;
const SETTLES_S = 4;
const TREMBLE = { deg: 0.3, hz: 5 } as const;
const MOST_AT_ONCE = 40;

interface Held {
  readonly since: number;
  readonly wanted: DeviceAngles;
  readonly off: DeviceAngles;
}
const hands = new Map<string, Held>();

/**
 * Stand-in level: a telephone laid on top of the camera while a hand turns it towards what the set-up asks for. Body: { file: set-up file as text }.
 * Answers { id }, or 400 with the problems.
 */
export function startLevel(request: Request, response: Response): void {
  const question = readSetUp(request, response);
  if (!question) return;
  const { tiltDeg, rollDeg } = question.setUp.angles;
  const [oldest] = hands.keys();
  if (hands.size >= MOST_AT_ONCE && oldest !== undefined) hands.delete(oldest);
  const id = randomUUID();
  hands.set(id, {
    since: performance.now(),
    wanted: { betaDeg: tiltDeg, gammaDeg: rollDeg },
    off: { betaDeg: OFF_DEG.tilt * (2 * share(id) - 1), gammaDeg: OFF_DEG.roll * (2 * share(`${id} roll`) - 1) },
  });
  response.json({ id });
}

/** What it reads by now, as angles of Device Orientation: { betaDeg, gammaDeg }; 404 for one that is not (any more) known. */
export function readLevel(request: Request<{ id: string }>, response: Response): void {
  const held = hands.get(request.params.id);
  if (!held) {
    response.status(404).json({ problem: 'That level was laid aside: start it again.' });
    return;
  }
  const seconds = (performance.now() - held.since) / 1000;
  const left = Math.exp(-seconds / SETTLES_S);
  const tremble = TREMBLE.deg * Math.sin(2 * Math.PI * TREMBLE.hz * seconds);
  const reading: DeviceAngles = {
    betaDeg: held.wanted.betaDeg + held.off.betaDeg * left + tremble,
    gammaDeg: held.wanted.gammaDeg + held.off.gammaDeg * left,
  };
  response.json(reading);
}
