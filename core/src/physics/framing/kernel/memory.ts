/** A stretch of the kernel's memory that is filled from its beginning; full, it is begun anew, and what lay there is brought again when it is needed. */
class Arena {
  /** Counts how often it was begun anew: what was put there before is gone. */
  round = 0;
  private next: number;

  constructor(
    private readonly from: number,
    private readonly to: number,
  ) {
    this.next = from;
  }

  /** Where so many bytes lie, on a multiple of 16; null where they never fit. */
  take(bytes: number): number | null {
    const size = (bytes + 15) & ~15;
    if (size > this.to - this.from) return null;
    if (this.next + size > this.to) {
      this.next = this.from;
      this.round++;
    }
    const at = this.next;
    this.next += size;
    return at;
  }
}

/** Places of one size that are handed out and given back. */
class Slots {
  private readonly given: number[] = [];
  private next: number;

  constructor(
    from: number,
    private readonly to: number,
    private readonly bytes: number,
  ) {
    this.next = from;
  }

  /** Null while all are taken. */
  take(): number | null {
    const back = this.given.pop();
    if (back !== undefined) return back;
    if (this.next + this.bytes > this.to) return null;
    const at = this.next;
    this.next += this.bytes;
    return at;
  }

  give(at: number): void {
    this.given.push(at);
  }
}

const MB = 1 << 20;
/** The kernel's own room lies below; its memory has 112 MB, of which only what is used is really taken. Rays of a picture of 1600 × 900 fit. */
export const RAYS = new Arena(MB >> 4, 40 * MB);
export const MESHES = new Arena(40 * MB, 64 * MB);
/** Directions of small pictures and of their cells' corners. */
export const GRIDS = new Arena(64 * MB, 70 * MB);
/** What is looked at and told of one picture. */
export const SCRATCH = { corners: 70 * MB, tallies: 70 * MB + (MB >> 1), end: 71 * MB } as const;
/** Directions of a cube in the kernel's memory at most, and its bytes: two for the part and four for the distance. */
export const MOST_IN_CUBE = 6 * 36 * 36;
export const CUBES = new Slots(71 * MB, 96 * MB, 6 * MOST_IN_CUBE + 64);

/** Pixels of the rows that are painted at a time at most, and 64 bytes for each; parts, their marks and folds; surfaces and trees of boxes of the parts. */
export const MOST_PAINTED = 1 << 14;
export const PAINTED = 96 * MB;
export const PAINTED_PARTS = { at: 97 * MB, end: 98 * MB } as const;
export const SURFACES = new Arena(98 * MB, 112 * MB);

export interface Placed {
  readonly round: number;
  readonly at: number;
}

/** So many numbers and up to three more that are read along with them. */
export const padded = (count: number): number => (count + 7) & ~3;
