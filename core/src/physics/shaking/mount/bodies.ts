import { minus, ONE, over, plus, scaled, times, ZERO, type Complex } from '../../../mathematics/spectra/complex';
import { symmetricEigen } from '../../../mathematics/numbers/eigen';
import { product, transposed, type Matrix } from '../../../mathematics/numbers/matrix';
import type { Piece } from './chain';

/** A rigid body in one plane: across the strut and about its own middle. */
export interface Body {
  readonly massKg: number;
  /** About its middle, kg·m². */
  readonly inertiaKgM2: number;
}

/** Pieces in a row with the body at their far end; gives are as seen at that body's middle. */
export interface Stage {
  readonly pieces: readonly Piece[];
  readonly body: Body;
  /** From where its pieces begin to its body's middle, metres. */
  readonly leverM: number;
}

/** What a movement of the base makes of the camera: its middle moves across, and it turns. */
export interface MountGain {
  /** Movement for one metre of the base across the strut. */
  readonly follows: Complex;
  /** Turn for one metre of the base, rad/m. */
  readonly turnPerM: Complex;
  /** Movement for one radian by which the base turns, m. */
  readonly movesPerRad: Complex;
  /** Turn for one radian of the base. */
  readonly turnPerRad: Complex;
}

/** One way in which it all swings. */
export interface Swinging {
  readonly frequencyHz: number;
  readonly dampingRatio: number;
  /** The piece that holds most of the energy. */
  readonly softest: Piece;
  /** Movement of the last body across for one of the first; 1 where there is one body only. */
  readonly lastOverFirst: number;
}

/** Two by two, row by row. */
type Square = readonly [Complex, Complex, Complex, Complex];

/** x = a·P + b·M and θ = b·P + d·M: complex by what each piece loses, k·(1 + jη). */
function giveOf(pieces: readonly Piece[]): Square {
  let [a, b, d] = [ZERO, ZERO, ZERO];
  for (const { mPerN, radPerN, radPerNm, loss } of pieces) {
    const by = over(ONE, [1, loss]);
    a = plus(a, scaled(by, mPerN));
    b = plus(b, scaled(by, radPerN));
    d = plus(d, scaled(by, radPerNm));
  }
  return [a, b, b, d];
}

const multiplied = (p: Square, q: Square): Square => [
  plus(times(p[0], q[0]), times(p[1], q[2])),
  plus(times(p[0], q[1]), times(p[1], q[3])),
  plus(times(p[2], q[0]), times(p[3], q[2])),
  plus(times(p[2], q[1]), times(p[3], q[3])),
];
const inverted = ([a, b, c, d]: Square): Square => {
  const by = over(ONE, minus(times(a, d), times(b, c)));
  return [times(d, by), scaled(times(b, by), -1), scaled(times(c, by), -1), times(a, by)];
};
/** I − w·p·q */
const oneLess = (p: Square, q: Square, w: number): Square => {
  const [a, b, c, d] = multiplied(p, q);
  return [minus(ONE, scaled(a, w)), scaled(b, -w), scaled(c, -w), minus(ONE, scaled(d, w))];
};
const massOf = ({ massKg, inertiaKgM2 }: Body): Square => [[massKg, 0], ZERO, ZERO, [inertiaKgM2, 0]];
/** What a plane's movement is a lever further up, if nothing gives. */
const carried = (leverM: number): Square => [ONE, [leverM, 0], ZERO, ONE];
const carriedBack = (leverM: number): Square => [ONE, ZERO, [leverM, 0], ONE];

/**
 * One or two rigid bodies in a row, each on pieces that give: q = R·q₀ + F·ω²M·q, solved together in closed form at each frequency. Movement and turn are
 * coupled by whatever gives below a body's middle; where nothing does, a movement turns nothing. Limits: slowly all goes along; far above
 * all swings both die away as f⁻².
 */
export function gainsOf(stages: readonly Stage[]): (frequencyHz: number) => MountGain {
  if (stages.length === 1) return oneBodyGains(stages[0]!);
  const [first, second] = stages.map(({ pieces, body, leverM }) => ({
    gives: giveOf(pieces),
    mass: massOf(body),
    carried: carried(leverM),
    carriedBack: carriedBack(leverM),
  }));
  return (frequencyHz) => {
    const w = (2 * Math.PI * frequencyHz) ** 2;
    const upper = multiplied(inverted(oneLess(second!.gives, second!.mass, w)), second!.carried);
    const felt = multiplied(second!.carriedBack, multiplied(second!.mass, upper));
    const load: Square = [
      plus(first!.mass[0], felt[0]),
      plus(first!.mass[1], felt[1]),
      plus(first!.mass[2], felt[2]),
      plus(first!.mass[3], felt[3]),
    ];
    const whole = multiplied(upper, multiplied(inverted(oneLess(first!.gives, load, w)), first!.carried));
    return { follows: whole[0], turnPerM: whole[2], movesPerRad: whole[1], turnPerRad: whole[3] };
  };
}

