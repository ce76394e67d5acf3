import type { GreyPicture } from './blockShift';

/** An edge must rise by so many shades to be measured. */
const LEAST_RISE = 30;
/** The sharpest so many of a hundred edges tell how blurred a picture is: the rest are soft by themselves. */
const SHARPEST = 0.3;
/** 10 to 90 % of a sharp edge in a picture that was made smaller, pixels. Estimate. */
const SHARP_PX = 1.4;
/** Fewer edges say nothing. */
const LEAST_EDGES = 30;

/** Widths of the edges that rise across one direction, from a tenth to nine tenths of their rise, pixels. */
function edgeWidths(
  { grey, widthPx, heightPx }: GreyPicture,
  across: boolean,
  covered: (x: number, y: number) => boolean,
) {
  const [length, lines] = across ? [widthPx, heightPx] : [heightPx, widthPx];
  const at = (line: number, i: number): number => (across ? grey[line * widthPx + i]! : grey[i * widthPx + line]!);
  const widths: number[] = [];
  for (let line = 1; line < lines - 1; line += 2) {
    for (let i = 2; i < length - 2; i++) {
      const slope = at(line, i + 1) - at(line, i - 1);
      const steep = Math.abs(slope);
      if (
        steep < 8 ||
        steep < Math.abs(at(line, i) - at(line, i - 2)) ||
        steep <= Math.abs(at(line, i + 2) - at(line, i))
      )
        continue;
      const sign = Math.sign(slope);
      let [from, to] = [i, i];
      while (from > 0 && sign * (at(line, from) - at(line, from - 1)) > 0) from--;
      while (to < length - 1 && sign * (at(line, to + 1) - at(line, to)) > 0) to++;
      const [low, rise] = [at(line, from), at(line, to) - at(line, from)];
      if (Math.abs(rise) < LEAST_RISE) continue;
      const [x, y] = across ? [i / widthPx, line / heightPx] : [line / widthPx, i / heightPx];
      if (covered(x, y)) continue;
      const reached = (share: number): number => {
        for (let k = from; k < to; k++) {
          const [a, b] = [(at(line, k) - low) / rise, (at(line, k + 1) - low) / rise];
          if (b >= share) return k + (b > a ? (share - a) / (b - a) : 0);
        }
        return to;
      };
      widths.push(reached(0.9) - reached(0.1));
    }
  }
  return widths.sort((a, b) => a - b);
}

/** Length of a box that blurs a sharp edge to this width: of a box of length L nine to one tenth are 0.8 L. */
const boxOf = (widthPx: number): number => Math.sqrt(Math.max(0, widthPx ** 2 - SHARP_PX ** 2)) / 0.8;

/**
 * How far a picture is blurred, rms pixels of it, across and down together: of a box of length L it is L/√12. Null where there are too few edges.
 * @param covered what rides along with the camera is as sharp as its focus has it and says nothing
 */
export function blurOf(picture: GreyPicture, covered: (x: number, y: number) => boolean = () => false): number | null {
  const boxes = [true, false].map((across) => {
    const widths = edgeWidths(picture, across, covered);
    return widths.length < LEAST_EDGES ? null : boxOf(widths[Math.floor(SHARPEST * widths.length)]!);
  });
  if (boxes.every((box) => box === null)) return null;
  return Math.hypot(...boxes.map((box) => box ?? 0)) / Math.sqrt(12);
}

/** 10 to 90 % of the sharper edges where something holds, pixels; null where there are too few. */
export function edgeWidthWhere(picture: GreyPicture, where: (x: number, y: number) => boolean): number | null {
  const widths = [true, false].flatMap((across) => edgeWidths(picture, across, (x, y) => !where(x, y)));
  return widths.length < LEAST_EDGES ? null : widths.sort((a, b) => a - b)[Math.floor(SHARPEST * widths.length)]!;
}
