import type { ClearReport } from '@strut-spot/core';
import type { HoldSheet } from '../../workers/answers/rideChecks';
import type { SceneLine } from '../../scene/overlayLines';

/** Length of a force's arrow, metres for a newton, and its longest. */
const ARROW = { mPerN: 0.012, mostM: 0.45 } as const;
/** As far as the edge of what is hidden is drawn from the eyes, metres. */
const SIGHT_M = 1.2;
/** Approaches that are listed and drawn. */
export const NEAREST_SHOWN = 5;

/** Distances, sweeps and hidden sight as lines over the model, and the worst force on the camera in the action stance. */
export function sceneLines(
  report: HoldSheet | undefined,
  clear: ClearReport | null,
  stanceId: string,
  inAction: boolean,
): SceneLine[] {
  const near = (clear?.approaches ?? []).filter((a) => a.stanceId === stanceId).slice(0, NEAREST_SHOWN);
  const drawn = near.flatMap(({ from, to, sweeping }): SceneLine[] => [
    { kind: 'distance', points: [from, to] },
    ...(sweeping ? [{ kind: 'sweep' as const, points: sweeping.path }] : []),
  ]);
  if (!inAction || !report) return drawn;
  const camera = report.hold.pieces.at(-1)!.at;
  const { force } = report.hold.interfaces[0]!.load;
  const k = Math.min(ARROW.mPerN, ARROW.mostM / Math.max(Math.hypot(...force), 1e-9));
  drawn.push({
    kind: 'force',
    points: [camera, [camera[0] + force[0] * k, camera[1] + force[1] * k, camera[2] + force[2] * k]],
  });
  const { sight } = clear ?? {};
  if (sight && sight.edge.length > 0) {
    const { eyes, edge } = sight;
    const rim = edge.map(([x, y, z]) => [eyes[0] + x * SIGHT_M, eyes[1] + y * SIGHT_M, eyes[2] + z * SIGHT_M] as const);
    drawn.push(...rim.map((end): SceneLine => ({ kind: 'sight', points: [eyes, end] })));
    drawn.push({ kind: 'sight', points: [...rim, rim[0]!] });
  }
  return drawn;
}
