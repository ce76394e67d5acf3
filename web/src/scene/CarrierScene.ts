import {
  AmbientLight,
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
  Vector2,
  WebGLRenderer,
} from 'three';
import { fitAll } from './fitAll';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Pose } from '@strut-spot/core';
import type { DrawnMesh } from '../workers/answers/modelling';
import { Inks, type ScenePalette } from './inks';
import { empty, place } from './objects';
import { overlayLine, type SceneLine } from './overlayLines';
import { pinScale, pinSprite, type SpotPin } from './pins';
import { isDark, solid } from './solid';

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

const WEDGE_M = 0.55;
/** The carrier in the round: plaster with ink edges; the strut, its view and the chosen spot in the loud colour. Drawn on demand. */
export class CarrierScene {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(32, 1, 0.05, 60);
  private readonly controls: OrbitControls;
  private readonly carrier = new Group();
  private readonly strut = new Group();
  private readonly pins = new Group();
  private readonly overlay = new Group();
  private readonly inks: Inks;
  private waiting = 0;
  /** What one pixel in the view's middle spans at a distance of one metre. */
  private pixelAngle = 0.0015;

  constructor(
    private readonly canvas: HTMLCanvasElement,
    palette: ScenePalette,
    private readonly onPick: (spotId: string) => void,
    private readonly onSurface: (place: SurfacePlace) => void,
  ) {
    this.inks = new Inks(palette);
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
    // Reading the compiler's log back stops the page until the graphics process has caught up.
    this.renderer.debug.checkShaderErrors = false;
    this.scene.add(
      this.carrier,
      this.strut,
      this.pins,
      this.overlay,
      new AmbientLight(0xffffff, 1.1),
      new HemisphereLight(0xffffff, 0x8a8578, 1.3),
    );
    const sun = new DirectionalLight(0xffffff, 1.5);
    sun.position.set(2, 4, -3);
    this.scene.add(sun);
    this.camera.position.set(3.1, 1.75, -3.6);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.target.set(0.12, 0.72, 0);
    this.controls.minDistance = 0.5;
    this.controls.maxDistance = 9;
    this.controls.addEventListener('change', () => this.draw());
    this.controls.update();
    canvas.addEventListener('pointerdown', this.remember);
    canvas.addEventListener('pointerup', this.pick);
    canvas.addEventListener('pointermove', this.hover);
  }

  private pressed: { x: number; y: number } | null = null;
  private readonly remember = (event: PointerEvent) => {
    this.pressed = { x: event.clientX, y: event.clientY };
  };
  private readonly pick = (event: PointerEvent) => {
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
    const hit = ray.intersectObjects(this.carrier.children, true).find((h) => h.face && h.object.name !== '');
    if (!hit?.face) return null;
    const point = hit.object.parent!.worldToLocal(hit.point.clone());
    const { x, y, z } = hit.face.normal;
    return { partId: hit.object.name, point: [point.x, point.y, point.z], normal: [x, y, z] };
  }
  /** A pin under the pointer shows that it can be pressed. */
  private readonly hover = (event: PointerEvent) => {
    if (event.buttons === 0 && !this.placing) this.canvas.style.cursor = this.pinUnder(event) ? 'pointer' : '';
  };

  private pinUnder(event: PointerEvent): string | null {
    return this.rayUnder(event).intersectObjects(this.pins.children)[0]?.object.name ?? null;
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
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    this.renderer.setSize(width, height, false);
    this.camera.aspect = width / height;
    // The whole carrier fits however narrow the view is.
    this.camera.fov =
      width >= height ? 30 : Math.min(58, (2 * Math.atan(Math.tan(0.2) * (height / width)) * 180) / Math.PI);
    this.camera.updateProjectionMatrix();
    this.pixelAngle = (2 * Math.tan((this.camera.fov * Math.PI) / 360)) / height;
    for (const pin of this.pins.children) pin.scale.setScalar(pinScale(pin.userData.chosen === true, this.pixelAngle));
    this.draw();
  }

  private framed = '';

  /** @param frameKey when it changes, the view is set anew so that everything is in it */
  showCarrier(meshes: readonly DrawnMesh[], frameKey: string): void {
    empty(this.carrier);
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

  showPins(pins: readonly SpotPin[], chosen: string): void {
    empty(this.pins);
    for (const pin of pins) {
      const sprite = pinSprite(pin, pin.id === chosen, this.inks.palette);
      sprite.scale.setScalar(pinScale(pin.id === chosen, this.pixelAngle));
      this.pins.add(sprite);
    }
    this.draw();
  }

  /** Draws once in the next frame, however often it is asked. */
  draw(): void {
    if (this.waiting) return;
    this.waiting = requestAnimationFrame(() => {
      this.waiting = 0;
      this.renderer.render(this.scene, this.camera);
    });
  }

  dispose(): void {
    cancelAnimationFrame(this.waiting);
    this.canvas.removeEventListener('pointerdown', this.remember);
    this.canvas.removeEventListener('pointerup', this.pick);
    this.canvas.removeEventListener('pointermove', this.hover);
    this.controls.dispose();
    for (const group of [this.carrier, this.strut, this.pins, this.overlay]) empty(group);
    this.inks.dispose();
    this.renderer.dispose();
  }
}
