import { object } from 'yup';
import type { Outing } from '../../../deciding/outing/records/outingRecord';
import { askSchema } from '../../../deciding/outing/records/askRecord';
import { momentSchema } from '../../../deciding/outing/records/momentRecord';
import { measuredBandsSchema, rideSchema } from '../../../deciding/outing/records/rideRecord';
import { rigSchema } from '../../../deciding/outing/records/rigRecord';
import {
  id,
  maybeWithin,
  oneOf,
  OUTING_LIMITS,
  text,
  UNKNOWN_FIELDS,
  validatorOf,
  within,
} from '../../../deciding/outing/records/schemaParts';
import { setUpSchema } from '../../../deciding/outing/records/setUpRecord';
import { suppliesSchema, useSchema } from '../../../deciding/outing/records/useRecord';
import { heldBeforeSchema, learntSchema } from '../../../deciding/outing/records/lessonRecord';
import { horizonSchema } from '../../../deciding/outing/records/shotRecord';
import { shotQuestion } from '../../../deciding/outing/shotQuestion';
import { whyUnplaced } from '../../../posing/rig/spots';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { intentProblems, rigProblems, setUpProblems, stanceProblems } from './catalogueProblems';
import { plainMessage, problemsBy, readJson, refuse, wrongKind, type Parsed } from './readDocument';

const SET_UP_FORMAT = 'strut-spot/set-up';
const SET_UP_VERSION = 1;

/** One shot's set-up with all that its evaluation needs; without a ride in files of before there was any: then as the machine usually is ridden. */
interface SetUpFile extends ShotQuestion {
  readonly format: typeof SET_UP_FORMAT;
  readonly version: number;
  readonly name: string;
}

const setUpFileSchema = validatorOf<SetUpFile>()(
  object({
    format: oneOf([SET_UP_FORMAT]),
    version: within(SET_UP_VERSION, SET_UP_VERSION),
    name: text(OUTING_LIMITS.nameLength),
    intentId: id(),
    actionStanceId: id(),
    horizonAt: horizonSchema,
    rig: rigSchema.shape({ learnt: learntSchema() }),
    setUp: setUpSchema,
    ride: rideSchema.default(undefined).optional(),
    ask: askSchema.default(undefined).optional(),
    moment: momentSchema(),
    use: useSchema(),
    supplies: suppliesSchema(),
    seconds: maybeWithin(0, 36000),
    heldBefore: heldBeforeSchema(),
    measured: measuredBandsSchema.optional(),
  }).noUnknown(UNKNOWN_FIELDS),
);

/** @throws RangeError for a shot that the outing lacks */
export const setUpFileOf = (outing: Outing, shotId: string): SetUpFile => {
  const shot = outing.shots.find((s) => s.id === shotId);
  if (!shot) throw new RangeError(`setUpFileOf: no shot "${shotId}"`);
  return { format: SET_UP_FORMAT, version: SET_UP_VERSION, name: shot.name, ...shotQuestion(outing, shot) };
};

/** Text of an exported set-up file, or every reason why not, each with the shot's name before it. Never throws. */
export function parseSetUpFile(text: string): Parsed<SetUpFile> {
  const json = readJson(text);
  if (!json.ok) return json;
  const wrong = wrongKind(json.value, SET_UP_FORMAT, SET_UP_VERSION, 'a set-up file');
  if (wrong) return refuse(wrong);
  const { name } = json.value;
  const shot = typeof name === 'string' && name !== '' ? `"${name.slice(0, 60)}": ` : '';
  const refuseShot = (problems: readonly string[]) => refuse(...problems.map((problem) => shot + problem));
  try {
    const problems = problemsBy(setUpFileSchema, json.value);
    if (problems.length > 0) return refuseShot(problems);
    const file = json.value as unknown as SetUpFile;
    const unknown = unknownHere(file);
    return unknown.length > 0 ? refuseShot(unknown) : { ok: true, value: file };
  } catch (error) {
    return refuseShot([`it cannot be read: ${plainMessage(error)}.`]);
  }
}

/** What it names that this catalogue lacks, and a spot that is lost: nothing can be worked out there. */
function unknownHere({ rig, setUp, intentId, actionStanceId, ask }: SetUpFile): string[] {
  const problems = [
    ...intentProblems(intentId, 'intentId'),
    ...(ask ? intentProblems(ask.intentId, 'ask.intentId') : []),
    ...rigProblems(rig, 'rig'),
  ];
  if (problems.length > 0) return problems;
  const lost = whyUnplaced(rig, setUp.spotId);
  return [
    ...stanceProblems(rig, actionStanceId, 'actionStanceId'),
    ...setUpProblems(rig, setUp, 'setUp'),
    ...(lost && (rig.ownSpots ?? []).some((spot) => spot.id === setUp.spotId) ? [`setUp.spotId: ${lost}`] : []),
  ];
}
