import { landingOf } from '../../../physics/shaking/whole/landing';
import { shakeIn } from '../../../physics/shaking/whole/shakeOf';
import { shakeScene } from '../../../physics/shaking/whole/shakeScene';
import { FIGURE_SCALES, FIGURES, pxWords, unsteadiness } from '../../../physics/shaking/figures/figures';
import type { SearchCheck } from '../searchCheck';

/** The coarse shake model: a shaking picture ranks low, none is stopped by it. */
export const steadySearch: SearchCheck = {
  check: 'steady',
  cost: 'dear',
  judge({ carrier, resolved }) {
    const measured = carrier.measured[resolved.placed.spot.id];
    const scene = shakeScene(
      {
        rig: carrier.rig,
        setUp: resolved.setUp,
        actionStanceId: carrier.actionStanceId,
        ride: carrier.ride,
        ...(measured ? { measured } : {}),
      },
      { coarse: true },
    );
    const shake = shakeIn(scene);
    const spoilt = unsteadiness(shake);
    const worst = FIGURES.reduce((a, b) =>
      shake[b] / FIGURE_SCALES[b].spoilt > shake[a] / FIGURE_SCALES[a].spoilt ? b : a,
    );
    return {
      stop: null,
      terms: [
        {
          id: 'steady',
          value: Math.exp(-spoilt),
          text: `${worst} ${pxWords(shake[worst])}, spoilt from ${pxWords(FIGURE_SCALES[worst].spoilt)}`,
        },
      ],
      facts: { unsteadiness: spoilt },
      shaken: {
        accelerationMS2: shake.accelerationMS2,
        landingG: landingOf(carrier.rig, scene, shake)?.peakG ?? 0,
      },
    };
  },
};
