import { fieldOfViewDeg } from '../../../mathematics/lens/lens';
import type { Rotation } from '../../../mathematics/geometry/rotation';
import { toDeg } from '../../../mathematics/units/angle';
import { mountModel, mountModes, type MountModel } from '../mount/mountModel';
import type { SpringArm } from '../mount/springArm';
import { playTurn2 } from '../mount/play';
import type { SourceKind } from '../paths/drives';
import type { MotionComponent } from '../paths/spotMotion';
import { USUAL_ENDS, type RangeEnds } from '../ends/rangeEnds';
import { cameraTurns, gainsOver, givenM2 } from '../picture/cameraTurns';
import { pixelScale, type PixelScale } from '../picture/pixels';
import { spectraOf, type ShakeSpectra } from '../picture/shakeSpectra';
import {
  limitReach,
  spreadOut,
  squaresOf,
  steadied,
  sumOver,
  unsteadied,
  type TurnedComponent,
} from '../picture/spread';
import { SIGMAS_IN_REACH, steadinessOf } from '../picture/stabiliser';
import { SHAKE_BAND_HZ } from '../../../words/ride/shakeBand';
import { exposureOf, shakeScene, type ShakeQuestion, type ShakeScene } from './shakeScene';
import { FIGURES, type Figure } from '../figures/figures';

export type ShakePx = Readonly<Record<Figure, number>>;

/** What one source has in the picture, pixels rms of a 1080-line picture. */
interface Contribution extends ShakePx {
  readonly sourceId: string;
  readonly name: string;
  readonly kind: SourceKind | 'play' | 'near';
  readonly lineHz: number | null;
}

export interface Shake extends ShakePx {
  readonly contributions: readonly Contribution[];
  readonly spectra: ShakeSpectra;
  /** Everything without a stabiliser, and the same with an infinitely stiff strut: what the strut itself adds. */
  readonly totalPx: number;
  readonly stiffPx: number;
  /** Shares of the squared pixels that go up and down, sideways and round. */
  readonly ways: { readonly up: number; readonly sideways: number; readonly round: number };
  /** Turning about the lens axis that is left, degrees rms. */
  readonly rollDeg: number;
  /** Acceleration of the camera, m/s² rms. */
  readonly accelerationMS2: number;
  /** Cycles of that acceleration a second, by its upward zero crossings (Rice); 0 where nothing shakes. */
  readonly accelerationHz: number;
  readonly exposureS: number;
  readonly readoutS: number;
  /** Way of steadying that runs out, with what it would need. */
  readonly runsOut: { readonly name: string; readonly neededDeg: number; readonly reachDeg: number } | null;
  readonly mount: MountModel;
  /** A spring arm in the strut, with how far it has to swing either way; null where there is none. */
  readonly spring: (SpringArm & { readonly swingM: number }) | null;
}

/** @throws RangeError for an id that the catalogue lacks */
export const shakeOf = (question: ShakeQuestion, options: { coarse?: boolean; picks?: RangeEnds } = {}): Shake =>
  shakeIn(shakeScene(question, options), options.picks);

