import { findingsOf, type CheckResult } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import type { Attempt } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';

/** A tilt that leaves some sky out. */
const LOWER_DEG = 6;
const ND_STOPS = [2, 3, 4, 5, 6] as const;

const greyFilter = (setUp: SetUp, stops: number): Attempt => ({
  id: `nd-${stops}`,
  text: `a grey filter of factor ${2 ** stops} (ND${2 ** stops})`,
  setUp: { ...setUp, ndStops: stops },
  effort: 2,
  costs: 'a filter, off again before dusk',
});

/** What of the set-up may mend the light; hour and way are the Light sheet's. */
export function attemptsAt({ resolved: { setUp, camera, mode } }: ShotScene, result: CheckResult): readonly Attempt[] {
  const troubles = new Map(findingsOf(result).flatMap((f) => (f.verdict === 'good' ? [] : [[f.id, f] as const])));
  const attempts: Attempt[] = [];
  const bright = troubles.get('too-bright');
  const dark = troubles.has('too-dark');
  if (dark && (setUp.ndStops ?? 0) > 0) {
    const { ndStops, ...rest } = setUp;
    attempts.push({
      id: 'no-grey',
      text: `take the grey filter (ND${2 ** ndStops!}) off`,
      setUp: rest,
      effort: 1,
      costs: 'a minute',
    });
  }
  if (dark) {
    for (const slower of camera.modes.filter(
      (m) =>
        !m.stills &&
        m.framesPerSecond < mode.framesPerSecond &&
        m.lens.projection === mode.lens.projection &&
        m.lens.fovDeg === mode.lens.fovDeg,
    ))
      attempts.push({
        id: `mode-${slower.id}`,
        text: `film in ${slower.name}, ${slower.framesPerSecond} pictures a second`,
        setUp: { ...setUp, modeId: slower.id },
        effort: 1,
        costs: 'nothing',
      });
    if (setUp.shutterS !== undefined) {
      const { shutterS, ...rest } = setUp;
      void shutterS;
      attempts.push({
        id: 'automatic',
        text: 'leave the shutter to the camera',
        setUp: rest,
        effort: 1,
        costs: 'nothing',
      });
    }
  }
  if (bright) {
    const stops = ND_STOPS.find((n) => n >= (setUp.ndStops ?? 0) + bright.value - 0.3);
    if (stops !== undefined) attempts.push(greyFilter(setUp, stops));
  }
  const stills = camera.modes.find((m) => m.stills);
  if (troubles.has('streaks') && !mode.stills && stills) {
    attempts.push({
      id: `mode-${stills.id}`,
      text: `take ${stills.name.toLowerCase()}, not steadied`,
      setUp: { ...setUp, modeId: stills.id, stabiliserId: camera.stabilisers[0]!.id },
      effort: 1,
      costs: 'a setting',
    });
  }
  const blades = troubles.get('blades');
  if (blades) {
    // Blurred over the whole way from blade to blade.
    const stops = ND_STOPS.find((n) => n >= (setUp.ndStops ?? 0) + Math.log2(100 / Math.max(0.1, blades.value)) - 0.3);
    if (stops !== undefined && setUp.shutterS === undefined) attempts.push(greyFilter(setUp, stops));
  }
  if (troubles.has('ground-dark')) {
    attempts.push({
      id: 'lower',
      text: `tilt ${LOWER_DEG}° lower`,
      setUp: { ...setUp, angles: { ...setUp.angles, tiltDeg: setUp.angles.tiltDeg - LOWER_DEG } },
      effort: 1,
      costs: 'nothing',
    });
  }
  return attempts;
}
