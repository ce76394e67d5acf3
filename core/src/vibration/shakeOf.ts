import { keepLatest } from '../caching/keepLatest';
import { keyOf } from '../caching/keyOf';
import { fieldOfViewDeg } from '../lens/lens';
import { automaticExposureS, USUAL_APERTURE, longestExposureS } from '../light/exposure';
import { lightById } from '../light/lights';
import { SET_UP_STANCE_ID } from '../rig/definitions';
import { poseRig } from '../rig/poseRig';
import type { RigSpec } from '../rig/resolveRig';
import { poseStrut, type StrutPose } from '../strut/kinematics';
import { resolveSetUp, type ResolvedSetUp } from '../strut/resolveSetUp';
import type { SetUp } from '../strut/setUp';
import { toDeg, toRad } from '../units/angle';
import { PLAY_DEG } from './mount/give';
import { mountModel, mountModes, type MountModel } from './mount/mountModel';
import type { MeasuredBand, MotionComponent, SourceKind, SpotMotion } from './paths/spotMotion';
import { spotMotion } from './paths/spotMotion';
import { cameraTurns, gainsOver } from './picture/cameraTurns';
import { pixelScale } from './picture/pixels';
import { sinc } from './picture/pictureShake';
import { leftOf, SIGMAS_IN_REACH, steadinessOf } from './picture/stabiliser';
import { USUAL_PICKS, type Picks } from './picks';
import type { RideConditions } from './ride';
import { frequencyGrid } from './spectrum';
import { FIGURES, type Figure } from './words';

export interface ShakeQuestion {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
  readonly measured?: readonly MeasuredBand[];
}

export type ShakePx = Readonly<Record<Figure, number>>;

/** What one source has in the picture, pixels rms of a 1080-line picture. */
export interface Contribution extends ShakePx {
  readonly sourceId: string;
  readonly name: string;
  readonly kind: SourceKind | 'play';
  readonly lineHz: number | null;
}

/** Densities over the common grid; lines stand beside them. */
export interface ShakeSpectra {
  readonly frequencyHz: Float64Array;
  /** Upward acceleration, (m/s²)²/Hz: of what drives it, of the spot, of the camera. */
  readonly source: Float64Array;
  readonly spot: Float64Array;
  readonly camera: Float64Array;
  /** px²/Hz of a 1080-line picture as it falls on the sensor, and what each figure has of it after steadying. */
  readonly picture: Float64Array;
  readonly figures: Readonly<Record<Figure, Float64Array>>;
  /** Share of the amplitude from picture to picture that is left afterwards. */
  readonly leftAfter: Float64Array;
  /** What comes at a fixed rate: pixels rms as it falls on the sensor. */
  readonly lines: readonly { readonly name: string; readonly frequencyHz: number; readonly px: number }[];
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
  readonly exposureS: number;
  readonly readoutS: number;
  /** Way of steadying that runs out, with what it would need. */
  readonly runsOut: { readonly name: string; readonly neededDeg: number; readonly reachDeg: number } | null;
  readonly mount: MountModel;
}

/** Slower than this is camera movement, not shaking; faster reaches no camera. Estimates 0.7 to 1.5 and 200 to 600 Hz. */
export const SHAKE_BAND_HZ = [1, 400] as const;
const FINE = frequencyGrid(...SHAKE_BAND_HZ, 190);
const COARSE = frequencyGrid(...SHAKE_BAND_HZ, 64);

const motions = keepLatest<SpotMotion>(80);
const rigKey = keyOf((rig: RigSpec) => ({ ...rig, ownKit: undefined, subject: undefined }));
const rideKey = keyOf((ride: RideConditions) => ride);
const bandsKey = keyOf((measured: NonNullable<ShakeQuestion['measured']>) => measured);

/** How the base moves with every figure at its middle; kept, since many set-ups share a spot. */
function usualMotion(question: ShakeQuestion, resolved: ResolvedSetUp, grid: Float64Array): SpotMotion {
  const { rig, ride, actionStanceId, measured } = question;
  const log = measured ? bandsKey(measured) : '';
  const key = [rigKey(rig), rideKey(ride), actionStanceId, log, resolved.placed.spot.id, grid.length];
  return motions(key.join(' '), () => spotMotion(spotQuestion(question, resolved), grid, USUAL_PICKS));
}

