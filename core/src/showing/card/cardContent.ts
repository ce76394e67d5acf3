import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { rideOfShot, rigOfShot } from '../../deciding/outing/outing';
import type { Outing } from '../../deciding/outing/records/outingRecord';
import type { Shot } from '../../deciding/outing/records/shotRecord';
import { checkName } from '../../judging/checks';
import { foundBy, shotReport, type ShotReport } from '../../judging/report/shotReport';
import { findingsOf, type CheckResult } from '../../words/check/result';
import type { LastFound } from '../../judging/checks/last/lastFound';
import { SELDOM_MIN } from '../../judging/checks/last/lensLooks';
import { CLEAN } from '../../judging/checks/last/weatherFindings';
import type { LightFound } from '../../judging/checks/light/found/lightFound';
import { exposureWords, isoWords } from '../../physics/light/exposure';
import type { Moment } from '../../words/shot/moment';
import type { HoldReport } from '../../physics/holding/holdReport';
import { movedBefore } from '../../deciding/outing/logbook';
import { momentOf, shotQuestion } from '../../deciding/outing/shotQuestion';
import { poseRig } from '../../posing/rig/poseRig';
import { armPlaceWords } from '../../posing/strut/armPlace';
import { besideKg } from '../../posing/strut/besideDevice';
import { armName, standingArms } from '../../posing/strut/furtherArms';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { filtersOf, kitWith } from '../../posing/lookup/kit';
import { darkFrom } from '../../physics/light/darkFrom';
import { exposingOf, openingOf } from '../../physics/light/exposing';
import type { LightId } from '../../words/ride/lights';
import type { PlacedSpot } from '../../posing/rig/spots';
import { fromMarkM, slides } from '../../words/carrier/spotZone';
import { tiltWords } from '../../mathematics/units/tiltWords';
import { levelWords, UPRIGHT, type LevelWords } from './levelWords';
import { cardSteps, type CardStep } from './cardSteps';
import { GOES } from '../../words/carrier/machine';
import { isParticular, type RuleDefinition } from '../../words/rule/rule';
import { imperialWords } from '../../mathematics/units/imperialWords';
import { metresToInches } from '../../mathematics/units/length';

export type UnitSystem = 'metric' | 'imperial';

interface CardLine {
  readonly label: string;
  readonly value: string;
}

/** What goes along on paper and on the phone for one shot. */
export interface CardContent {
  readonly title: string;
  readonly where: string;
  readonly stance: string;
  /** What the level must read. */
  readonly level: LevelWords;
  readonly numbers: readonly CardLine[];
  readonly chain: readonly string[];
  readonly mode: readonly CardLine[];
  /** What to take along and look after. */
  readonly lasting: readonly CardLine[];
  readonly steps: readonly CardStep[];
  readonly cautions: readonly string[];
  /** What every check says, as everywhere else. */
  readonly checks: readonly CardCheck[];
}

interface CardCheck {
  readonly name: string;
  readonly verdict: CheckResult['verdict'];
  /** Why, where it is not good. */
  readonly because: string | null;
}

/** A small length: millimetres, or inches with two places. */
export const smallLength = (lengthM: number, units: UnitSystem): string =>
  units === 'metric' ? `${Math.round(lengthM * 1000)} mm` : `${metresToInches(lengthM).toFixed(2)} in`;

/** Where a base goes: its spot and, where that can slide, what a tape shows. */
export function placeWords({ spot, slideM }: PlacedSpot, units: UnitSystem): string {
  const { name, zone } = spot;
  return zone && slides(zone) ? `${name}, ${smallLength(fromMarkM(zone, slideM), units)} ${zone.mark}` : name;
}

const MOUNTING_WORDS = {
  upright: 'right way up',
  inverted: 'upside down (the camera turns the picture)',
  'portrait-left': 'on its left side, for an upright picture',
  'portrait-right': 'on its right side, for an upright picture',
} as const;

const STANDING_STILL = 'Set and check it standing still; nothing to touch under way.';

const ruleWords = ({ text, ask }: RuleDefinition): string =>
  `${text}${ask.length > 0 ? ` Ask: ${ask.join(', ')}.` : ''}`;

/** Whether a mode's own name tells how many pictures it takes. */
const saysRate = (name: string): boolean => / a second$/.test(name);

/** Newtons, and what a luggage scale shows. */
export const pullWords = ({ newton, kgf }: HoldReport['pullTest']): string => `${newton} N (${kgf.toFixed(1)} kgf)`;

/** A cable to a camera. */
const CABLE =
  'Tie the cable down along the strut, clear of all that moves, with a loop against pulling; it must come off when the camera does.';

const START_WORDS = {
  button: 'by its button, one press',
  remote: 'by the remote, one press',
  voice: 'by voice',
  running: 'before you set off; it runs to the next stop',
} as const;

