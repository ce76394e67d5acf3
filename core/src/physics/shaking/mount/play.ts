import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { toRad } from '../../../mathematics/units/angle';
import type { RangeEnds } from '../ends/rangeEnds';
import { PLAY_DEG } from './give';

/**
 * Free play of hooks, joints and poles: the camera falls from stop to stop whenever shaking outweighs its weight; even over the play,
 * rms play/√12, for the share of time erfc(g/(√2·a)) of a normal acceleration.
 * @returns squared turn, rad²
 */
export function playTurn2(
  { links, base, furtherArms, head, camera }: ResolvedSetUp,
  accelerationMS2: number,
  { damping }: RangeEnds,
): number {
  // A washer draws the thread and the fingers together, a plug fills what is left of the gap.
  const left = head.playShare ? damping(head.playShare) : 1;
  const underCamera = [PLAY_DEG.joint, ...(camera.screwMounted ? [PLAY_DEG.adapter] : [])];
  // Arms that are drawn tight against each other take up all play but that of one joint. Common practice, no source.
  const alone = furtherArms.length === 0;
  const played = [
    ...underCamera.map((figure) => left * damping(figure)),
    ...(alone ? playBefore({ links, base }) : []).map((figure) => damping(figure)),
  ];
  return played.reduce((sum, deg) => sum + toRad(deg) ** 2 / 12, 0) * flipping(accelerationMS2);
}

const playBefore = ({ links, base }: Pick<ResolvedSetUp, 'links' | 'base'>) => [
  ...(base.kind === 'magnet' ? [PLAY_DEG.magnet] : []),
  ...links.flatMap(({ definition: { kind } }) => [
    ...(kind === 'damper' || kind === 'pad' ? [] : [PLAY_DEG.joint]),
    ...(kind === 'hook' || kind === 'pole' || kind === 'release' ? [PLAY_DEG[kind]] : []),
  ]),
];

/** P(|a| > g) of a normal acceleration, by Abramowitz & Stegun 7.1.26 (error below 1.5e-7). */
export function flipping(rmsMS2: number): number {
  if (!(rmsMS2 > 0)) return 0;
  const x = 9.80665 / (Math.SQRT2 * rmsMS2);
  const t = 1 / (1 + 0.3275911 * x);
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  return poly * Math.exp(-x * x);
}
