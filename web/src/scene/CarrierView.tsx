import type { RigSpec, SetUp } from '@strut-spot/core';
import { useEffect, useRef, useState } from 'react';
import { useTheme } from '../state/useTheme';
import { computing } from '../workers/core';
import { useLatest } from '../workers/useLatest';
import { useRested } from '../workers/useRested';
import { CarrierScene, type SurfacePlace } from './CarrierScene';
import type { ScenePalette } from './inks';
import type { SceneLine } from './overlayLines';

const PALETTES: Record<'light' | 'dark' | 'sun', ScenePalette> = {
  light: { paper: '#faf8f1', ink: '#2a2f33', hivis: '#ff6416', plaster: '#dcd8cc', dark: '#8f8d86' },
  dark: { paper: '#172026', ink: '#0b0f11', hivis: '#ff7a33', plaster: '#a9aaa2', dark: '#62655f' },
  sun: { paper: '#ffffff', ink: '#000000', hivis: '#ff6416', plaster: '#e6e6e6', dark: '#909090' },
};

const REST_MS = 120;
const NO_LINES: readonly SceneLine[] = [];

interface CarrierViewProps {
  readonly rig: RigSpec;
  /** The strut that stands on it; none where only the carrier is shown. */
  readonly setUp?: SetUp;
  readonly stanceId: string;
  readonly description: string;
  readonly onPick: (spotId: string) => void;
  /** The spot shown as chosen where there is no set-up. */
  readonly chosenSpotId?: string;
  /** While set, a click asks for the place on the surface instead of a pin. */
  readonly onSurface?: ((place: SurfacePlace) => void) | undefined;
  /** Distances and forces drawn over it. */
  readonly lines?: readonly SceneLine[];
}

export default function CarrierView({
  rig,
  setUp,
  stanceId,
  description,
  onPick,
  chosenSpotId,
  onSurface,
  lines = NO_LINES,
}: CarrierViewProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const picked = useRef(onPick);
  const placed = useRef(onSurface);
  const [scene, setScene] = useState<CarrierScene | null>(null);
  const [failed, setFailed] = useState(false);
  const palette = PALETTES[useTheme()];

  const rigKey = JSON.stringify([rig, stanceId]);
  const meshes = useLatest(rigKey, () => computing.carrierMeshes(rig, stanceId));
  const places = useLatest(rigKey, () => computing.spotPlaces(rig, stanceId));
  // Without a graphics card a drawing takes long: the view in the round follows when the hand rests, the picture at once.
  const rested = useRested(JSON.stringify([rig, setUp, stanceId]), REST_MS);
  const strut = useLatest(setUp ? rested : null, () => computing.strut(rig, setUp!, stanceId));
  const frameKey = JSON.stringify([rig.machineId, rig.fit]);
  const chosen = setUp?.spotId ?? chosenSpotId ?? '';
  const placing = onSurface !== undefined;

  useEffect(() => {
    picked.current = onPick;
    placed.current = onSurface;
  }, [onPick, onSurface]);

  useEffect(() => scene?.setPlacing(placing), [scene, placing]);

  useEffect(() => {
    const element = canvas.current!;
    let made: CarrierScene;
    try {
      made = new CarrierScene(
        element,
        PALETTES.light,
        (id) => picked.current(id),
        (place) => placed.current?.(place),
      );
    } catch {
      queueMicrotask(() => setFailed(true));
      return;
    }
    setScene(made);
    const watch = new ResizeObserver(([entry]) => made.resize(entry!.contentRect.width, entry!.contentRect.height));
    watch.observe(element.parentElement!);
    return () => {
      watch.disconnect();
      made.dispose();
    };
  }, []);

  useEffect(() => scene?.setPalette(palette), [scene, palette]);
  useEffect(() => {
    if (meshes.value) scene?.showCarrier(meshes.value, frameKey);
    // The key is read with the meshes that belong to it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [scene, meshes.value, palette]);
  useEffect(() => {
    if (strut.value) scene?.showStrut(strut.value);
  }, [scene, strut.value, palette]);
  useEffect(() => scene?.showLines(lines), [scene, lines, palette]);
  useEffect(() => {
    if (!places.value) return;
    scene?.showPins(
      places.value.map((place, i) => ({ ...place, number: i + 1 })),
      chosen,
    );
  }, [scene, places.value, chosen, palette]);

  return (
    <div className="relative h-full min-h-0 w-full overflow-hidden">
      <canvas
        ref={canvas}
        role="img"
        aria-label={description}
        className="absolute inset-0 size-full"
        data-ready={meshes.value && (strut.value || !setUp) ? 'yes' : 'no'}
      />
      {failed && (
        <p className="absolute inset-0 p-3 text-ink-2">
          This browser shows no 3D. The list of spots and the picture work without it.
        </p>
      )}
    </div>
  );
}