/** How much the picture jumps, wobbles and blurs; see docs/models.md, Steady. */
export function shakeIn(
  { resolved, pose, motion, worn, ride, sunHeightDeg, nearPerM2 }: ShakeScene,
  picks: RangeEnds = USUAL_ENDS,
): Shake {
  const { gridHz, components } = motion;
  // While a long exposure lasts the world is meant to draw streaks: what must stay sharp is the machine that it stands on.
  const against = resolved.mode.stills && !worn ? 'base' : 'world';
  const { mount, acting, swingM } = mountedOn(resolved, pose, components, picks);
  const scale = pixelScale(resolved.lens);
  const exposureS = exposureOf(resolved, ride, sunHeightDeg, picks);
  const readoutS = picks.shutter(resolved.mode.readoutS);
  const camera = pose.worldFromCamera.rotation;
  const wholeFovDeg =
    Math.min(fieldOfViewDeg(resolved.lens, 'vertical'), fieldOfViewDeg(resolved.lens, 'horizontal')) /
    resolved.stabiliser.crop.value;
  const steadiness = steadinessOf(resolved.stabiliser, resolved.camera.gimbal, wholeFovDeg, picks.stabiliser);
  // Rattling goes on at the strut's own frequency.
  const playHz = Float64Array.of(
    Math.min(SHAKE_BAND_HZ[1], Math.max(SHAKE_BAND_HZ[0], mountModes(mount)[0]!.frequencyHz)),
  );
  const spreads = steadied(steadiness, [gridHz, playHz, ...components.map((c) => c.frequencyHz)]);
  const shared = gainsOver(acting, gridHz);
  const turned = components.map((component) => {
    const gains = component.lineHz === null ? shared : gainsOver(acting, component.frequencyHz);
    const spread = spreads.get(component.frequencyHz)!;
    const turns = cameraTurns(component, { mount: acting, gains, camera, scale, against, asksGive: nearPerM2 > 0 });
    return { component, spread, ...turns };
  });
  const acceleration2 = sumOver(turned, (t, i) => t.moves2[i]! * (2 * Math.PI * t.component.frequencyHz[i]!) ** 4);
  const accelerationMS2 = Math.sqrt(acceleration2);
  const jerk2 = sumOver(turned, (t, i) => t.moves2[i]! * (2 * Math.PI * t.component.frequencyHz[i]!) ** 6);

  let runsOut: Shake['runsOut'] = null;
  for (const level of steadiness.levels) {
    const { name, steadying, reachDeg } = level;
    const { fromHz, toHz } = steadying;
    const optics = steadying.kind === 'optics';
    const slow2 = sumOver(turned, (t, i) => {
      const f = t.component.frequencyHz[i]!;
      if (f < fromHz || f > toHz) return 0;
      return (t.pitch2[i]! + t.yaw2[i]! + t.roll2[i]!) * (optics ? 1 : t.spread.before[i]!);
    });
    const neededDeg = SIGMAS_IN_REACH * toDeg(Math.sqrt(slow2 + slowerStill2(turned, fromHz)));
    if (neededDeg <= reachDeg) continue;
    runsOut ??= { name, neededDeg, reachDeg };
    limitReach(spreads, level, 1 - reachDeg / neededDeg, picks.stabiliser);
  }
  spreadOut(spreads, exposureS, readoutS);

  const table = new Map<string, { head: MotionComponent; squares: Record<Figure, number> }>();
  for (const t of turned) {
    const { component } = t;
    const row = table.get(component.sourceId) ?? { head: component, squares: { jump: 0, jelly: 0, blur: 0 } };
    table.set(component.sourceId, row);
    const squares = squaresOf(t);
    for (const figure of FIGURES) row.squares[figure] += squares[figure];
  }
  const contributions: Contribution[] = [...table.values()].map(({ head, squares }) => ({
    sourceId: head.sourceId,
    name: head.sourceName,
    kind: head.kind,
    lineHz: head.lineHz,
    ...roots(squares),
  }));
  const play2 = playTurn2(resolved, accelerationMS2, picks) * scale.acrossPx ** 2;
  const { figures: rattling } = spreads.get(playHz)!;
  contributions.push({
    sourceId: 'play',
    name: 'play in the joints',
    kind: 'play',
    lineHz: playHz[0]!,
    ...roots({ jump: play2 * rattling.jump[0]!, jelly: play2 * rattling.jelly[0]!, blur: play2 * rattling.blur[0]! }),
  });
  if (nearPerM2 > 0) {
    const squares = { jump: 0, jelly: 0, blur: 0 };
    const px2 = scale.acrossPx ** 2 * nearPerM2;
    for (const { component, gives2 } of turned) {
      gives2?.forEach((gives, i) => {
        const share = unsteadied(component.frequencyHz[i]!, exposureS, readoutS);
        for (const figure of FIGURES) squares[figure] += component.weight[i]! * gives * px2 * share[figure];
      });
    }
    contributions.push({
      sourceId: 'near',
      name: 'the strut’s give against what is near',
      kind: 'near',
      lineHz: null,
      ...roots(squares),
    });
  }
  // A tripod in still air still trembles a little: never nothing, so that shares can be taken.
  const totalPx = Math.max(1e-9, Math.sqrt(sumOver(turned, (t, i) => t.px2[i]!)));
  const total = (figure: Figure) => Math.hypot(...contributions.map((c) => c[figure]));
  return {
    jump: total('jump'),
    jelly: total('jelly'),
    blur: total('blur'),
    contributions: contributions.sort((a, b) => weightOf(b) - weightOf(a)),
    spectra: spectraOf(motion, turned, spreads),
    totalPx,
    ways: {
      up: (scale.acrossPx / totalPx) ** 2 * sumOver(turned, (t, i) => t.pitch2[i]!),
      sideways: (scale.acrossPx / totalPx) ** 2 * sumOver(turned, (t, i) => t.yaw2[i]!),
      round: (scale.rollPx / totalPx) ** 2 * sumOver(turned, (t, i) => t.roll2[i]!),
    },
    stiffPx:
      against === 'base'
        ? 0
        : Math.sqrt(
            sumOver(
              turned,
              ({ component: c }, i) => (c.turnRe[i]! ** 2 + c.turnIm[i]! ** 2) * pixelsOfTurn(c, camera, scale),
            ),
          ),
    rollDeg: toDeg(Math.sqrt(sumOver(turned, (t, i) => t.roll2[i]! * t.spread.before[i]! * t.spread.after[i]!))),
    accelerationMS2,
    accelerationHz: acceleration2 > 0 ? Math.sqrt(jerk2 / acceleration2) / (2 * Math.PI) : 0,
    exposureS,
    readoutS,
    runsOut,
    mount,
    spring: mount.spring && { ...mount.spring, swingM },
  };
}

