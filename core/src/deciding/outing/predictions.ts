import type { Outing } from './records/outingRecord';

/** A test clip's still: how far the lens looked from where it was predicted to, degrees, positive = too low. */
export interface TiltMiss {
  readonly id: string;
  readonly at: string;
  readonly rider: string;
  readonly shot: string;
  readonly offDeg: number;
}

/** A moving clip's figure beside what the model said before anything was learnt, pixels rms. */
export interface ShakeMet {
  readonly id: string;
  readonly shot: string;
  readonly rider: string;
  readonly figure: 'jump' | 'jelly';
  readonly modelPx: number;
  readonly measuredPx: number;
}

/** What clips measured against what was predicted, of these outings, oldest first. */
export function predictionsOf(outings: readonly Outing[]): {
  readonly tilts: readonly TiltMiss[];
  readonly shakes: readonly ShakeMet[];
} {
  const all = outings.flatMap((outing) => outing.shots.map((shot) => ({ shot, rider: outing.riderName })));
  return {
    tilts: all
      .flatMap(({ shot, rider }) =>
        shot.clips.map(({ id, at, tiltByDeg }) => ({ id, at, rider, shot: shot.name, offDeg: tiltByDeg })),
      )
      .sort((a, b) => a.at.localeCompare(b.at)),
    shakes: all.flatMap(({ shot, rider }) =>
      (shot.shakeClips ?? []).flatMap(({ id, jumpPx, jellyPx, modelJumpPx, modelJellyPx }): ShakeMet[] => [
        { id, rider, shot: shot.name, figure: 'jump', modelPx: modelJumpPx, measuredPx: jumpPx },
        { id, rider, shot: shot.name, figure: 'jelly', modelPx: modelJellyPx, measuredPx: jellyPx },
      ]),
    ),
  };
}

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** From so many clips on the newer half is told beside the older. */
const HALVED_FROM = 4;

/** How well predictions met what was measured, in a sentence each. */
export function predictionWords({ tilts, shakes }: ReturnType<typeof predictionsOf>): readonly string[] {
  const words: string[] = [];
  if (tilts.length > 0) {
    const off = tilts.map(({ offDeg }) => Math.abs(offDeg));
    const half = off.length >> 1;
    const then =
      off.length >= HALVED_FROM
        ? `; of the older half ${middle(off.slice(0, half)).toFixed(1)}°, of the newer ${middle(off.slice(half)).toFixed(1)}°`
        : '';
    words.push(
      `${tilts.length === 1 ? 'The test clip' : `Half of ${tilts.length} test clips`} lay within ${middle(off).toFixed(1)}° of the wanted angle${then}.`,
    );
  }
  const met = shakes.filter(({ modelPx, measuredPx }) => modelPx > 0 && measuredPx > 0);
  if (met.length > 0) {
    const ratio = Math.exp(middle(met.map(({ modelPx, measuredPx }) => Math.log(measuredPx / modelPx))));
    words.push(
      Math.abs(Math.log(ratio)) < 0.05
        ? 'It shook as much as the model said.'
        : `It shook ${ratio.toFixed(1)} times as much as the model said before it learnt anything (middle of ${met.length} ${met.length === 1 ? 'figure' : 'figures'}).`,
    );
  }
  return words;
}