/** What to take along for it to last, and how often to look. */
function lastLines({ start, power, lookMin, dirt, mist }: LastFound, { use }: Shot): CardLine[] {
  const batteries = `${power.batteries} ${power.batteries === 1 ? 'battery' : 'batteries'}, about ${Math.round(power.minutesABattery)} min of recording${power.batteries === 1 ? '' : ' each'}`;
  return [
    { label: 'Start', value: START_WORDS[start] },
    { label: 'Power', value: power.fedWh > 0 ? `fed from the ${use?.feed}, ${batteries}` : batteries },
    { label: 'Card', value: `${Math.max(1, Math.ceil(power.gb))} GB free` },
    ...(lookMin < SELDOM_MIN && dirt?.[0]
      ? [{ label: 'Look at the lens', value: `every ${Math.max(1, Math.round(lookMin))} min: ${CLEAN[dirt[0].kind]}` }]
      : []),
    ...(use?.foam ? [{ label: 'Microphone', value: 'foam, tucked in out of the picture' }] : []),
    ...(use?.recorder ? [{ label: 'Recorder', value: 'in the pocket; clap once before each take' }] : []),
    ...(mist.inBagMin > 0
      ? [
          {
            label: 'Coming in',
            value: `leave it shut in its bag for ${Math.max(5, Math.ceil(mist.inBagMin / 5) * 5)} min`,
          },
        ]
      : []),
  ];
}

/** What to set for the light, and when it is so. */
function lightLines(
  { exposureS, iso }: LightFound,
  { setUp }: Shot,
  resolved: ResolvedSetUp,
  { moment, lightId }: { readonly moment: Moment | undefined; readonly lightId: LightId },
): CardLine[] {
  const shutter = setUp.shutterS === undefined ? 'left to the camera, about ' : 'held at ';
  const from = moment && darkFrom(moment, lightId, exposingOf(resolved), resolved.camera.poorIso.value);
  const off = from ? `off again from about ${from} on` : 'off again before dusk';
  const way = moment?.headingDeg == null ? '' : `, heading ${Math.round(moment.headingDeg)}°`;
  return [
    ...(moment ? [{ label: 'When', value: `${moment.at}${moment.until ? ` to ${moment.until}` : ''}${way}` }] : []),
    { label: 'Shutter', value: `${shutter}${exposureWords(exposureS)}, ${isoWords(iso)}` },
    ...(setUp.apertureN === undefined ? [] : [{ label: 'Opening', value: `f/${openingOf(resolved.camera, setUp)}` }]),
    ...(setUp.isoMost === undefined ? [] : [{ label: 'Gain at most', value: `ISO ${setUp.isoMost}` }]),
    ...(setUp.compensation
      ? [
          {
            label: 'Exposure by hand',
            value: `${Math.abs(setUp.compensation)} ${Math.abs(setUp.compensation) === 1 ? 'stop' : 'stops'} ${setUp.compensation > 0 ? 'more' : 'less'}`,
          },
        ]
      : []),
    ...(setUp.exposureLock
      ? [{ label: 'Exposure lock', value: 'point it at the way ahead, lock, then turn it back' }]
      : []),
    ...filtersOf(kitWith(), setUp).map(({ name, colour, mirrorLeft }) => ({
      label: 'Filter',
      value: mirrorLeft ? `${name}, turned until the mirror image is weakest` : `${name}, ${colour}; ${off}`,
    })),
  ];
}

const ARM_LABELS = ['Second arm', 'Third arm'];

const cardCheck = (result: CheckResult): CardCheck => ({
  name: checkName(result.check),
  verdict: result.verdict,
  because:
    result.verdict === "can't say"
      ? result.missing
      : result.verdict === 'good'
        ? null
        : (findingsOf(result)[0]?.because ?? null),
});

