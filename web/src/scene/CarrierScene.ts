import {
  AmbientLight,
  Box3,
  BufferAttribute,
  BufferGeometry,
  DirectionalLight,
  Group,
  HemisphereLight,
  LineBasicMaterial,
  LineSegments,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Sphere,
  Vector2,
  Vector3,
} from 'three';
import { fitAll } from './fitAll';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Pose } from '@strut-spot/core';
import type { DrawnMesh } from '../workers/answers/modelling';
import { Inks, type ScenePalette } from './inks';
import { empty, place } from './objects';
import { overlayLine, type SceneLine } from './overlayLines';
import type { SpotPin } from './pins';
import { isDark, solid } from './solid';
import { SpotPins, type Stretch } from './SpotPins';
import { SteppedDrawing } from './SteppedDrawing';

interface StrutView {
  readonly meshes: readonly DrawnMesh[];
  readonly worldFromCamera: Pose;
  /** Unit directions of the picture's corners in the camera frame, in order round it. */
  readonly corners: readonly (readonly [number, number, number])[];
}

/** A point of the carrier's surface as it was clicked, in its part's frame. */
export interface SurfacePlace {
  readonly partId: string;
  readonly point: readonly [number, number, number];
  readonly normal: readonly [number, number, number];
}

/** The view's own near plane, metres. */
const NEAREST_M = 0.05;
const WEDGE_M = 0.55;
/** So much of the carrier is seen round the chosen spot from near. Metres. */
const NEAR_M = 1.1;

/** The carrier in the round: plaster with ink edges; the strut, its view and the chosen spot in the loud colour. Drawn on demand. */
export class CarrierScene {
  private readonly drawing: SteppedDrawing;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(32, 1, NEAREST_M, 60);
  private readonly controls: OrbitControls;
  private readonly carrier = new Group();
  private readonly strut = new Group();
  private readonly pins: SpotPins;
  private readonly overlay = new Group();
  private readonly inks: Inks;
  private waiting = 0;
  private size = { width: 1, height: 1 };

  constructor(
    private readonly canvas: HTMLCanvasElement,
    palette: ScenePalette,
    private readonly onPick: (spotId: string) => void,
    private readonly onSurface: (place: SurfacePlace) => void,
    private readonly onSlide: ((slideM: number, drag: string) => void) | null,
  ) {
    this.inks = new Inks(palette);
    this.pins = new SpotPins(this.inks);
    this.scene.add(
      this.carrier,
      this.strut,
      this.pins.lines,
      this.pins.pins,
      this.overlay,
      new AmbientLight(0xffffff, 1.1),
      new HemisphereLight(0xffffff, 0x8a8578, 1.3),
    );
    const sun = new DirectionalLight(0xffffff, 1.5);
    sun.position.set(2, 4, -3);
    this.scene.add(sun);
    this.drawing = new SteppedDrawing(canvas, this.scene, this.camera, [this.pins.lines, this.pins.pins, this.overlay]);
    this.camera.position.set(3.1, 1.75, -3.6);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.target.set(0.12, 0.72, 0);
    this.controls.minDistance = 0.5;
    this.controls.maxDistance = 9;
    this.controls.addEventListener('change', () => this.draw());
    this.controls.update();
    // Before the controls take hold of it.
    canvas.addEventListener('pointerdown', this.remember, { capture: true });
    canvas.addEventListener('pointermove', this.slide);
    canvas.addEventListener('pointercancel', this.letGo);
    canvas.addEventListener('pointerup', this.pick);
    canvas.addEventListener('pointermove', this.hover);
  }

  private pressed: { x: number; y: number } | null = null;
  /** Name of the present drag along the stretch; null = none goes on. */
  private sliding: string | null = null;
  private readonly remember = (event: PointerEvent) => {
    this.pressed = { x: event.clientX, y: event.clientY };
    if (this.placing || !this.onSlide || this.pinUnder(event) !== this.chosen || this.slideUnder(event) === null)
      return;
    this.sliding = String(event.timeStamp);
    this.canvas.setPointerCapture(event.pointerId);
    // The hand takes the pin along, not the view.
    this.controls.enabled = false;
  };
  private readonly slide = (event: PointerEvent) => {
    const slideM = this.sliding === null ? null : this.slideUnder(event);
    if (slideM !== null) this.onSlide?.(slideM, this.sliding!);
  };
  private readonly letGo = () => {
    this.sliding = null;
    this.controls.enabled = true;
  };
  private slideUnder(event: PointerEvent): number | null {
    const { left, top } = this.canvas.getBoundingClientRect();
    return this.pins.slideNear({ x: event.clientX - left, y: event.clientY - top }, this.camera, this.size);
  }
  private readonly pick = (event: PointerEvent) => {
    this.letGo();
    const still = this.pressed && Math.hypot(event.clientX - this.pressed.x, event.clientY - this.pressed.y) < 5;
    if (!still) return;
    if (this.placing) {
      const place = this.surfaceUnder(event);
      if (place) this.onSurface(place);
      return;
    }
    const spotId = this.pinUnder(event);
    if (spotId) this.onPick(spotId);
  };

