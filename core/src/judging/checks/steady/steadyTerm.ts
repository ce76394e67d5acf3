import { FIGURE_SCALES, FIGURES, figureVerdict, pxWords, unsteadiness } from '../../../physics/shaking/figures/figures';
import { worseOf } from '../../../words/check/result';
import type { SearchTerm } from '../../check/check';
import { gimbalInWind, heldShare, windVerdict } from './gimbalInWind';

/** How a picture's shaking counts in a search: the worst of jump, jelly and blur decides the verdict, all of them the term. */
export const steadyTerm: SearchTerm = {
  cost: 'dear',
  judge(scene) {
    const { shake } = scene.shaken();
    const borne = scene.intent.shakingBorne ?? 1;
    const spoilt = unsteadiness(shake);
    const worst = FIGURES.reduce((a, b) =>
      shake[b] / FIGURE_SCALES[b].spoilt > shake[a] / FIGURE_SCALES[a].spoilt ? b : a,
    );
    const wind = gimbalInWind(scene);
    const verdicts = FIGURES.map((figure) => figureVerdict(figure, shake[figure], borne));
    return {
      verdict: [...verdicts, ...(wind ? [windVerdict(wind)] : [])].reduce(worseOf),
      rejection: null,
      terms: [
        {
          id: 'steady',
          value: steadiness(spoilt / borne) * (wind ? heldShare(wind) : 1),
          text: `${worst} ${pxWords(shake[worst])}, spoilt from ${pxWords(FIGURE_SCALES[worst].spoilt * borne)}`,
        },
      ],
      facts: { unsteadiness: spoilt },
    };
  },
};

/** 1 = still, a half where the picture is spoilt, and on to nothing: three times spoilt and sixteen times still differ. */
export const steadiness = (spoilt: number): number => 1 / (1 + spoilt);