/** The same for one body, number by number: most struts are, and a search asks it some hundred thousand times. */
function oneBodyGains({ pieces, body: { massKg, inertiaKgM2 }, leverM }: Stage): (frequencyHz: number) => MountGain {
  const [[ar, ai], [br, bi], , [dr, di]] = giveOf(pieces);
  return (frequencyHz) => {
    const w = (2 * Math.PI * frequencyHz) ** 2;
    const [wm, wj] = [w * massKg, w * inertiaKgM2];
    // I − ω²·F·M, its determinant, and one over that.
    const [pr, pi] = [1 - wm * ar, -wm * ai];
    const [sr, si] = [1 - wj * dr, -wj * di];
    const [qr, qi] = [-wj * br, -wj * bi];
    const [rr, ri] = [-wm * br, -wm * bi];
    const detR = pr * sr - pi * si - (qr * rr - qi * ri);
    const detI = pr * si + pi * sr - (qr * ri + qi * rr);
    const size = detR * detR + detI * detI;
    const [ir, ii] = [detR / size, -detI / size];
    const by = (re: number, im: number): Complex => [re * ir - im * ii, re * ii + im * ir];
    return {
      follows: by(sr, si),
      turnPerM: by(-rr, -ri),
      movesPerRad: by(sr * leverM - qr, si * leverM - qi),
      turnPerRad: by(pr - rr * leverM, pi - ri * leverM),
    };
  };
}

/** Every swing, slowest first: 1/ω² are the eigenvalues of M^½·F·M^½. Damping by the energy that each piece holds, ζ = ½·Σηe/Σe. */
export function swingsOf(stages: readonly Stage[]): readonly Swinging[] {
  const masses = stages.flatMap(({ body }) => [body.massKg, body.inertiaKgM2]);
  const roots = masses.map(Math.sqrt);
  const pieces = stages.flatMap((stage, at) => stage.pieces.map((piece) => ({ piece, at })));
  /** Load on a stage's own body from the loads on all bodies. */
  const handedTo: readonly Matrix[] = stages.map((_, at) =>
    transposed(stages.flatMap((__, body) => transposed(handedDown(stages, body, at)))),
  );
  const gives = pieces.map(({ piece: { mPerN, radPerN, radPerNm }, at }) => {
    const down = handedTo[at]!;
    return product(
      transposed(down),
      product(
        [
          [mPerN, radPerN],
          [radPerN, radPerNm],
        ],
        down,
      ),
    );
  });
  const scaledGive = masses.map((_, i) =>
    masses.map((__, j) => roots[i]! * roots[j]! * gives.reduce((sum, g) => sum + g[i]![j]!, 0)),
  );
  return symmetricEigen(scaledGive).map(({ value, vector }) => {
    const load = vector.map((x, i) => x * roots[i]!);
    const moves = vector.map((x, i) => x / roots[i]!);
    const energy = gives.map((g) =>
      Math.max(
        0,
        g.reduce((sum, row, i) => sum + load[i]! * row.reduce((s, x, j) => s + x * load[j]!, 0), 0),
      ),
    );
    const all = energy.reduce((sum, e) => sum + e, 0);
    const most = energy.indexOf(Math.max(...energy));
    return {
      frequencyHz: value > 0 ? 1 / (2 * Math.PI * Math.sqrt(value)) : Infinity,
      dampingRatio: all > 0 ? energy.reduce((sum, e, i) => sum + e * pieces[i]!.piece.loss, 0) / all / 2 : 0,
      softest: pieces[most]!.piece,
      lastOverFirst: moves[moves.length - 2]! / moves[0]!,
    };
  });
}

/** Two by two: what a force and a moment on one body are on another below it; nothing on one above. */
function handedDown(stages: readonly Stage[], from: number, to: number): Matrix {
  if (to > from) {
    return [
      [0, 0],
      [0, 0],
    ];
  }
  const lever = stages.slice(to + 1, from + 1).reduce((sum, { leverM }) => sum + leverM, 0);
  return [
    [1, 0],
    [lever, 1],
  ];
}