  private placing = false;
  /** While placing, a click means a point of the carrier's surface, not a pin. */
  setPlacing(placing: boolean): void {
    this.placing = placing;
    this.canvas.style.cursor = placing ? 'crosshair' : '';
  }

  private surfaceUnder(event: PointerEvent): SurfacePlace | null {
    const ray = this.rayUnder(event);
    const hit = ray
      .intersectObjects(this.carrier.children, true)
      .find((h) => h.face && h.object.name !== '' && this.depthOf(h.point) > this.camera.near);
    if (!hit?.face) return null;
    const point = hit.object.parent!.worldToLocal(hit.point.clone());
    const { x, y, z } = hit.face.normal;
    return { partId: hit.object.name, point: [point.x, point.y, point.z], normal: [x, y, z] };
  }
  private depthOf(point: Vector3): number {
    return point.clone().sub(this.camera.position).dot(this.camera.getWorldDirection(new Vector3()));
  }

  private cut = 0;
  /** Leaves out what is nearest to the eye, so that what is inside can be seen and pointed at. @param share of the carrier's depth, 0 to 1 */
  setCut(share: number): void {
    this.cut = share;
    this.draw();
  }

  /** The near plane goes through the carrier, however it is turned. */
  private cutAway(): void {
    const sphere = new Box3().setFromObject(this.carrier).getBoundingSphere(new Sphere());
    const nearest = this.depthOf(sphere.center) - sphere.radius;
    const near = this.cut === 0 ? NEAREST_M : Math.max(NEAREST_M, nearest + 2 * sphere.radius * this.cut);
    if (near === this.camera.near) return;
    this.camera.near = near;
    this.camera.updateProjectionMatrix();
  }

  /** A pin under the pointer shows that it can be pressed. */
  private readonly hover = (event: PointerEvent) => {
    if (event.buttons === 0 && !this.placing) this.canvas.style.cursor = this.pinUnder(event) ? 'pointer' : '';
  };

  private pinUnder(event: PointerEvent): string | null {
    return this.rayUnder(event).intersectObjects(this.pins.pins.children)[0]?.object.name ?? null;
  }

  private rayUnder(event: PointerEvent): Raycaster {
    const box = this.canvas.getBoundingClientRect();
    const at = new Vector2(
      ((event.clientX - box.left) / box.width) * 2 - 1,
      1 - ((event.clientY - box.top) / box.height) * 2,
    );
    const ray = new Raycaster();
    ray.setFromCamera(at, this.camera);
    return ray;
  }

  setPalette(palette: ScenePalette): void {
    this.inks.take(palette);
  }

  resize(width: number, height: number): void {
    if (width < 2 || height < 2) return;
    this.drawing.takeDots();
    if (width === this.size.width && height === this.size.height) return this.draw();
    this.drawing.resize(width, height);
    const before = this.seenHalf();
    this.camera.aspect = width / height;
    // The whole carrier fits however narrow the view is.
    this.camera.fov =
      width >= height ? 30 : Math.min(58, (2 * Math.atan(Math.tan(0.2) * (height / width)) * 180) / Math.PI);
    this.camera.updateProjectionMatrix();
    // What was in the view stays in it, and as large.
    if (this.size.width > 0) this.moveAway(before / this.seenHalf());
    this.size = { width, height };
    // What one pixel in the view's middle spans at a distance of one metre.
    this.pins.scaleTo((2 * Math.tan((this.camera.fov * Math.PI) / 360)) / height);
    this.draw();
  }

  /** Tangent of half the angle that the view spans where it spans least. */
  private seenHalf(): number {
    return Math.tan((this.camera.fov * Math.PI) / 360) * Math.min(1, this.camera.aspect);
  }

