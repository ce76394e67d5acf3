import type { TiltLearnt } from './tiltLearnt';

const clipWords = (n: number): string => `${n} ${n === 1 ? 'clip' : 'clips'}`;

/** Less than this is nothing that somebody would set, degrees. */
const LEAST_DEG = 0.3;

/** What was learnt of a place, in one sentence; null where no clip says anything of it. */
export function learntWords({ pitchDeg, rollDeg, clips, others }: TiltLearnt): string | null {
  if (clips + others === 0) return null;
  const from =
    clips === 0
      ? `${clipWords(others)} of the same part or mount`
      : others === 0
        ? clipWords(clips)
        : `${clipWords(clips)} here and ${others} of the same part or mount`;
  const pitch =
    Math.abs(pitchDeg.mean) < LEAST_DEG
      ? 'the camera points as high as drawn'
      : `the camera points ${Math.abs(pitchDeg.mean).toFixed(1)}° (± ${pitchDeg.sd.toFixed(1)}°) ${pitchDeg.mean > 0 ? 'higher' : 'lower'} than drawn`;
  const roll =
    Math.abs(rollDeg.mean) < LEAST_DEG
      ? ''
      : ` and leans ${Math.abs(rollDeg.mean).toFixed(1)}° to the ${rollDeg.mean > 0 ? 'right' : 'left'}`;
  return `Learnt from ${from}: under way ${pitch}${roll}. Counted in everywhere.`;
}