export function cardContent(
  outing: Outing,
  shot: Shot,
  units: UnitSystem,
  report: ShotReport = shotReport(shotQuestion(outing, shot)),
): CardContent {
  const rig = rigOfShot(outing, shot);
  const { machine } = resolveRig(rig);
  const resolved = resolveSetUp(rig, shot.setUp);
  const { spot } = resolved.placed;
  const goes = GOES[machine.family];
  const beside = besideKg(resolved);
  const { reachM, heightM, notch } = report;
  const { pullTest, rules } = foundBy(report, 'hold');
  const moved = movedBefore(outing, shot);
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const arms = standingArms(resolved, poseStrut(resolved, setUpRig, setUpRig));
  const stance = machine.stances.find((s) => s.id === shot.actionStanceId);
  const setUpStance = machine.stances.find((s) => s.id === SET_UP_STANCE_ID);
  const level = levelWords(report.level, setUpStance?.note.split(':')[0]);
  const { onPole, viewAfterwards } = report.level;
  const joint = viewAfterwards
    ? `${resolved.head.name}: ${onPole ? 'straight, in line with the pole' : 'holds the body level'}`
    : notch.notches === null
      ? `${resolved.head.name}: holds anywhere`
      : `${resolved.head.name}: ${notch.notches === 0 ? 'middle notch' : `${Math.abs(notch.notches)} ${Math.abs(notch.notches) === 1 ? 'notch' : 'notches'} ${notch.notches > 0 ? 'up' : 'down'} from the middle`}${Math.abs(notch.restDeg) >= 0.5 ? `, ${Math.abs(notch.restDeg).toFixed(1)}° short of the reading` : ''}`;
  const card: CardContent = {
    title: shot.name,
    where: placeWords(resolved.placed, units),
    stance: `for ${stance?.name.toLowerCase() ?? shot.actionStanceId}`,
    level,
    numbers: [
      { label: 'Reach along the surface', value: smallLength(reachM, units) },
      { label: 'Height off the surface', value: smallLength(heightM, units) },
      ...resolved.links.map(({ use, definition }) => ({
        label: definition.name,
        value: `${smallLength(use.lengthM, units)}, ${definition.kind === 'slide' ? 'along the surface' : `bent ${Math.round(use.bendDeg)}°`}${use.turnDeg ? `, turned ${Math.round(use.turnDeg)}°` : ''}`,
      })),
      ...resolved.furtherArms.map(({ use, base, link }, i) => ({
        label: ARM_LABELS[i] ?? armName(i),
        value: `${link.name}, ${smallLength(arms[i]?.lengthM ?? 0, units)}; its ${base.name.toLowerCase()} ${armPlaceWords(rig, resolved.placed, use, (m) => smallLength(m, units))}`,
      })),
      ...(beside > 0 ? [{ label: 'Beside the camera', value: `second device, ${Math.round(beside * 1000)} g` }] : []),
      { label: 'Joint', value: joint },
      ...(resolved.tether
        ? [
            {
              label: 'Tether',
              value: `${resolved.tether.definition.name}, ${smallLength(resolved.tether.use.lengthM, units)}, to the ${resolved.tether.anchor?.name ?? 'part that is not here now'}`,
            },
          ]
        : []),
      { label: 'Pull test', value: `${pullWords(pullTest)}, ${pullTest.direction}` },
      ...(resolved.camera.gimbal
        ? [
            {
              label: 'Gimbal keeps the lens',
              value: `${tiltWords(shot.setUp.gimbalTiltDeg ?? 0, 'up', 'down', 'level')}; centre it in the riding posture`,
            },
          ]
        : []),
    ],
    chain: [
      resolved.base.name,
      ...resolved.links.map((l) => l.definition.name),
      resolved.head.name,
      resolved.camera.name,
      ...resolved.furtherArms.map(({ base, link }, i) => `${armName(i)}: ${base.name}, ${link.name}`),
    ],
    mode: [
      { label: 'Camera', value: `${resolved.camera.name}, ${MOUNTING_WORDS[shot.setUp.mounting]}` },
      {
        label: 'Mode',
        value: `${resolved.mode.name}${resolved.mode.stills || saysRate(resolved.mode.name) ? '' : `, ${resolved.mode.framesPerSecond} pictures a second`}`,
      },
      { label: 'Stabiliser', value: resolved.stabiliser.name },
      ...lightLines(foundBy(report, 'light'), shot, resolved, {
        moment: momentOf(outing, shot).moment,
        lightId: rideOfShot(outing, shot).lightId,
      }),
    ],
    lasting: lastLines(foundBy(report, 'last'), shot),
    steps: cardSteps(resolved, {
      place: placeWords(resolved.placed, units).toLowerCase(),
      levelStep: level.step,
      setUpStance: setUpStance?.note ?? UPRIGHT,
      pull: { test: pullTest, words: pullWords(pullTest) },
      goes,
    }),
    cautions: [
      ...(moved ? [moved] : []),
      ...rules.filter((rule) => isParticular(rule) && rule.when !== 'after').map(ruleWords),
      ...(shot.use?.feed ? [CABLE] : []),
      ...spot.cautions,
      STANDING_STILL,
      ...rules.filter(({ when }) => when === 'after').map(ruleWords),
      `Follow local rules, the land owner and the event. If it gets too much, switch the camera off and ${goes}.`,
    ],
    checks: report.checks.map(cardCheck),
  };
  return units === 'metric' ? card : { ...inImperial(card), title: card.title };
}

/** Every text of a card as customary units want it. */
function inImperial<Value>(value: Value): Value {
  if (typeof value === 'string') return imperialWords(value) as Value;
  if (Array.isArray(value)) return value.map((item: unknown) => inImperial(item)) as Value;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, held]) => [key, inImperial<unknown>(held)])) as Value;
}
