import type { Lens } from '../../mathematics/lens/lens';
import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { lensOf } from '../../posing/strut/resolveSetUp';
import type { CameraDefinition, CameraMode } from '../../words/kit/camera';
import type { Ask } from '../../words/shot/ask';
import { suitsIntent, type IntentDefinition } from '../../words/shot/intent';

/** One way to take a picture with a camera. */
export interface View {
  readonly camera: CameraDefinition;
  readonly modeId: string;
  readonly stabiliserId: string;
  readonly mounting: 'upright' | 'portrait-left';
  readonly widthDeg: number;
}

type ByFormat = Map<Ask['format'], readonly View[]>;
const known = new WeakMap<IntentDefinition, Map<CameraDefinition, ByFormat>>();

/**
 * Modes of a camera that take such a shot and show something else, each with its levels of stabiliser; upright pictures only where it can be turned.
 * Kept with intent and camera.
 */
export function viewsOf(camera: CameraDefinition, format: Ask['format'], intent: IntentDefinition): readonly View[] {
  const ofIntent = known.get(intent) ?? new Map<CameraDefinition, ByFormat>();
  known.set(intent, ofIntent);
  const byFormat: ByFormat = ofIntent.get(camera) ?? new Map<Ask['format'], readonly View[]>();
  ofIntent.set(camera, byFormat);
  const kept = byFormat.get(format) ?? viewsIn(camera, format, intent);
  byFormat.set(format, kept);
  return kept;
}

function viewsIn(camera: CameraDefinition, format: Ask['format'], intent: IntentDefinition): readonly View[] {
  if (format === 'upright' && !camera.mounting.includes('portrait-left')) return [];
  const look = ({ lens }: CameraMode) =>
    JSON.stringify([lens.projection, lens.fovDeg, lens.fovAcross, (lens.widthPx / lens.heightPx).toFixed(2)]);
  // A stabiliser that turns pictures afterwards has nothing to hold on to in a streak.
  const stabilisers = camera.stabilisers.filter(({ steadies }) => intent.exposedS === undefined || !steadies);
  // A whole sphere is no picture yet: its re-framed views are judged.
  const modes = camera.modes.filter((mode) => mode.lens.projection !== WHOLE_SPHERE && suitsIntent(mode, intent));
  return modes
    .filter((mode, i) => modes.findIndex((other) => look(other) === look(mode)) === i)
    .flatMap((mode) =>
      stabilisers.map((stabiliser) => ({
        camera,
        modeId: mode.id,
        stabiliserId: stabiliser.id,
        mounting: format === 'upright' ? ('portrait-left' as const) : ('upright' as const),
        widthDeg: mode.lens.fovDeg * stabiliser.crop.value,
      })),
    );
}

/** The narrowest, the middle and the widest. */
export function fewWidths(views: readonly View[]): readonly View[] {
  const sorted = [...views].sort((a, b) => a.widthDeg - b.widthDeg);
  return [...new Set([sorted[sorted.length >> 1]!, sorted[0]!, sorted.at(-1)!])];
}

/** What some views are seen through. */
export const lensesOf = (views: readonly View[]): readonly Lens[] =>
  views.map(({ camera, modeId, stabiliserId, mounting }) =>
    lensOf(
      camera.modes.find(({ id }) => id === modeId)!,
      camera.stabilisers.find(({ id }) => id === stabiliserId)!,
      mounting !== 'upright',
    ),
  );
