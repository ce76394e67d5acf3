import { clockOf, filmedMin, minutesOf } from '../../../physics/light/clock';
import { steadyExposureS } from '../../../physics/light/lampFlicker';
import { sunOf } from '../../../physics/light/sunCourse';
import { exposureWords } from '../../../physics/light/exposure';
import { filtersFor, kitWith, polariserOf } from '../../../posing/lookup/kit';
import { findingsOf, type CheckResult, type Finding } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import { addOnAttempts } from '../../check/addOnAttempts';
import type { Attempt } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { DARK_BELOW_DEG } from './limits';

/** A tilt that leaves some sky out. */
const LOWER_DEG = 6;
/** A filter may fall short by a third of a stop. */
const ABOUT_STOPS = 0.3;

/** A setting of the camera, which costs nothing. */
const setting = (id: string, text: string, setUp: SetUp): Attempt => ({
  id,
  text,
  setUp,
  effort: 1,
  costs: 'a setting',
});

/** The lightest filter that fits the camera and takes so many stops; none where the kit has no such. */
function greyAttempts(
  { resolved: { setUp, camera }, question: { rig } }: ShotScene,
  wanted: number,
): readonly Attempt[] {
  const filter = filtersFor(kitWith(rig.ownKit), camera).find(
    ({ stops, mirrorLeft }) => mirrorLeft === undefined && stops >= wanted - ABOUT_STOPS,
  );
  if (!filter) return [];
  return [
    {
      id: `nd-${filter.stops}`,
      text: `${filter.name}, ${filter.colour}`,
      setUp: { ...setUp, ndStops: filter.stops },
      effort: 2,
      costs: 'a filter, off again before dusk',
    },
  ];
}

function whenDark({ resolved: { setUp, camera, mode } }: ShotScene): readonly Attempt[] {
  const attempts: Attempt[] = [];
  if ((setUp.ndStops ?? 0) > 0) {
    const { ndStops, ...rest } = setUp;
    attempts.push({ ...setting('no-grey', `take the ND${2 ** ndStops!} filter off`, rest), costs: 'a minute' });
  }
  for (const slower of camera.modes.filter(
    (m) =>
      !m.stills &&
      m.framesPerSecond < mode.framesPerSecond &&
      m.lens.projection === mode.lens.projection &&
      m.lens.fovDeg === mode.lens.fovDeg,
  ))
    attempts.push(
      setting(`mode-${slower.id}`, `film in ${slower.name}, ${slower.framesPerSecond} pictures a second`, {
        ...setUp,
        modeId: slower.id,
      }),
    );
  const { shutterS, isoMost, apertureN } = setUp;
  if (shutterS !== undefined)
    attempts.push(setting('automatic', 'leave the shutter to the camera', without(setUp, 'shutterS')));
  if (apertureN !== undefined)
    attempts.push(setting('open', 'open the lens as wide as it goes', without(setUp, 'apertureN')));
  if (isoMost !== undefined)
    attempts.push(setting('gain', 'let it take all the gain that it has', without(setUp, 'isoMost')));
  return attempts;
}

function without(setUp: SetUp, field: 'shutterS' | 'apertureN' | 'isoMost' | 'exposureLock' | 'ndStops'): SetUp {
  const rest = { ...setUp };
  delete (rest as Partial<Record<typeof field, unknown>>)[field];
  return rest;
}

function whenBright(scene: ShotScene, { value }: Finding): readonly Attempt[] {
  const { setUp, camera } = scene.resolved;
  const to = camera.apertureToN;
  const opening = (setUp.apertureN ?? camera.apertureN.value) * 2 ** (value / 2);
  return [
    ...greyAttempts(scene, (setUp.ndStops ?? 0) + value),
    ...(to !== undefined && opening <= to * 1.05
      ? [
          setting('stop-down', `stop the lens down to f/${Math.min(to, opening).toFixed(opening < 10 ? 1 : 0)}`, {
            ...setUp,
            apertureN: Math.min(to, opening),
          }),
        ]
      : []),
    ...(setUp.shutterS === undefined
      ? []
      : [setting('automatic', 'leave the shutter to the camera', without(setUp, 'shutterS'))]),
  ];
}

/** Hours off, this way and that, that are tried. */
const HOURS_OFF = [0.5, 1, 1.5, 2, 3, 4, 5, 6];
/** What hour and way decide. */
const BY_SUN = ['sun', 'veil', 'own-shadow', 'lit', 'wish'];

