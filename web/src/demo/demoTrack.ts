import { keepTrack, type KeptTrack, type Stretch, type TrackPoint } from '@strut-spot/core';

/** Legs of the gravel ride over the ridge, with bends of some metres to either side. */
const LEGS = [
  { metres: 1800, headingDeg: 40, climbM: 104, mps: 3.6 },
  { metres: 900, headingDeg: 85, climbM: 22, mps: 6.2 },
  { metres: 2400, headingDeg: 130, climbM: -158, mps: 9.4 },
] as const;
const STEP_M = 30;
const METRES_PER_DEG = 111_195;
const START = { latDeg: 61.398, lonDeg: -9.63, eleM: 48, ms: Date.parse('2027-01-30T10:40:00Z') };

function points(): TrackPoint[] {
  const all: TrackPoint[] = [START];
  let along = 0;
  for (const { metres, headingDeg, climbM, mps } of LEGS) {
    for (let done = 0; done < metres; done += STEP_M) {
      const last = all.at(-1)!;
      along += STEP_M;
      const way = ((headingDeg + 26 * Math.sin(along / 130) + 14 * Math.sin(along / 47)) * Math.PI) / 180;
      const roll = 3 * Math.sin(along / 210) - 3 * Math.sin((along - STEP_M) / 210);
      all.push({
        latDeg: last.latDeg + (STEP_M * Math.cos(way)) / METRES_PER_DEG,
        lonDeg: last.lonDeg + (STEP_M * Math.sin(way)) / (METRES_PER_DEG * Math.cos((last.latDeg * Math.PI) / 180)),
        eleM: last.eleM! + (climbM * STEP_M) / metres + roll,
        ms: last.ms! + (STEP_M / mps) * 1000,
      });
    }
  }
  return all;
}

/** An earlier ride of the same way. */
export const demoTrack = (): KeptTrack => keepTrack('Over the ridge', points())!;

/** Where on it the shots of the gravel bike are filmed. */
export const STRETCHES: Readonly<Record<string, Stretch>> = {
  'first-try': { fromM: 700, toM: 1300 },
  'gravel-hands': { fromM: 3300, toM: 3900 },
};
