import {
  BufferGeometry,
  Group,
  LineBasicMaterial,
  LineSegments,
  Points,
  PointsMaterial,
  Vector3,
  type PerspectiveCamera,
  type Sprite,
} from 'three';
import type { Inks } from './inks';
import { empty } from './objects';
import { PIN_PX, pinScale, pinSprite, type SpotPin } from './pins';
import { spreadPins, type ScreenPlace } from './spreadPins';

/** A stretch of the surface that the chosen spot can slide along, from one end to the other, world frame. */
export type Stretch = readonly {
  readonly slideM: number;
  readonly position: readonly [number, number, number];
}[];

/** The place of a stretch where a spot has slid to. */
export function alongStretch(stretch: Stretch, slideM: number): readonly [number, number, number] {
  const beyond = stretch.findIndex((p) => p.slideM >= slideM);
  const next = beyond < 0 ? stretch.length - 1 : Math.max(1, beyond);
  const [a, b] = [stretch[next - 1]!, stretch[next]!];
  const share = Math.min(1, Math.max(0, (slideM - a.slideM) / (b.slideM - a.slideM)));
  const mixed = (k: 0 | 1 | 2) => a.position[k] + share * (b.position[k] - a.position[k]);
  return [mixed(0), mixed(1), mixed(2)];
}

interface ViewSize {
  readonly width: number;
  readonly height: number;
}

/** A pin that is moved by less still seems to touch its spot. Pixels. */
const LEADER_FROM_PX = 5;

/** Numbers before their spots, none over another, each with a line to its spot where it had to give way; and the stretch of the chosen one. */
export class SpotPins {
  /** What can be pressed. */
  readonly pins = new Group();
  /** What is drawn with them. */
  readonly lines = new Group();
  private leaders: LineSegments | null = null;
  private stretch: Stretch | null = null;
  private pixelAngle = 0.0015;

  constructor(private readonly inks: Inks) {}

  show(pins: readonly SpotPin[], chosen: string, stretch: Stretch | null): void {
    empty(this.pins);
    empty(this.lines);
    this.stretch = stretch;
    for (const pin of pins) this.pins.add(pinSprite(pin, pin.id === chosen, this.inks.palette));
    this.scaleTo(this.pixelAngle);
    this.leaders = this.strokes(
      'leader',
      'ink',
      pins.flatMap(({ position }) => [new Vector3(...position), new Vector3(...position)]),
    );
    if (stretch) {
      const points = stretch.map(({ position }) => new Vector3(...position));
      this.strokes(
        'stretch',
        'hivis',
        points.slice(1).flatMap((p, i) => [points[i]!, p]),
      );
      this.ends([points[0]!, points.at(-1)!]);
    }
  }

  /** Where the chosen spot lies, world frame; null where none is chosen. */
  get chosenSpot(): Vector3 | null {
    const chosen = this.pins.children.find((pin) => pin.userData.chosen === true);
    return chosen ? (chosen.userData.spot as Vector3) : null;
  }

  private strokes(key: string, ink: 'ink' | 'hivis', points: readonly Vector3[]): LineSegments {
    const line = new LineSegments(
      new BufferGeometry().setFromPoints([...points]),
      this.inks.material(key, () => new LineBasicMaterial({ color: this.inks.palette[ink], depthTest: false })),
    );
    line.renderOrder = 1;
    line.frustumCulled = false;
    this.lines.add(line);
    return line;
  }

  /** Dots where a stretch ends. */
  private ends(points: Vector3[]): void {
    const dots = new Points(
      new BufferGeometry().setFromPoints(points),
      this.inks.material(
        'stretch end',
        () => new PointsMaterial({ color: this.inks.palette.hivis, size: 7, sizeAttenuation: false, depthTest: false }),
      ),
    );
    dots.renderOrder = 1;
    dots.frustumCulled = false;
    this.lines.add(dots);
  }

  /** @param pixelAngle what a pixel spans at one metre */
  scaleTo(pixelAngle: number): void {
    this.pixelAngle = pixelAngle;
    for (const pin of this.pins.children) pin.scale.setScalar(pinScale(pin.userData.chosen === true, pixelAngle));
  }

  /** Puts every pin where it hides no other as seen now. */
  layOut(camera: PerspectiveCamera, size: ViewSize): void {
    const seen = (this.pins.children as Sprite[]).flatMap((sprite, row) => {
      const projected = (sprite.userData.before as Vector3).clone().project(camera);
      const at = onScreen(projected, size);
      const inView = projected.z < 1 && at.x > 0 && at.x < size.width && at.y > 0 && at.y < size.height;
      if (!inView) sprite.position.copy(sprite.userData.before as Vector3);
      return inView ? [{ sprite, row, at, depth: projected.z }] : [];
    });
    const half = seen.map(({ sprite }) => (sprite.userData.chosen === true ? PIN_PX.chosen : PIN_PX.other) / 2);
    const places = spreadPins(
      seen.map(({ at }) => at),
      half,
      size,
    );
    const ends = this.leaders?.geometry.getAttribute('position');
    for (const [i, { sprite, row, at, depth }] of seen.entries()) {
      const { x, y } = places[i]!;
      sprite.position.set((x / size.width) * 2 - 1, 1 - (y / size.height) * 2, depth).unproject(camera);
      const moved = Math.hypot(x - at.x, y - at.y) >= LEADER_FROM_PX;
      const to = moved ? sprite.position : (sprite.userData.spot as Vector3);
      ends?.setXYZ(2 * row + 1, to.x, to.y, to.z);
    }
    if (ends) ends.needsUpdate = true;
  }

  /** How far along its stretch the chosen spot lies that is nearest to a point of the view; null where it is a point. */
  slideNear({ x, y }: ScreenPlace, camera: PerspectiveCamera, size: ViewSize): number | null {
    if (!this.stretch) return null;
    const points = this.stretch.map(({ slideM, position }) => ({
      slideM,
      ...onScreen(new Vector3(...position).project(camera), size),
    }));
    let best: { offPx: number; slideM: number } | null = null;
    for (const [i, b] of points.slice(1).entries()) {
      const a = points[i]!;
      const length2 = (b.x - a.x) ** 2 + (b.y - a.y) ** 2;
      const share =
        length2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y)) / length2));
      const offPx = Math.hypot(a.x + share * (b.x - a.x) - x, a.y + share * (b.y - a.y) - y);
      if (!best || offPx < best.offPx) best = { offPx, slideM: a.slideM + share * (b.slideM - a.slideM) };
    }
    return best?.slideM ?? null;
  }
}

const onScreen = (projected: Vector3, { width, height }: ViewSize): ScreenPlace => ({
  x: ((projected.x + 1) / 2) * width,
  y: ((1 - projected.y) / 2) * height,
});