const spotQuestion = ({ rig, ride, actionStanceId, measured }: ShakeQuestion, { placed }: ResolvedSetUp) => ({
  rig,
  placed,
  stanceId: actionStanceId,
  ride,
  ...(measured ? { measured } : {}),
});

/** Exposure of a set-up in a light: held by hand, or automatic behind its grey glass; never longer than its rate allows. */
export function exposureOf(
  { setUp, mode }: ResolvedSetUp,
  { lightId }: RideConditions,
  picks: Picks = USUAL_PICKS,
): number {
  if (setUp.shutterS !== undefined) return Math.min(setUp.shutterS, longestExposureS(mode.framesPerSecond));
  const ev = picks.shutter(lightById(lightId).ev);
  return automaticExposureS(ev, USUAL_APERTURE, setUp.ndStops ?? 0, mode.framesPerSecond);
}

/** Everything about a set-up that shaking needs, found once. */
export interface ShakeScene {
  readonly resolved: ResolvedSetUp;
  /** The strut in the stance that is ridden. */
  readonly pose: StrutPose;
  readonly motion: SpotMotion;
  readonly ride: RideConditions;
}

/** @param coarse a third of the frequencies: good enough to rank by (docs/models.md, Steady) */
export function shakeScene(question: ShakeQuestion, { coarse = false, picks = USUAL_PICKS } = {}): ShakeScene {
  const resolved = resolveSetUp(question.rig, question.setUp);
  const setUpRig = poseRig(question.rig, SET_UP_STANCE_ID);
  const pose = poseStrut(resolved, setUpRig, poseRig(question.rig, question.actionStanceId));
  const grid = coarse ? COARSE : FINE;
  const motion =
    picks === USUAL_PICKS
      ? usualMotion(question, resolved, grid)
      : spotMotion(spotQuestion(question, resolved), grid, picks);
  return { resolved, pose, motion, ride: question.ride };
}

/** @throws RangeError for an id that the catalogue lacks */
export const shakeOf = (question: ShakeQuestion, options: { coarse?: boolean; picks?: Picks } = {}): Shake =>
  shakeIn(shakeScene(question, options), options.picks);