  private moveAway(share: number): void {
    const { target } = this.controls;
    this.camera.position.sub(target).multiplyScalar(share).add(target);
    this.controls.update();
  }

  private framed = '';

  /** @param frameKey when it changes, the view is set anew so that everything is in it */
  showCarrier(meshes: readonly DrawnMesh[], frameKey: string): void {
    empty(this.carrier);
    this.shown = meshes;
    for (const mesh of meshes) {
      this.carrier.add(solid(this.inks, mesh, isDark(mesh.tone) ? this.inks.palette.dark : this.inks.palette.plaster));
    }
    if (frameKey !== this.framed) {
      this.framed = frameKey;
      this.frame(meshes);
    }
    this.draw();
  }

  private frame(meshes: readonly DrawnMesh[]): void {
    const subject = new Set(meshes.filter((m) => m.group === 'subject').map((m) => m.id));
    const fit = fitAll(
      this.camera,
      this.carrier.children.filter((object) => !subject.has(object.name)),
    );
    if (!fit) return;
    this.controls.target.copy(fit.centre);
    this.controls.minDistance = Math.min(0.5, fit.size * 0.3);
    this.controls.maxDistance = fit.size * 5;
    this.controls.update();
    this.aim();
  }

  private near = false;
  private shown: readonly DrawnMesh[] = [];

  /** Shows the whole carrier, or the chosen spot from near. */
  showNear(near: boolean): void {
    if (near === this.near) return;
    this.near = near;
    if (near) this.aim();
    else this.frame(this.shown);
    this.draw();
  }

  /** From near the chosen spot is in the middle, seen from the same side as before. */
  private aim(): void {
    const spot = this.pins.chosenSpot;
    if (!this.near || !spot) return;
    const toward = this.camera.position.clone().sub(this.controls.target).normalize();
    this.controls.target.copy(spot);
    this.camera.position.copy(spot).addScaledVector(toward, NEAR_M / this.seenHalf());
    this.controls.update();
  }

  showStrut({ meshes, worldFromCamera, corners }: StrutView): void {
    empty(this.strut);
    for (const mesh of meshes)
      this.strut.add(solid(this.inks, mesh, mesh.tone === 'lens' ? this.inks.palette.ink : this.inks.palette.hivis));
    const points: number[] = [];
    corners.forEach((corner, i) => {
      const next = corners[(i + 1) % corners.length]!;
      const far = corner.map((v) => v * WEDGE_M);
      points.push(0, 0, 0, ...far, ...far, ...next.map((v) => v * WEDGE_M));
    });
    const wedge = new BufferGeometry();
    wedge.setAttribute('position', new BufferAttribute(Float32Array.from(points), 3));
    const lines = new LineSegments(
      wedge,
      this.inks.material('wedge', () => new LineBasicMaterial({ color: this.inks.palette.hivis })),
    );
    place(lines, worldFromCamera);
    this.strut.add(lines);
    this.draw();
  }

  /** Lines and arrows over everything: distances and forces, world frame. */
  showLines(lines: readonly SceneLine[]): void {
    empty(this.overlay);
    for (const line of lines) this.overlay.add(overlayLine(this.inks, line));
    this.draw();
  }

  private chosen = '';

  /** @param stretch what the chosen one can slide along; null = it is a point */
  showPins(pins: readonly SpotPin[], chosen: string, stretch: Stretch | null): void {
    const another = chosen !== this.chosen;
    this.chosen = chosen;
    this.pins.show(pins, chosen, stretch);
    if (another) this.aim();
    this.draw();
  }

  /** Draws once in the next frame, however often it is asked. */
  draw(): void {
    if (this.waiting) return;
    this.waiting = requestAnimationFrame(() => {
      this.waiting = 0;
      this.camera.updateMatrixWorld(true);
      this.cutAway();
      this.pins.layOut(this.camera, this.size);
      this.drawing.draw();
    });
  }

  dispose(): void {
    cancelAnimationFrame(this.waiting);
    this.canvas.removeEventListener('pointerdown', this.remember, { capture: true });
    this.canvas.removeEventListener('pointermove', this.slide);
    this.canvas.removeEventListener('pointercancel', this.letGo);
    this.canvas.removeEventListener('pointerup', this.pick);
    this.canvas.removeEventListener('pointermove', this.hover);
    this.controls.dispose();
    for (const group of [this.carrier, this.strut, this.pins.pins, this.pins.lines, this.overlay]) empty(group);
    this.inks.dispose();
    this.drawing.dispose();
  }
}
