import {
  AmbientLight,
  BackSide,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  Color,
  DirectionalLight,
  Group,
  HemisphereLight,
  LineBasicMaterial,
  LineSegments,
  type Material,
  Matrix4,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  ShaderMaterial,
  Sprite,
  SRGBColorSpace,
  SpriteMaterial,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Object3D,
} from 'three';
import { fitAll } from './fitAll';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Pose } from '@strut-spot/core';
import type { DrawnMesh } from '../workers/core.worker';

export interface ScenePalette {
  readonly paper: string;
  readonly ink: string;
  readonly hivis: string;
  readonly plaster: string;
  readonly dark: string;
}

export interface SpotPin {
  readonly id: string;
  readonly number: number;
  readonly position: readonly [number, number, number];
  readonly normal: readonly [number, number, number];
}

export interface StrutView {
  readonly meshes: readonly DrawnMesh[];
  readonly worldFromCamera: Pose;
  /** Unit directions of the picture's corners in the camera frame, in order round it. */
  readonly corners: readonly (readonly [number, number, number])[];
}

/** What a line over the model tells of. */
export type SceneLineKind = 'distance' | 'force' | 'sweep' | 'sight';

export interface SceneLine {
  readonly kind: SceneLineKind;
  /** From end to end; a force has its point at the last. */
  readonly points: readonly (readonly [number, number, number])[];
}

/** A point of the carrier's surface as it was clicked, in its part's frame. */
export interface SurfacePlace {
  readonly partId: string;
  readonly point: readonly [number, number, number];
  readonly normal: readonly [number, number, number];
}

/** Tones that are dark in life keep a darker plaster, so that tyres and bars are told from limbs. */
const DARK_TONES = new Set(['black', 'tyre', 'rubber', 'glove', 'lens', 'strap', 'shoe']);
/** Knobs and spokes have so many edges that ink would fill them. */
const PLAIN_TONES = new Set(['tyre', 'metal', 'rubber']);
const WEDGE_M = 0.55;
const ARROW_HEAD_M = 0.05;
const LINE_INK = { distance: 'ink', force: 'hivis', sweep: 'ink', sight: 'hivis' } as const;