/** Turning slower than the band, down to where a stabiliser begins to follow: heads and corners go on as they do at its lower end, rad². */
function slowerStill2(turned: readonly TurnedComponent[], fromHz: number): number {
  const missing = Math.max(0, SHAKE_BAND_HZ[0] - fromHz);
  if (missing === 0) return 0;
  return turned.reduce((sum, { component: { lineHz, weight, frequencyHz }, pitch2, yaw2, roll2 }) => {
    if (lineHz !== null) return sum;
    const widthHz = (frequencyHz[1]! - frequencyHz[0]!) / 2;
    return sum + ((weight[0]! * (pitch2[0]! + yaw2[0]! + roll2[0]!)) / widthHz) * missing;
  }, 0);
}

/** The strut, and where it has a spring arm how far that swings: where it would go beyond its stops it is stiffer by as much. */
function mountedOn(
  resolved: ShakeScene['resolved'],
  pose: ShakeScene['pose'],
  components: readonly MotionComponent[],
  picks: RangeEnds,
): { readonly mount: MountModel; readonly acting: MountModel; readonly swingM: number } {
  const mount = mountModel(resolved, pose, picks);
  if (!mount.spring || mount.spring.stuck) return { mount, acting: mount, swingM: 0 };
  const { travelM } = mount.spring;
  const swingM = SIGMAS_IN_REACH * Math.sqrt(givenM2(mount, components));
  if (swingM <= travelM) return { mount, acting: mount, swingM };
  return { mount, acting: mountModel(resolved, pose, picks, (swingM / travelM) ** 2), swingM };
}

const roots = (squares: Record<Figure, number>): ShakePx => ({
  jump: Math.sqrt(squares.jump),
  jelly: Math.sqrt(squares.jelly),
  blur: Math.sqrt(squares.blur),
});
const weightOf = (px: ShakePx): number => px.jump ** 2 + px.jelly ** 2 + px.blur ** 2;

/** Squared pixels for a unit turn of the base that reaches the camera whole. */
function pixelsOfTurn({ turnAxis }: MotionComponent, camera: Rotation, { acrossPx, rollPx }: PixelScale): number {
  // First column of the camera's rotation: its lens axis.
  const lens2 = (turnAxis[0] * camera[0] + turnAxis[1] * camera[3] + turnAxis[2] * camera[6]) ** 2;
  return rollPx ** 2 * lens2 + acrossPx ** 2 * (1 - lens2);
}
