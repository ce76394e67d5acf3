import { placedSpots } from '../../posing/rig/spots';
import type { RigSpec } from '../../words/rig/rigSpec';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import { kitWith } from '../../posing/lookup/kit';
import { COST_CLASSES, type CostClass } from '../../words/kit/cost';
import type { LinkDefinition } from '../../words/kit/link';
import type { LinkUse, SetUp } from '../../words/setUp/setUp';
import { DRAWN_TIGHT } from '../../physics/shaking/mount/give';
import { hertzWords, mountModes } from '../../physics/shaking/mount/mountModel';
import { shakeOf, type Shake, type ShakePx } from '../../physics/shaking/whole/shakeOf';
import type { ShakeQuestion } from '../../physics/shaking/whole/shakeScene';
import { FIGURE_SCALES, FIGURES, pxWords, unsteadiness, type Figure } from '../../physics/shaking/figures/figures';

/** A change of the set-up, or of the ride, that makes the picture steadier. */
export interface SteadyMend {
  readonly id: string;
  readonly text: string;
  /** The set-up as it would be; null where the ride must change or the camera moves to another spot. */
  readonly setUp: SetUp | null;
  readonly spotId: string | null;
  readonly before: ShakePx;
  readonly after: ShakePx;
  /** Share of the unsteadiness that it takes away, 0 to 1. */
  readonly brings: number;
  /** What it costs, in words. */
  readonly costs: string;
}

interface Attempt {
  readonly id: string;
  readonly text: string | ((after: Shake) => string);
  readonly setUp?: SetUp;
  /** The camera goes there, and is aimed anew. */
  readonly spotId?: string;
  readonly speedMps?: number;
  readonly effort: number;
  readonly costs: string;
}

/** A change of settings, of screws, of the place: how dear it is beside a bought piece. Common practice, no source. */
const SETTING = { effort: 1, costs: 'a setting' };
const SCREWS = { effort: 1.5, costs: 'a minute with a screw' };
const PLACE = { effort: 6, costs: 'another place, another picture' };
const piece = (cost: CostClass) => ({ effort: 2 + COST_CLASSES.indexOf(cost), costs: `a piece for ${cost}` });

/** So many other places are named at most. */
const MOST_PLACES = 2;

/** Less than this is not worth naming. */
const WORTH_NAMING = 0.1;

const middle = ({ lengthM: { low, high } }: LinkDefinition): number => Math.round(((low + high) / 2) * 1000) / 1000;

/** Everything that might help, each tried by itself and ranked by what it brings for what it costs; best first. */
export function steadyMends(question: ShakeQuestion, limit = 6): readonly SteadyMend[] {
  const before = shakeOf(question, { coarse: true });
  const was = unsteadiness(before);
  if (FIGURES.every((figure) => before[figure] <= FIGURE_SCALES[figure].noticed)) return [];
  let places = 0;
  return attempts(question, before)
    .flatMap((attempt): (SteadyMend & { worth: number })[] => {
      const { setUp = question.setUp, speedMps = question.ride.speedMps } = attempt;
      const tried = { ...question, setUp, ride: { ...question.ride, speedMps } };
      const after = shakeOf(tried, { coarse: true });
      const brings = 1 - unsteadiness(after) / was;
      if (brings < WORTH_NAMING) return [];
      const text = typeof attempt.text === 'string' ? attempt.text : attempt.text(after);
      return [
        {
          id: attempt.id,
          text: `${text}: ${changeWords(before, after)}`,
          setUp: attempt.spotId === undefined ? (attempt.setUp ?? null) : null,
          spotId: attempt.spotId ?? null,
          before: pxOf(before),
          after: pxOf(after),
          brings,
          costs: attempt.costs,
          worth: brings / Math.sqrt(attempt.effort),
        },
      ];
    })
    .sort((a, b) => b.worth - a.worth || a.id.localeCompare(b.id))
    .filter((mend) => mend.spotId === null || ++places <= MOST_PLACES)
    .slice(0, limit)
    .map(({ worth, ...mend }) => (void worth, mend));
}

const pxOf = ({ jump, jelly, blur }: ShakePx): ShakePx => ({ jump, jelly, blur });

/** The figure that changes most against its limit, before and after. */
function changeWords(before: ShakePx, after: ShakePx): string {
  const gain = (figure: Figure) =>
    unsteadiness({ ...ZERO, [figure]: before[figure] }) - unsteadiness({ ...ZERO, [figure]: after[figure] });
  const most = FIGURES.reduce((a, b) => (gain(b) > gain(a) ? b : a));
  return `${most} ${pxWords(before[most])} → ${pxWords(after[most])}`;
}
const ZERO = { jump: 0, jelly: 0, blur: 0 };

