import { ONE, over, plus, scaled, ZERO, type Complex } from '../../../mathematics/spectra/complex';
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

/** Two by two in eight numbers, row by row, real and imaginary parts in turn: written over, since a search asks for millions of them. */
type Numbers = Float64Array;
const numbers = (square: Square = [ZERO, ZERO, ZERO, ZERO]): Numbers => new Float64Array(square.flat());

/** Entry at `into` of p·q, as a row of p by a column of q. */
function entry(out: Numbers, into: number, p: Numbers, row: number, q: Numbers, column: number): void {
  const [ar, ai, br, bi] = [p[row]!, p[row + 1]!, p[row + 2]!, p[row + 3]!];
  const [cr, ci, dr, di] = [q[column]!, q[column + 1]!, q[column + 4]!, q[column + 5]!];
  out[into] = ar * cr - ai * ci + br * dr - bi * di;
  out[into + 1] = ar * ci + ai * cr + br * di + bi * dr;
}

/** p·q; out is neither of them. */
function multiply(out: Numbers, p: Numbers, q: Numbers): Numbers {
  entry(out, 0, p, 0, q, 0);
  entry(out, 2, p, 0, q, 2);
  entry(out, 4, p, 4, q, 0);
  entry(out, 6, p, 4, q, 2);
  return out;
}

/** I − w·m, in place. */
function takeFromOne(m: Numbers, w: number): Numbers {
  for (let i = 0; i < 8; i++) m[i] = -w * m[i]!;
  m[0]! += 1;
  m[6]! += 1;
  return m;
}

/** In place. */
function invert(m: Numbers): Numbers {
  const [ar, ai, br, bi] = [m[0]!, m[1]!, m[2]!, m[3]!];
  const [cr, ci, dr, di] = [m[4]!, m[5]!, m[6]!, m[7]!];
  const re = ar * dr - ai * di - (br * cr - bi * ci);
  const im = ar * di + ai * dr - (br * ci + bi * cr);
  const size = re * re + im * im;
  const [byRe, byIm] = [re / size, -im / size];
  const put = (at: number, x: number, y: number) => {
    m[at] = x * byRe - y * byIm;
    m[at + 1] = x * byIm + y * byRe;
  };
  put(0, dr, di);
  put(2, -br, -bi);
  put(4, -cr, -ci);
  put(6, ar, ai);
  return m;
}

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
    gives: numbers(giveOf(pieces)),
    mass: numbers(massOf(body)),
    carried: numbers(carried(leverM)),
    carriedBack: numbers(carriedBack(leverM)),
  }));
  const [one, other, upper, load, whole] = [numbers(), numbers(), numbers(), numbers(), numbers()];
  return (frequencyHz) => {
    const w = (2 * Math.PI * frequencyHz) ** 2;
    multiply(upper, invert(takeFromOne(multiply(one, second!.gives, second!.mass), w)), second!.carried);
    // What the lower body feels of the upper one, and of itself.
    multiply(load, second!.carriedBack, multiply(one, second!.mass, upper));
    for (let i = 0; i < 8; i++) load[i]! += first!.mass[i]!;
    const lower = multiply(other, invert(takeFromOne(multiply(one, first!.gives, load), w)), first!.carried);
    multiply(whole, upper, lower);
    const at = (i: number): Complex => [whole[i]!, whole[i + 1]!];
    return { follows: at(0), turnPerM: at(4), movesPerRad: at(2), turnPerRad: at(6) };
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
