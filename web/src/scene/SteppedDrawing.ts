import { Light, WebGLRenderer, type Camera, type Object3D, type Scene } from 'three';
import { slowGraphics } from './slowGraphics';
import { OUTLINES } from './solid';

/** Without a graphics card it is drawn with so many dots to a pixel when nothing has changed for so long: four of them smooth an edge. */
const FINE_DOTS = 2;
const FINER_AFTER_MS = 900;
/** Layer of everything but the outlines. */
const BODIES = 0;
const HAND_MOVES = ['pointermove', 'pointerdown', 'keydown', 'wheel'] as const;

/**
 * Draws a scene on a canvas: at once where there is a graphics card. Where the processor draws, the page waits for it: plainly while anything moves, and when
 * it rests smoothed, bodies first and then their outlines.
 */
export class SteppedDrawing {
  private readonly renderer: WebGLRenderer;
  private readonly slow = slowGraphics();
  /** Dots to a pixel of the page. */
  private ratio = 1;
  private finer = 0;
  private isPlain = false;

  /** @param over what lies over the outlines */
  constructor(
    canvas: HTMLCanvasElement,
    private readonly scene: Scene,
    private readonly camera: Camera,
    private readonly over: readonly Object3D[],
  ) {
    // What is drawn in two steps must still be there at the second.
    this.renderer = new WebGLRenderer({
      canvas,
      antialias: !this.slow,
      alpha: true,
      preserveDrawingBuffer: this.slow,
    });
    // Reading the compiler's log back stops the page until the graphics process has caught up.
    this.renderer.debug.checkShaderErrors = false;
    // Lit the same in each layer: with other lights every material would be made anew.
    scene.children.filter((one) => one instanceof Light).forEach((light) => light.layers.enableAll());
    if (this.slow) HAND_MOVES.forEach((name) => window.addEventListener(name, this.smoothLater, { passive: true }));
  }

  /** The window may have gone to another screen. */
  takeDots(): void {
    this.ratio = Math.min(2, window.devicePixelRatio);
  }

  /** Size of the page's place, pixels. */
  resize(width: number, height: number): void {
    this.renderer.setSize(width, height, false);
  }

  draw(): void {
    if (this.slow) this.render(1, [BODIES]);
    else this.render(this.ratio, [BODIES, OUTLINES]);
    this.isPlain = this.slow;
    this.smoothLater();
  }

  /** Edges are smooth, and have outlines, once nothing moves any more, here or elsewhere on the page. In two steps: all at once would stop the page. */
  private readonly smoothLater = () => {
    if (!this.isPlain) return;
    window.clearTimeout(this.finer);
    this.finer = window.setTimeout(() => {
      this.isPlain = false;
      this.render(FINE_DOTS, [BODIES]);
      this.finer = window.setTimeout(() => this.outline());
    }, FINER_AFTER_MS);
  };

  /** Puts outlines to what is drawn already, under all that lies over it. */
  private outline(): void {
    for (const group of this.over) group.traverse((object) => object.layers.enable(OUTLINES));
    this.renderer.autoClear = false;
    this.render(FINE_DOTS, [OUTLINES]);
    this.renderer.autoClear = true;
  }

  private render(dots: number, layers: readonly number[]): void {
    this.camera.layers.disableAll();
    for (const layer of layers) this.camera.layers.enable(layer);
    // Room for the picture is made anew each time, which costs more than to draw it.
    if (dots !== this.renderer.getPixelRatio()) this.renderer.setPixelRatio(dots);
    this.renderer.render(this.scene, this.camera);
  }

  dispose(): void {
    window.clearTimeout(this.finer);
    HAND_MOVES.forEach((name) => window.removeEventListener(name, this.smoothLater));
    this.renderer.dispose();
  }
}