/** How much the picture jumps, wobbles and blurs; see docs/models.md, Steady. */
export function shakeIn({ resolved, pose, motion, ride }: ShakeScene, picks: Picks = USUAL_PICKS): Shake {
  const grid = motion.gridHz;
  const mount = mountModel(resolved, pose, picks);
  const scale = pixelScale(resolved.lens);
  const exposureS = exposureOf(resolved, ride, picks);
  const readoutS = picks.shutter(resolved.mode.readoutS);
  const camera = pose.worldFromCamera.rotation;
  const shared = gainsOver(mount, grid);
  const turned = motion.components.map((component) => ({
    component,
    ...cameraTurns(
      component,
      mount,
      component.lineHz === null ? shared : gainsOver(mount, component.frequencyHz),
      camera,
      scale,
    ),
  }));
  const sum = (pickOf: (i: number, t: (typeof turned)[number]) => number): number =>
    turned.reduce((total, t) => {
      let part = 0;
      for (let i = 0; i < t.px2.length; i++) part += t.component.weight[i]! * pickOf(i, t);
      return total + part;
    }, 0);
  const accelerationMS2 = Math.sqrt(sum((i, t) => t.moves2[i]! * (2 * Math.PI * t.component.frequencyHz[i]!) ** 4));

  const wholeFovDeg =
    Math.min(fieldOfViewDeg(resolved.lens, 'vertical'), fieldOfViewDeg(resolved.lens, 'horizontal')) /
    resolved.stabiliser.crop.value;
  const steadiness = steadinessOf(resolved.stabiliser, resolved.camera.gimbal, wholeFovDeg, picks.stabiliser);
  let runsOut: Shake['runsOut'] = null;
  let before = (f: number) => steadiness.before(f) ** 2;
  let after = (f: number) => steadiness.after(f) ** 2;
  for (const { name, steadying, reachDeg } of steadiness.levels) {
    const earlier = steadying.kind === 'optics' ? () => 1 : before;
    const inBand = (f: number) => f >= steadying.fromHz && f <= steadying.toHz;
    const slow2 = sum((i, t) => {
      const f = t.component.frequencyHz[i]!;
      return inBand(f) ? (t.pitch2[i]! + t.yaw2[i]! + t.roll2[i]!) * earlier(f) : 0;
    });
    const neededDeg = SIGMAS_IN_REACH * toDeg(Math.sqrt(slow2));
    if (neededDeg <= reachDeg) continue;
    runsOut ??= { name, neededDeg, reachDeg };
    // What lies beyond its reach is not steadied: at least that share is left.
    const missed = 1 - reachDeg / neededDeg;
    const whole = (f: number) => (inBand(f) ? Math.max(1, (missed / leftOf(steadying, f, picks.stabiliser)) ** 2) : 1);
    const [b, a] = [before, after];
    if (steadying.kind === 'optics') before = (f) => b(f) * whole(f);
    else after = (f) => a(f) * whole(f);
  }

  const exposed = (f: number) => sinc(f * exposureS) ** 2;
  const read = (f: number) => sinc(f * readoutS) ** 2;
  const shares: Record<Figure, (f: number) => number> = {
    blur: (f) => before(f) * (1 - exposed(f)),
    jelly: (f) => before(f) * exposed(f) * (1 - read(f)),
    jump: (f) => before(f) * exposed(f) * read(f) * after(f),
  };
  const table = new Map<string, { head: MotionComponent; squares: Record<Figure, number> }>();
  for (const { component, px2 } of turned) {
    const row = table.get(component.sourceId) ?? { head: component, squares: { jump: 0, jelly: 0, blur: 0 } };
    table.set(component.sourceId, row);
    for (let i = 0; i < px2.length; i++) {
      const f = component.frequencyHz[i]!;
      const square = component.weight[i]! * px2[i]!;
      for (const figure of FIGURES) row.squares[figure] += square * shares[figure](f);
    }
  }
  const contributions: Contribution[] = [...table.values()].map(({ head, squares }) => ({
    sourceId: head.sourceId,
    name: head.sourceName,
    kind: head.kind,
    lineHz: head.lineHz,
    ...roots(squares),
  }));
  contributions.push(playOf(resolved, mount, accelerationMS2, scale.acrossPx, shares, picks));
  // A tripod in still air still trembles a little: never nothing, so that shares can be taken.
  const totalPx = Math.max(1e-9, Math.sqrt(sum((i, t) => t.px2[i]!)));
  const total = (figure: Figure) => Math.hypot(...contributions.map((c) => c[figure]));
  return {
    jump: total('jump'),
    jelly: total('jelly'),
    blur: total('blur'),
    contributions: contributions.sort((a, b) => weightOf(b) - weightOf(a)),
    spectra: spectraOf(motion, turned, before, after, shares),
    totalPx,
    ways: {
      up: (scale.acrossPx / totalPx) ** 2 * sum((i, t) => t.pitch2[i]!),
      sideways: (scale.acrossPx / totalPx) ** 2 * sum((i, t) => t.yaw2[i]!),
      round: (scale.rollPx / totalPx) ** 2 * sum((i, t) => t.roll2[i]!),
    },
    stiffPx: Math.sqrt(
      sum((i, { component: c }) => {
        const turn2 = c.turnRe[i]! ** 2 + c.turnIm[i]! ** 2;
        return turn2 * pixelsOfTurn(c, camera, scale);
      }),
    ),
    rollDeg: toDeg(
      Math.sqrt(sum((i, t) => t.roll2[i]! * before(t.component.frequencyHz[i]!) * after(t.component.frequencyHz[i]!))),
    ),
    accelerationMS2,
    exposureS,
    readoutS,
    runsOut,
    mount,
  };
}

const roots = (squares: Record<Figure, number>): ShakePx => ({
  jump: Math.sqrt(squares.jump),
  jelly: Math.sqrt(squares.jelly),
  blur: Math.sqrt(squares.blur),
});
const weightOf = (px: ShakePx): number => px.jump ** 2 + px.jelly ** 2 + px.blur ** 2;

/** Squared pixels for a unit turn of the base that reaches the camera whole. */
function pixelsOfTurn(
  { turnAxis }: MotionComponent,
  camera: Parameters<typeof cameraTurns>[3],
  { acrossPx, rollPx }: ReturnType<typeof pixelScale>,
): number {
  // First column of the camera's rotation: its lens axis.
  const lens2 = (turnAxis[0] * camera[0] + turnAxis[1] * camera[3] + turnAxis[2] * camera[6]) ** 2;
  return rollPx ** 2 * lens2 + acrossPx ** 2 * (1 - lens2);
}

