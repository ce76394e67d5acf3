import type { RigSpec, SetUp } from '@strut-spot/core';
import { Expand, ZoomIn } from 'lucide-react';
import { Slider } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useTheme } from '../state/useTheme';
import { computing } from '../workers/core';
import { useLatest } from '../workers/useLatest';
import { slowGraphics } from './slowGraphics';
import { useRested } from '../workers/useRested';
import { CarrierScene, type SurfacePlace } from './CarrierScene';
import type { ScenePalette } from './inks';
import type { SceneLine } from './overlayLines';
import { alongStretch } from './SpotPins';

const PALETTES: Record<'light' | 'dark' | 'sun', ScenePalette> = {
  light: { paper: '#faf8f1', ink: '#2a2f33', hivis: '#ff6416', plaster: '#dcd8cc', dark: '#8f8d86' },
  dark: { paper: '#172026', ink: '#0b0f11', hivis: '#ff7a33', plaster: '#a9aaa2', dark: '#62655f' },
  sun: { paper: '#ffffff', ink: '#000000', hivis: '#ff6416', plaster: '#e6e6e6', dark: '#909090' },
};

/** How long the hand rests before the view in the round follows. */
const REST_MS = { card: 120, none: 450 } as const;
/** Of its depth; something is left to point at. */
const MOST_CUT = 0.8;
const NO_LINES: readonly SceneLine[] = [];

/** A carrier whose spots lie farther apart is seen from near at first: a glider's cockpit would be a dot. Metres. */
const LARGE_M = 2.5;
const isLarge = (places: readonly { readonly position: readonly [number, number, number] }[]): boolean =>
  [0, 1, 2].some((axis) => {
    const along = places.map(({ position }) => position[axis]!);
    return Math.max(...along) - Math.min(...along) > LARGE_M;
  });

interface CarrierViewProps {
  readonly rig: RigSpec;
  /** The strut that stands on it; none where only the carrier is shown. */
  readonly setUp?: SetUp;
  readonly stanceId: string;
  readonly description: string;
  readonly onPick: (spotId: string) => void;
  /** The chosen spot is drawn along its stretch. @param drag the same while a hand holds it */
  readonly onSlide?: (slideM: number, drag: string) => void;
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
  onSlide,
  chosenSpotId,
  onSurface,
  lines = NO_LINES,
}: CarrierViewProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const picked = useRef(onPick);
  const placed = useRef(onSurface);
  const slid = useRef(onSlide);
  const slides = onSlide !== undefined;
  const [nearChosen, setNear] = useState<boolean | null>(null);
  const [scene, setScene] = useState<CarrierScene | null>(null);
  const [failed, setFailed] = useState(false);
  const palette = PALETTES[useTheme()];

  const rigKey = JSON.stringify([rig, stanceId]);
  const meshes = useLatest(rigKey, () => computing.carrierMeshes(rig, stanceId));
  const places = useLatest(rigKey, () => computing.spotPlaces(rig, stanceId));
  // Without a graphics card a drawing takes long: the view in the round follows when the hand rests, the picture at once.
  const rested = useRested(JSON.stringify([rig, setUp, stanceId]), slowGraphics() ? REST_MS.none : REST_MS.card);
  const strut = useLatest(setUp ? rested : null, () => computing.strut(rig, setUp!, stanceId));
  const frameKey = JSON.stringify([rig.machineId, rig.fit, rig.statureM]);
  const stretch = useLatest(setUp ? JSON.stringify([rig, setUp.spotId, stanceId]) : null, () =>
    computing.spotStretch(rig, setUp!.spotId, stanceId),
  );
  const chosen = setUp?.spotId ?? chosenSpotId ?? '';
  const spotId = setUp?.spotId;
  const slideM = setUp?.slideM ?? 0;
  const near = nearChosen ?? isLarge(places.value ?? []);
  const placing = onSurface !== undefined;

  useEffect(() => {
    picked.current = onPick;
    placed.current = onSurface;
    slid.current = onSlide;
  }, [onPick, onSurface, onSlide]);

  useEffect(() => scene?.setPlacing(placing), [scene, placing]);
  const [cut, setCut] = useState(0);
  useEffect(() => scene?.setCut(placing ? cut : 0), [scene, placing, cut]);

  useEffect(() => {
    const element = canvas.current!;
    let made: CarrierScene;
    try {
      made = new CarrierScene(
        element,
        PALETTES.light,
        (id) => picked.current(id),
        (place) => placed.current?.(place),
        slides ? (slideM, drag) => slid.current?.(slideM, drag) : null,
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
  }, [slides]);

  useEffect(() => scene?.setPalette(palette), [scene, palette]);
  useEffect(() => {
    if (meshes.value) scene?.showCarrier(meshes.value, frameKey);
    // The key is read with the meshes that belong to it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [scene, meshes.value, palette]);
  useEffect(() => {
    if (strut.value) scene?.showStrut(strut.value);
  }, [scene, strut.value, palette]);
  useEffect(() => scene?.showNear(near), [scene, near, meshes.value]);
  useEffect(() => scene?.showLines(lines), [scene, lines, palette]);
  useEffect(() => {
    if (!places.value || !scene) return;
    const way = stretch.value && stretch.value.spotId === spotId ? stretch.value.path : null;
    scene.showPins(
      places.value.map((place, i) => ({
        ...place,
        number: i + 1,
        ...(way && place.id === chosen ? { position: alongStretch(way, slideM) } : {}),
      })),
      chosen,
      way,
    );
  }, [scene, places.value, stretch.value, spotId, slideM, chosen, palette]);

  return (
    <div className="relative h-full min-h-0 w-full overflow-hidden">
      <canvas
        ref={canvas}
        role="img"
        aria-label={description}
        className="absolute inset-0 size-full"
        data-ready={meshes.value && (strut.value || !setUp) ? 'yes' : 'no'}
      />
      {!failed && meshes.value && chosen !== '' && (
        <button
          type="button"
          className="action absolute top-1 left-1 bg-paper/85"
          aria-pressed={near}
          onClick={() => setNear(!near)}
        >
          {near ? <Expand size={15} aria-hidden /> : <ZoomIn size={15} aria-hidden />}
          {near ? 'Whole' : 'Near'}
        </button>
      )}
      {!failed && placing && (
        <div className="absolute right-2 bottom-1 left-2 flex items-center gap-3 bg-paper/85 px-2 py-1">
          <span className="label shrink-0">Cut away, to see inside</span>
          <Slider.Root
            className="relative flex h-7 flex-1 touch-none items-center max-lg:h-touch"
            min={0}
            max={MOST_CUT}
            step={0.01}
            value={[cut]}
            onValueChange={([share]) => setCut(share!)}
          >
            <Slider.Track className="relative h-[3px] flex-1 bg-hair-strong" />
            <Slider.Thumb
              aria-label="Cut away, share of its depth"
              className="block size-5 border-2 border-ink bg-hivis max-lg:size-8"
            />
          </Slider.Root>
        </div>
      )}
      {failed && (
        <p className="absolute inset-0 p-3 text-ink-2">
          This browser shows no 3D. The list of spots and the picture work without it.
        </p>
      )}
    </div>
  );
}
