import type { Verdict } from '../../../words/check/result';

/** What shaking does to a picture, by what people call it. */
export const FIGURES = ['jump', 'jelly', 'blur'] as const;
export type Figure = (typeof FIGURES)[number];

interface Scale {
  /** Up to here nobody sees it; beyond the second it spoils the shot. Pixels rms of a 1080-line picture. */
  readonly noticed: number;
  readonly spoilt: number;
  /** What people call it: unseen, seen, spoilt, far beyond. */
  readonly words: readonly [string, string, string, string];
}

/** Limits are common practice without a source; estimates within a factor of two. */
export const FIGURE_SCALES: Readonly<Record<Figure, Scale>> = {
  jump: { noticed: 4, spoilt: 14, words: ['steady', 'lively', 'jumpy', 'jumping all over'] },
  jelly: { noticed: 0.8, spoilt: 2.5, words: ['firm', 'trembling', 'jelly', 'torn by jelly'] },
  blur: { noticed: 1.2, spoilt: 4, words: ['sharp', 'a little soft', 'smeared', 'smeared beyond use'] },
};

/** @param borne so many times as much is borne */
export function figureVerdict(figure: Figure, px: number, borne = 1): Verdict {
  const { noticed, spoilt } = FIGURE_SCALES[figure];
  return px <= noticed ? 'good' : px <= spoilt * borne ? 'watch' : 'stop';
}

export function figureWord(figure: Figure, px: number): string {
  const { noticed, spoilt, words } = FIGURE_SCALES[figure];
  return px <= noticed ? words[0] : px <= spoilt ? words[1] : px <= 3 * spoilt ? words[2] : words[3];
}

/**
 * One number for ranking: the three figures, each against what spoils a shot, added as independent. 1 = spoilt by one of them; 0 = still.
 */
export const unsteadiness = (px: Readonly<Record<Figure, number>>): number =>
  Math.hypot(...FIGURES.map((figure) => px[figure] / FIGURE_SCALES[figure].spoilt));

export const pxWords = (px: number): string => `${px < 9.5 ? px.toFixed(1) : Math.round(px)} px`;