/**
 * Free play of hooks, joints and poles: the camera falls from stop to stop whenever shaking outweighs its weight; even over the play,
 * rms play/√12, for the share of time erfc(g/(√2·a)) of a normal acceleration. It rattles at the strut's own frequency.
 */
function playOf(
  { links, base }: ResolvedSetUp,
  mount: MountModel,
  accelerationMS2: number,
  acrossPx: number,
  shares: Readonly<Record<Figure, (f: number) => number>>,
  { damping }: Picks,
): Contribution {
  const pieces = [
    PLAY_DEG.joint,
    ...(base.kind === 'magnet' ? [PLAY_DEG.magnet] : []),
    ...links.flatMap(({ definition: { kind } }) => [
      ...(kind === 'damper' || kind === 'pad' ? [] : [PLAY_DEG.joint]),
      ...(kind === 'hook' ? [PLAY_DEG.hook] : kind === 'pole' ? [PLAY_DEG.pole] : []),
    ]),
  ];
  const play2 = pieces.reduce((sum, figure) => sum + toRad(damping(figure)) ** 2 / 12, 0);
  const square = play2 * acrossPx ** 2 * flipping(accelerationMS2);
  const f = Math.min(SHAKE_BAND_HZ[1], Math.max(SHAKE_BAND_HZ[0], mountModes(mount)[0]!.frequencyHz));
  return {
    sourceId: 'play',
    name: 'play in the joints',
    kind: 'play',
    lineHz: f,
    ...roots({ jump: square * shares.jump(f), jelly: square * shares.jelly(f), blur: square * shares.blur(f) }),
  };
}

/** P(|a| > g) of a normal acceleration, by Abramowitz & Stegun 7.1.26 (error below 1.5e-7). */
export function flipping(rmsMS2: number): number {
  if (!(rmsMS2 > 0)) return 0;
  const x = 9.80665 / (Math.SQRT2 * rmsMS2);
  const t = 1 / (1 + 0.3275911 * x);
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  return poly * Math.exp(-x * x);
}

function spectraOf(
  { gridHz, widthHz, source }: SpotMotion,
  turned: readonly ({ readonly component: MotionComponent } & ReturnType<typeof cameraTurns>)[],
  before: (f: number) => number,
  after: (f: number) => number,
  shares: Readonly<Record<Figure, (f: number) => number>>,
): ShakeSpectra {
  const empty = () => new Float64Array(gridHz.length);
  const [spot, camera, picture] = [empty(), empty(), empty()];
  for (const { component, px2, moves2 } of turned) {
    if (component.lineHz !== null) continue;
    for (let i = 0; i < gridHz.length; i++) {
      const density = component.weight[i]! / widthHz[i]!;
      const w4 = (2 * Math.PI * gridHz[i]!) ** 4;
      if (component.axis[1] === 1) spot[i]! += density * (component.zRe[i]! ** 2 + component.zIm[i]! ** 2) * w4;
      camera[i]! += density * moves2[i]! * w4;
      picture[i]! += density * px2[i]! * before(gridHz[i]!);
    }
  }
  const figure = (name: Figure) =>
    picture.map((density, i) =>
      before(gridHz[i]!) > 0 ? (density / before(gridHz[i]!)) * shares[name](gridHz[i]!) : 0,
    );
  return {
    frequencyHz: gridHz,
    source,
    spot,
    camera,
    picture,
    figures: { jump: figure('jump'), jelly: figure('jelly'), blur: figure('blur') },
    leftAfter: gridHz.map((f) => Math.sqrt(after(f))),
    lines: linesOf(turned, before),
  };
}

/** Components of one line together, strongest first. */
function linesOf(
  turned: readonly ({ readonly component: MotionComponent } & ReturnType<typeof cameraTurns>)[],
  before: (f: number) => number,
): ShakeSpectra['lines'] {
  const found = new Map<string, { name: string; frequencyHz: number; square: number }>();
  for (const { component, px2 } of turned) {
    const { lineHz, sourceId, sourceName, weight, frequencyHz } = component;
    if (lineHz === null) continue;
    const line = found.get(sourceId) ?? { name: sourceName, frequencyHz: lineHz, square: 0 };
    found.set(sourceId, line);
    for (let i = 0; i < px2.length; i++) line.square += weight[i]! * px2[i]! * before(frequencyHz[i]!);
  }
  return [...found.values()]
    .map(({ name, frequencyHz, square }) => ({ name, frequencyHz, px: Math.sqrt(square) }))
    .sort((a, b) => b.px - a.px);
}