function attempts({ rig, setUp, ride }: ShakeQuestion, before: Shake): Attempt[] {
  const kit = kitWith(rig.ownKit);
  const surface = placedSpots(rig).find((p) => p.spot.id === setUp.spotId)!.spot.surface;
  const base = kit.bases.find((b) => b.id === setUp.baseId)!;
  const camera = kit.cameras.find((c) => c.id === setUp.cameraId)!;
  const link = (id: string) => kit.links.find((l) => l.id === id)!;
  const withLinks = (links: readonly LinkUse[]): SetUp => ({ ...setUp, links });
  const out: Attempt[] = [];
  setUp.links.forEach((use, i) => {
    const definition = link(use.linkId);
    const name = definition.name.toLowerCase();
    const without = setUp.links.filter((_, k) => k !== i);
    if (definition.kind === 'hook' || definition.kind === 'damper') {
      out.push({ id: `without-${i}`, text: `take the ${name} out`, setUp: withLinks(without), ...SCREWS });
      return;
    }
    if (definition.kind === 'pad') return;
    const shorter = definition.lengthM.low;
    if (use.lengthM > shorter * 1.15) {
      out.push({
        id: `shorter-${i}`,
        text: `shorten the ${name} to ${Math.round(shorter * 1000)} mm`,
        setUp: withLinks(setUp.links.map((l, k) => (k === i ? { ...l, lengthM: shorter } : l))),
        ...SCREWS,
      });
    }
    for (const stiffer of kit.links) {
      if (stiffer.kind !== 'arm' && stiffer.kind !== 'riser') continue;
      if (stiffer.id === definition.id || use.bendDeg > stiffer.bendLimitDeg) continue;
      const { low, high } = stiffer.lengthM;
      if (use.lengthM < low || use.lengthM > high) continue;
      const changed = setUp.links.map((l, k) => (k === i ? { ...l, linkId: stiffer.id } : l));
      out.push({
        id: `link-${i}-${stiffer.id}`,
        text: `use the ${stiffer.name.toLowerCase()} at the same length`,
        setUp: withLinks(changed),
        ...piece(stiffer.cost),
      });
    }
  });
  if (setUp.links.length > 1) {
    out.push({ id: 'nothing-between', text: 'straight on its base, nothing between', setUp: withLinks([]), ...SCREWS });
  }
  if (!setUp.links.some((l) => link(l.linkId).kind === 'damper')) {
    for (const damper of kit.links.filter((l) => l.kind === 'damper')) {
      out.push({
        id: `damper-${damper.id}`,
        text: (after) =>
          `${damper.name.toLowerCase()} under the camera (${hertzWords(mountModes(after.mount)[0]!.frequencyHz)} with this weight)`,
        setUp: withLinks([...setUp.links, { linkId: damper.id, lengthM: middle(damper), bendDeg: 0, turnDeg: 0 }]),
        ...piece(damper.cost),
      });
    }
  }
  if (!setUp.links.some((l) => link(l.linkId).kind === 'pad')) {
    for (const pad of kit.links.filter((l) => l.kind === 'pad')) {
      out.push({
        id: `pad-${pad.id}`,
        text: `${pad.name.toLowerCase()} under it`,
        setUp: withLinks([{ linkId: pad.id, lengthM: middle(pad), bendDeg: 0, turnDeg: 0 }, ...setUp.links]),
        ...piece(pad.cost),
      });
    }
  }
  for (const other of kit.bases) {
    if (other.id === base.id || baseRefusal(other, surface) !== null) continue;
    out.push({
      id: `base-${other.id}`,
      text: `${other.name.toLowerCase()} instead of the ${base.name.toLowerCase()}`,
      setUp: { ...setUp, baseId: other.id },
      ...piece(other.cost),
    });
  }
  if (DRAWN_TIGHT.includes(base.kind) && setUp.fastening !== 'tight') {
    out.push({
      id: 'tight',
      text: `draw the ${base.name.toLowerCase()} tight`,
      setUp: { ...setUp, fastening: 'tight' },
      ...SCREWS,
    });
  }
  for (const stops of [2, 4, 6]) {
    if (stops <= (setUp.ndStops ?? 0) || setUp.shutterS !== undefined) continue;
    out.push({
      id: `nd-${stops}`,
      text: `ND${2 ** stops} (${stops} stops) before the lens`,
      setUp: { ...setUp, ndStops: stops },
      ...piece('a meal'),
    });
  }
  const mode = camera.modes.find((m) => m.id === setUp.modeId)!;
  for (const other of camera.modes) {
    if (other.id === mode.id || other.readoutS.value >= mode.readoutS.value) continue;
    out.push({
      id: `mode-${other.id}`,
      text: `mode ${other.name}, read out in ${(other.readoutS.value * 1000).toFixed(0)} ms`,
      setUp: { ...setUp, modeId: other.id },
      ...SETTING,
    });
  }
  for (const level of camera.stabilisers) {
    if (level.id === setUp.stabiliserId || !level.steadies) continue;
    const keeps = level.crop.value < 1 ? `, keeps ${Math.round(level.crop.value * 100)} % of the width` : '';
    out.push({
      id: `stabiliser-${level.id}`,
      text: `stabiliser ${level.name.toLowerCase()}${keeps}`,
      setUp: { ...setUp, stabiliserId: level.id },
      ...SETTING,
    });
  }
  if (ride.speedMps > 2 && before.contributions.some((c) => c.kind === 'ground' || c.kind === 'water')) {
    out.push({
      id: 'slower',
      text: 'ride a fifth slower',
      speedMps: ride.speedMps * 0.8,
      effort: 3,
      costs: 'the speed',
    });
  }
  return [...out, ...otherSpots(rig, setUp)];
}

/** The same camera at every other spot, as plainly as it goes there. */
function otherSpots(rig: RigSpec, setUp: SetUp): Attempt[] {
  const { cameraId, modeId, stabiliserId } = setUp;
  return placedSpots(rig).flatMap(({ spot }): Attempt[] => {
    if (spot.id === setUp.spotId) return [];
    const plain = plainSetUp(rig, spot.id, { cameraId, modeId, stabiliserId });
    if (!plain) return [];
    const kept = setUp.ndStops === undefined ? plain : { ...plain, ndStops: setUp.ndStops };
    return [{ id: `spot-${spot.id}`, text: `${spot.name} instead`, setUp: kept, spotId: spot.id, ...PLACE }];
  });
}
