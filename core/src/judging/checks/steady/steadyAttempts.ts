import { placedSpot } from '../../../posing/rig/spots';
import { baseRefusal } from '../../../posing/strut/baseRefusal';
import { kitWith } from '../../../posing/lookup/kit';
import { COST_CLASSES, type CostClass } from '../../../words/kit/cost';
import type { LinkDefinition } from '../../../words/kit/link';
import type { CheckResult } from '../../../words/check/result';
import type { LinkUse, SetUp } from '../../../words/setUp/setUp';
import { DRAWN_TIGHT } from '../../../physics/stiffness/baseStiffness';
import { hertzWords, mountModes } from '../../../physics/shaking/mount/mountModel';
import { spotNormal } from '../../../physics/holding/loads/loads';
import { armAttempts } from '../../check/armAttempts';
import { cameraAttempts } from '../../check/cameraAttempts';
import type { Attempt } from '../../check/check';
import { shorterAttempts } from '../../check/linkAttempts';
import type { ShotScene } from '../../scene/shotScene';

/** A change of settings, of screws, of the place: how dear it is beside a bought piece. Common practice, no source. */
const SETTING = { effort: 1, costs: 'a setting' };
const SCREWS = { effort: 1.5, costs: 'a minute with a screwdriver' };
const piece = (cost: CostClass) => ({ effort: 2 + COST_CLASSES.indexOf(cost), costs: `a piece for ${cost}` });

const middle = ({ lengthM: { low, high } }: LinkDefinition): number => Math.round(((low + high) / 2) * 1000) / 1000;

/** Bend of a first link that brings it level, the way that the strut goes already: upright surfaces need none. */
function lyingLevel({ pose, question: { setUp } }: ShotScene): Pick<LinkUse, 'bendDeg' | 'turnDeg'> {
  const steep = Math.abs(spotNormal(pose)[1]);
  return { bendDeg: steep > 0.5 ? 85 : 0, turnDeg: setUp.links[0]?.turnDeg ?? 0 };
}

/** Everything that might make the picture steadier, one change at a time. */
export function steadyAttempts(scene: ShotScene, { verdict }: Pick<CheckResult, 'verdict'>): readonly Attempt[] {
  const { ride, shaken, zone } = scene;
  const { rig, setUp } = scene.question;
  const kit = kitWith(rig.ownKit);
  const surface = placedSpot(rig, setUp.spotId)!.spot.surface;
  const base = kit.bases.find((b) => b.id === setUp.baseId)!;
  const { camera } = scene.resolved;
  const link = (id: string) => kit.links.find((l) => l.id === id)!;
  const withLinks = (links: readonly LinkUse[]): SetUp => ({ ...setUp, links });
  // What spoils the shot with this camera another may bear: a phone's lens swings, a small camera's is fixed.
  const others = verdict === 'stop' ? cameraAttempts(scene, () => true) : [];
  const out: Attempt[] = [...shorterAttempts(scene), ...armAttempts(scene), ...others];
  setUp.links.forEach((use, i) => {
    const definition = link(use.linkId);
    const name = definition.name.toLowerCase();
    const without = setUp.links.filter((_, k) => k !== i);
    if (definition.kind === 'hook' || definition.kind === 'damper' || definition.kind === 'release') {
      out.push({ id: `without-${i}`, text: `take the ${name} out`, setUp: withLinks(without), ...SCREWS });
      return;
    }
    if (definition.kind === 'pad') return;
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
  if (!setUp.links.some((l) => link(l.linkId).kind === 'damper')) {
    for (const damper of kit.links.filter((l) => l.kind === 'damper')) {
      out.push({
        id: `damper-${damper.id}`,
        text: (after) =>
          `${damper.name.toLowerCase()} under the camera (${hertzWords(mountModes(after.shaken().shake.mount)[0]!.frequencyHz)} with this weight)`,
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
  for (const arm of kit.links.filter(({ spring }) => spring)) {
    const carriedKg = camera.massKg.value + kit.heads.find((h) => h.id === setUp.headId)!.massKg.value;
    // On somebody's body it would only knock about; what it can't carry level it does not spring.
    if (zone !== null || carriedKg < arm.spring!.carriesKg.low || carriedKg > arm.spring!.carriesKg.high) continue;
    if (setUp.links.some((l) => link(l.linkId).spring)) continue;
    out.push({
      id: `spring-${arm.id}`,
      text: `${arm.name.toLowerCase()} in place of what carries it now, lying level`,
      setUp: withLinks([{ linkId: arm.id, lengthM: middle(arm), ...lyingLevel(scene) }]),
      ...piece(arm.cost),
    });
  }
  const head = kit.heads.find((h) => h.id === setUp.headId)!;
  for (const other of kit.heads) {
    // The same joint, firmer: what its turns allow stays.
    const alike = other.turns.pan === head.turns.pan && other.turns.roll === head.turns.roll;
    if (other.id === head.id || !alike || other.notchDeg.value !== head.notchDeg.value) continue;
    out.push({
      id: `joint-${other.id}`,
      text: `${other.name.toLowerCase()} instead of the ${head.name.toLowerCase()}`,
      setUp: { ...setUp, headId: other.id },
      ...piece(other.cost),
    });
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
    if (other.id === mode.id || other.stills !== mode.stills || other.readoutS.value >= mode.readoutS.value) continue;
    out.push({
      id: `mode-${other.id}`,
      text: `mode ${other.name}, read out in ${(other.readoutS.value * 1000).toFixed(0)} ms`,
      setUp: { ...setUp, modeId: other.id },
      ...SETTING,
    });
  }
  for (const level of camera.stabilisers) {
    // What turns pictures afterwards has nothing to hold on to in a streak.
    if (level.id === setUp.stabiliserId || !level.steadies || mode.stills) continue;
    const keeps = level.crop.value < 1 ? `, keeps ${Math.round(level.crop.value * 100)} % of the width` : '';
    out.push({
      id: `stabiliser-${level.id}`,
      text: `stabiliser ${level.name.toLowerCase()}${keeps}`,
      setUp: { ...setUp, stabiliserId: level.id },
      ...SETTING,
    });
  }
  if (ride.speedMps > 2 && shaken().shake.contributions.some((c) => c.kind === 'ground' || c.kind === 'water')) {
    out.push({
      id: 'slower',
      text: 'go a fifth slower',
      ride: { speedMps: ride.speedMps * 0.8 },
      effort: 3,
      costs: 'the speed',
    });
  }
  return out;
}
