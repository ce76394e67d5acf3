/** A sheet of paper, upright; lengths in points. */
export interface PaperSize {
  readonly id: 'A4' | 'A5';
  readonly margin: number;
  /** Between the margins. */
  readonly textWidth: number;
  /** First column of tables of two. */
  readonly labelWidth: number;
}

export const A4: PaperSize = { id: 'A4', margin: 40, textWidth: 515, labelWidth: 86 };
export const A5: PaperSize = { id: 'A5', margin: 25, textWidth: 369, labelWidth: 62 };
export const PAPER_SIZES: readonly PaperSize[] = [A4, A5];
