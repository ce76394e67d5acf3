import { agree } from '../../../words/carrier/inSentences';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { hertzWords, modeWords, mountModes } from '../mount/mountModel';
import type { Shake } from './shakeOf';
import type { ShakeScene } from './shakeScene';
import { FIGURE_SCALES, FIGURES, type Figure } from '../figures/figures';

/** What spoils the picture most, and where it comes from. */
export interface ShakeCause {
  readonly figure: Figure;
  readonly sourceName: string;
  /** Of the figure's square. */
  readonly share: number;
  readonly frequencyHz: number;
  /** What answers at that frequency, in words; null where nothing does. */
  readonly resonance: string | null;
  /** Share of everything that the strut itself adds to what its base does. */
  readonly strutShare: number;
}

/** A resonance is named when it lies this near, as a ratio of frequencies. */
const NEAR = 1.3;

export function shakeCause(rig: RigSpec, scene: ShakeScene, shake: Shake): ShakeCause {
  const figure = FIGURES.reduce((a, b) =>
    shake[b] / FIGURE_SCALES[b].spoilt > shake[a] / FIGURE_SCALES[a].spoilt ? b : a,
  );
  const top = shake.contributions.reduce((a, b) => (b[figure] > a[figure] ? b : a));
  const frequencyHz = top.lineHz ?? peakHz(shake, figure);
  const named = resonances(rig, scene, shake)
    .map((r) => ({ ...r, off: Math.abs(Math.log(r.frequencyHz / frequencyHz)) }))
    .sort((a, b) => a.off - b.off)[0];
  return {
    figure,
    sourceName: top.name,
    share: shake[figure] > 0 ? (top[figure] / shake[figure]) ** 2 : 0,
    frequencyHz,
    resonance: named && named.off < Math.log(NEAR) ? named.words : null,
    strutShare: shake.totalPx > 0 ? Math.max(0, 1 - (shake.stiffPx / shake.totalPx) ** 2) : 0,
  };
}

/** Where a figure has most for each octave: the top of f·S(f). */
function peakHz({ spectra: { frequencyHz, figures } }: Shake, figure: Figure): number {
  const density = figures[figure];
  let best = 0;
  for (let i = 1; i < density.length; i++) {
    if (density[i]! * frequencyHz[i]! > density[best]! * frequencyHz[best]!) best = i;
  }
  return frequencyHz[best]!;
}

/** Everything known that answers at a frequency of its own. */
export function resonances(
  rig: RigSpec,
  { resolved, motion }: ShakeScene,
  { mount }: Pick<Shake, 'mount'>,
): readonly { readonly frequencyHz: number; readonly words: string }[] {
  const { ride } = resolveRig(rig).machine.shake;
  const ofRide =
    ride.kind === 'wheels'
      ? [ride.front, ride.rear].flatMap((axle, i) => {
          const which = i === 0 ? 'front' : 'rear';
          return [
            {
              frequencyHz: axle.hopHz.value,
              words: `the ${which} wheel hops at about ${hertzWords(axle.hopHz.value)}`,
            },
            {
              frequencyHz: axle.bodyHz.value,
              words: `the ${which} springs swing at about ${hertzWords(axle.bodyHz.value)}`,
            },
          ];
        })
      : ride.kind === 'float'
        ? [{ frequencyHz: ride.heaveHz.value, words: `the hull heaves at about ${hertzWords(ride.heaveHz.value)}` }]
        : [];
  return [
    ...mountModes(mount).map((mode) => ({ frequencyHz: mode.frequencyHz, words: modeWords(resolved, mode) })),
    ...motion.stages.map(({ name, frequencyHz }) => ({
      frequencyHz: frequencyHz.value,
      // The helmet on its pads is one thing.
      words: `${name} ${agree(name.replace(/ on .*/, ''), 'swings', 'swing')} at about ${hertzWords(frequencyHz.value)}`,
    })),
    ...ofRide,
  ];
}
