import type { GreyPicture } from './blockShift';

/** Cells of the picture that are watched. */
const [COLUMNS, ROWS] = [48, 27];
/** A cell that stays so much calmer than those around it, while they change by so many shades, has something before it. Estimates. */
const CALMER = 0.35;
const LIVELY = 6;
const [NEAR, FAR] = [2, 5];
/** Less of the picture than that is noise. */
const LEAST_SHARE = 0.002;

/** What sits on the lens. */
export interface LensDirt {
  /** Of the picture. */
  readonly share: number;
  /** Where most of it is, in words. */
  readonly where: string;
}

/** Watches how much each place of a moving clip changes: what is on the lens stays where it is. */
export class DirtWatch {
  private readonly sum = new Float64Array(COLUMNS * ROWS);
  private readonly squares = new Float64Array(COLUMNS * ROWS);
  private pictures = 0;

  /** @param rides what rides along with the camera, by fractions of the picture: it stays where it is as well */
  constructor(private readonly rides: (x: number, y: number) => boolean) {}

  push({ grey, widthPx, heightPx }: GreyPicture): void {
    this.pictures++;
    for (let row = 0; row < ROWS; row++) {
      for (let column = 0; column < COLUMNS; column++) {
        // A few pixels of the cell stand for it.
        let mean = 0;
        for (let k = 0; k < 9; k++) {
          const x = Math.floor(((column + ((k % 3) + 0.5) / 3) / COLUMNS) * widthPx);
          const y = Math.floor(((row + (Math.floor(k / 3) + 0.5) / 3) / ROWS) * heightPx);
          mean += grey[y * widthPx + x]! / 9;
        }
        this.sum[row * COLUMNS + column]! += mean;
        this.squares[row * COLUMNS + column]! += mean * mean;
      }
    }
  }

  /** Null where nothing is seen on the lens, or too little moves to tell. */
  found(): LensDirt | null {
    const change = Float64Array.from(this.sum, (sum, i) =>
      Math.sqrt(Math.max(0, this.squares[i]! / this.pictures - (sum / this.pictures) ** 2)),
    );
    let [count, x, y] = [0, 0, 0];
    for (let row = 0; row < ROWS; row++) {
      for (let column = 0; column < COLUMNS; column++) {
        if (this.rides((column + 0.5) / COLUMNS, (row + 0.5) / ROWS)) continue;
        const around = this.around(change, column, row);
        if (around === null || around < LIVELY || change[row * COLUMNS + column]! > CALMER * around) continue;
        count++;
        x += column / (COLUMNS - 1);
        y += row / (ROWS - 1);
      }
    }
    const share = count / (COLUMNS * ROWS);
    return share < LEAST_SHARE ? null : { share, where: whereWords(x / count, y / count) };
  }

  /** Middle change of the cells round one, those that ride along left out. */
  private around(change: Float64Array, column: number, row: number): number | null {
    const found: number[] = [];
    for (let j = row - FAR; j <= row + FAR; j++) {
      for (let i = column - FAR; i <= column + FAR; i++) {
        if (i < 0 || j < 0 || i >= COLUMNS || j >= ROWS) continue;
        if (Math.max(Math.abs(i - column), Math.abs(j - row)) <= NEAR) continue;
        if (!this.rides((i + 0.5) / COLUMNS, (j + 0.5) / ROWS)) found.push(change[j * COLUMNS + i]!);
      }
    }
    return found.length < 12 ? null : found.sort((a, b) => a - b)[found.length >> 1]!;
  }
}

function whereWords(x: number, y: number): string {
  const across = x < 0.36 ? 'left' : x > 0.64 ? 'right' : '';
  const down = y < 0.36 ? 'upper' : y > 0.64 ? 'lower' : '';
  if (across && down) return `${down} ${across}`;
  return across || (down ? `${down} middle` : 'middle');
}