/** The other way, where there is one, and the nearest hours in which it can be filmed. */
function sunAttempts({ question: { moment } }: ShotScene, id: string): readonly Attempt[] {
  if (!moment) return [];
  const { headingDeg, at, only } = moment;
  const minutes = minutesOf(at);
  // It is filmed by then, not begun.
  const [from, to] = only ? [minutesOf(only.from), minutesOf(only.to) - filmedMin(moment)] : [0, 1439];
  const hours = HOURS_OFF.flatMap((off) => [off, -off]).flatMap((off): Attempt[] => {
    const then = minutes + off * 60;
    if (then < from || then > to) return [];
    const clock = clockOf(then);
    return [
      {
        id: `at-${clock}-${id}`,
        alike: `hour-${id}`,
        text: `film it at ${clock}`,
        hour: { at: clock },
        effort: 2 + Math.abs(off),
        costs: `${Math.abs(off)} h ${off > 0 ? 'later' : 'earlier'}`,
      },
    ];
  });
  if (headingDeg === null || !BY_SUN.includes(id)) return hours;
  const back = (headingDeg + 180) % 360;
  return [
    {
      id: `way-${id}`,
      text: `ride it the other way, heading ${Math.round(back)}°`,
      hour: { headingDeg: back },
      effort: 2,
      costs: 'the other way',
    },
    ...hours,
  ];
}

/** Minutes between the hours that are looked at. */
const STEP_MIN = 10;

/** The first hour of the evening in which the sky is dark, within the hours in which it can be filmed. */
function afterDark({ question: { moment } }: ShotScene): readonly Attempt[] {
  if (!moment) return [];
  const latest = moment.only ? minutesOf(moment.only.to) - filmedMin(moment) : 1439;
  for (let minutes = minutesOf(moment.at) + STEP_MIN; minutes <= latest; minutes += STEP_MIN) {
    const at = clockOf(minutes);
    if (sunOf({ ...moment, at }).heightDeg > DARK_BELOW_DEG) continue;
    return [{ id: 'after-dark', text: `film it at ${at}, after dark`, hour: { at }, effort: 2, costs: 'the evening' }];
  }
  return [];
}

/** What of the set-up, the hour and the way may mend the light. */
export function attemptsAt(scene: ShotScene, result: CheckResult): readonly Attempt[] {
  const { setUp, camera, mode } = scene.resolved;
  const { question, ride } = scene;
  const troubles = new Map(findingsOf(result).flatMap((f) => (f.verdict === 'good' ? [] : [[f.id, f] as const])));
  const of = (id: string, attempts: (finding: Finding) => readonly Attempt[]): readonly Attempt[] => {
    const finding = troubles.get(id);
    return finding ? attempts(finding).map((attempt) => ({ ...attempt, mends: id })) : [];
  };
  const stills = camera.modes.find((m) => m.stills);
  const lock = setting('lock', 'lock the exposure on the way ahead before the take', { ...setUp, exposureLock: true });
  const steadyS = steadyExposureS(ride.mainsHz ?? 50, mode.framesPerSecond);
  return [
    ...[...BY_SUN, 'too-dark'].flatMap((id) => of(id, () => sunAttempts(scene, id))),
    ...of('too-dark', () => whenDark(scene)),
    ...of('too-bright', (finding) => whenBright(scene, finding)),
    ...of('streaks', () => (mode.stills ? afterDark(scene) : [])),
    ...of('streaks', () =>
      !mode.stills && stills
        ? [
            setting(`mode-${stills.id}`, `take ${stills.name.toLowerCase()}, not steadied`, {
              ...setUp,
              modeId: stills.id,
              stabiliserId: camera.stabilisers[0]!.id,
            }),
          ]
        : [],
    ),
    // Blurred over the whole way from blade to blade.
    ...of('blades', ({ value }) =>
      setUp.shutterS === undefined
        ? greyAttempts(scene, (setUp.ndStops ?? 0) + Math.log2(100 / Math.max(0.1, value)))
        : [],
    ),
    ...of('ground-dark', () => [
      {
        id: 'lower',
        text: `tilt ${LOWER_DEG}° lower`,
        setUp: { ...setUp, angles: { ...setUp.angles, tiltDeg: setUp.angles.tiltDeg - LOWER_DEG } },
        effort: 1,
        costs: 'nothing',
      },
      lock,
    ]),
    ...of('sky-white', () => [
      setting('minus-one', 'expose one stop less', { ...setUp, compensation: (setUp.compensation ?? 0) - 1 }),
    ]),
    ...of('changes', () =>
      setUp.exposureLock
        ? [setting('unlock', 'leave the exposure to the camera', without(setUp, 'exposureLock'))]
        : [lock],
    ),
    ...of('flicker', () =>
      steadyS === null
        ? []
        : [setting('whole-waves', `hold the shutter at ${exposureWords(steadyS)}`, { ...setUp, shutterS: steadyS })],
    ),
    ...of('mirror', () =>
      setUp.polariser ||
      !polariserOf(kitWith(question.rig.ownKit)).fittings.some((one) => camera.filterFittings.includes(one))
        ? []
        : [
            {
              id: 'polariser',
              text: 'a polarising filter, turned until the mirror image is weakest',
              setUp: { ...setUp, polariser: true },
              effort: 2,
              costs: 'a filter, one and a half stops',
            },
          ],
    ),
    ...of('veil', () => addOnAttempts(scene, ({ shadesFromDeg }) => shadesFromDeg !== undefined, 'a little width')),
    ...of('filter-fits', () => {
      const { polariser, ...rest } = without(setUp, 'ndStops');
      void polariser;
      return [setting('no-filter', 'go without the filter', rest)];
    }),
  ];
}