/** The two strokes at a force's point. */
function arrowHead(from: Vector3, to: Vector3): Vector3[] {
  const way = to.clone().sub(from);
  const size = way.length();
  if (size < 1e-6) return [];
  const side = new Vector3(-way.z, 0, way.x);
  if (side.lengthSq() < 1e-9) side.set(1, 0, 0);
  side.normalize().multiplyScalar(ARROW_HEAD_M * 0.45);
  const neck = to.clone().addScaledVector(way, -Math.min(1, ARROW_HEAD_M / size));
  return [to, neck.clone().add(side), to, neck.clone().sub(side)];
}
const PIN_PX = { other: 22, chosen: 29 } as const;
/** Ink outline's width as a fraction of the distance. */
const OUTLINE = 0.0014;

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
  private palette: ScenePalette;
  private waiting = 0;
  /** What one pixel in the view's middle spans at a distance of one metre. */
  private pixelAngle = 0.0015;
  /** Shared by everything of a colour: a new material would mean a new shader program each time the strut moves. */
  private readonly materials = new Map<string, Material>();

  constructor(
    private readonly canvas: HTMLCanvasElement,
    palette: ScenePalette,
    private readonly onPick: (spotId: string) => void,
    private readonly onSurface: (place: SurfacePlace) => void,
  ) {
    this.palette = palette;
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
    this.palette = palette;
    for (const material of this.materials.values()) material.dispose();
    this.materials.clear();
  }

  private material<Kind extends Material>(key: string, make: () => Kind): Kind {
    const known = this.materials.get(key) as Kind | undefined;
    if (known) return known;
    const made = make();
    this.materials.set(key, made);
    return made;
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
    for (const pin of this.pins.children) pin.scale.setScalar(this.pinScale(pin.userData.chosen === true));
    this.draw();
  }

  private framed = '';

  /** @param frameKey when it changes, the view is set anew so that everything is in it */
  showCarrier(meshes: readonly DrawnMesh[], frameKey: string): void {
    empty(this.carrier);
    for (const mesh of meshes) {
      this.carrier.add(this.solid(mesh, DARK_TONES.has(mesh.tone) ? this.palette.dark : this.palette.plaster));
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
      this.strut.add(this.solid(mesh, mesh.tone === 'lens' ? this.palette.ink : this.palette.hivis));
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
      this.material('wedge', () => new LineBasicMaterial({ color: this.palette.hivis })),
    );
    place(lines, worldFromCamera);
    this.strut.add(lines);
    this.draw();
  }

  /** Lines and arrows over everything: distances and forces, world frame. */
  showLines(lines: readonly SceneLine[]): void {
    empty(this.overlay);
    for (const { kind, points: way } of lines) {
      const points = way.slice(1).flatMap((p, i) => [new Vector3(...way[i]!), new Vector3(...p)]);
      if (kind === 'force') points.push(...arrowHead(new Vector3(...way[0]!), new Vector3(...way.at(-1)!)));
      const geometry = new BufferGeometry().setFromPoints(points);
      const line = new LineSegments(
        geometry,
        this.material(kind, () => new LineBasicMaterial({ color: this.palette[LINE_INK[kind]], depthTest: false })),
      );
      line.renderOrder = 3;
      this.overlay.add(line);
    }
    this.draw();
  }

  showPins(pins: readonly SpotPin[], chosen: string): void {
    empty(this.pins);
    for (const pin of pins) {
      const isChosen = pin.id === chosen;
      const material = new SpriteMaterial({
        map: this.label(String(pin.number), isChosen),
        depthTest: false,
        sizeAttenuation: false,
      });
      const sprite = new Sprite(material);
      sprite.name = pin.id;
      sprite.scale.setScalar(this.pinScale(isChosen));
      sprite.userData.chosen = isChosen;
      sprite.position.set(...pin.position).addScaledVector(sprite.position.clone().set(...pin.normal), 0.045);
      sprite.renderOrder = isChosen ? 3 : 2;
      this.pins.add(sprite);
    }
    this.draw();
  }

  /** Pins keep their size on the screen however large the view is. */
  private pinScale(chosen: boolean): number {
    return (chosen ? PIN_PX.chosen : PIN_PX.other) * this.pixelAngle;
  }

  private label(text: string, chosen: boolean): CanvasTexture {
    const size = 64;
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = size;
    const ink = canvas.getContext('2d')!;
    ink.fillStyle = chosen ? this.palette.hivis : this.palette.paper;
    ink.strokeStyle = this.palette.ink;
    ink.lineWidth = 5;
    ink.beginPath();
    ink.rect(6, 6, size - 12, size - 12);
    ink.fill();
    ink.stroke();
    ink.fillStyle = chosen ? '#1c1206' : this.palette.ink;
    ink.font = '600 36px "JetBrains Mono Variable", monospace';
    ink.textAlign = 'center';
    ink.textBaseline = 'middle';
    ink.fillText(text, size / 2, size / 2 + 3);
    const texture = new CanvasTexture(canvas);
    texture.colorSpace = SRGBColorSpace;
    return texture;
  }

  private solid(mesh: DrawnMesh, colour: string): Object3D {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(mesh.positions, 3));
    geometry.setAttribute('normal', new BufferAttribute(mesh.normals, 3));
    const edges = new BufferGeometry();
    edges.setAttribute('position', new BufferAttribute(mesh.edges, 3));
    const glass = mesh.tone === 'glass';
    const group = new Group();
    group.name = mesh.id;
    const body = new Mesh(
      geometry,
      this.material(
        glass ? 'glass' : colour,
        () =>
          new MeshLambertMaterial({
            color: colour,
            ...(glass ? { transparent: true, opacity: 0.28, depthWrite: false } : {}),
            polygonOffset: true,
            polygonOffsetFactor: 1,
            polygonOffsetUnits: 1,
          }),
      ),
    );
    body.name = mesh.id;
    group.add(body);
    if (!glass) {
      group.add(
        new Mesh(
          geometry,
          this.material('outline', () => outlineMaterial(this.palette.ink)),
        ),
      );
    }
    if (!PLAIN_TONES.has(mesh.tone)) {
      group.add(
        new LineSegments(
          edges,
          this.material(
            'edge',
            () => new LineBasicMaterial({ color: this.palette.ink, transparent: true, opacity: 0.4 }),
          ),
        ),
      );
    }
    place(group, mesh.worldFromPart);
    return group;
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
    for (const group of [this.carrier, this.strut, this.pins]) empty(group);
    for (const material of this.materials.values()) material.dispose();
    this.renderer.dispose();
  }
}

/** Back faces pushed outward along their normals: an ink line round every silhouette. */
const outlineMaterial = (ink: string): ShaderMaterial =>
  new ShaderMaterial({
    side: BackSide,
    uniforms: { ink: { value: new Color(ink) } },
    vertexShader: `void main() {
      vec4 p = modelViewMatrix * vec4(position, 1.0);
      p.xyz += normalize(normalMatrix * normal) * ${OUTLINE} * -p.z;
      gl_Position = projectionMatrix * p;
    }`,
    fragmentShader: `uniform vec3 ink; void main() { gl_FragColor = vec4(ink, 1.0); }`,
  });

function place(object: Object3D, { rotation: r, position: p }: Pose): void {
  object.matrixAutoUpdate = false;
  object.matrix.copy(
    new Matrix4().set(r[0], r[1], r[2], p[0], r[3], r[4], r[5], p[1], r[6], r[7], r[8], p[2], 0, 0, 0, 1),
  );
}

function empty(group: Group): void {
  group.traverse((child) => {
    if (child instanceof Mesh || child instanceof LineSegments) {
      child.geometry.dispose();
    } else if (child instanceof Sprite) {
      child.material.map?.dispose();
      child.material.dispose();
    }
  });
  group.clear();
}
