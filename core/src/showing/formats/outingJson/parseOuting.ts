import { ValidationError, type ObjectSchema, type Schema } from 'yup';
import { INTENTS } from '../../../../catalog/index.generated';
import { migrateOuting } from '../../../deciding/outing/migrations';
import { OUTING_FORMAT, OUTING_VERSION, rigOfCarrier, type Outing } from '../../../deciding/outing/outing';
import { shotQuestion } from '../../../deciding/outing/shotQuestion';
import { measuredBandsSchema, outingSchema, rideSchema, rigSchema, setUpSchema } from '../../../deciding/outing/schema';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { placedSpots } from '../../../posing/rig/spots';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import type { RideConditions } from '../../../words/ride/rideConditions';

type Parsed<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly problems: readonly string[] };

/** Largest file that is read, in characters. */
const LARGEST_FILE = 5_000_000;
const MOST_PROBLEMS = 8;

const refuse = (...problems: string[]): { ok: false; problems: string[] } => ({ ok: false, problems });

function readJson(text: string): Parsed<Record<string, unknown>> {
  if (text.length > LARGEST_FILE) {
    return refuse(
      `The file has ${text.length.toLocaleString('en')} characters; at most ${LARGEST_FILE.toLocaleString('en')} are read.`,
    );
  }
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refuse(
      `The file is not whole JSON (${(error as Error).message}). It may be damaged or cut off: export it again.`,
    );
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return refuse('The file holds no document.');
  return { ok: true, value: value as Record<string, unknown> };
}

function validate(schema: Schema, value: unknown): string[] {
  try {
    schema.validateSync(value, { abortEarly: false, strict: true });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.errors.map((line) => `${line}.`);
    const more = all.length - MOST_PROBLEMS;
    return more > 0 ? [...all.slice(0, MOST_PROBLEMS), `… and ${more} more.`] : all;
  }
}

function isRightKind(document: Record<string, unknown>, format: string, version: number, what: string): string | null {
  if (document.format !== format) {
    const found = typeof document.format === 'string' ? `"${document.format.slice(0, 60)}"` : 'missing';
    return `This is not ${what}: its format is ${found}, wanted "${format}".`;
  }
  if (typeof document.version !== 'number') return 'The version is missing.';
  if (document.version > version) {
    return `The file is of version ${document.version}, newer than this program reads (${version}). Update the program, then import again.`;
  }
  return null;
}

/** What an import names that this catalogue lacks. */
function rigProblems(rig: RigSpec, setUps: readonly { where: string; setUp: SetUp }[]): string[] {
  try {
    resolveRig(rig);
    placedSpots(rig);
  } catch (error) {
    return [`rig: ${(error as Error).message}.`];
  }
  return setUps.flatMap(({ where, setUp }) => {
    try {
      resolveSetUp(rig, setUp);
      return [];
    } catch (error) {
      return [`${where}: ${(error as Error).message}.`];
    }
  });
}

/** Text of an exported outing to an outing of the present version, or every reason why not. Never throws. */
export function parseOuting(text: string): Parsed<Outing> {
  const json = readJson(text);
  if (!json.ok) return json;
  const wrong = isRightKind(json.value, OUTING_FORMAT, OUTING_VERSION, 'an outing');
  if (wrong) return refuse(wrong);
  const document = migrateOuting(json.value);
  const problems = validate(outingSchema, document);
  if (problems.length > 0) return refuse(...problems);
  const outing = document as unknown as Outing;
  const unknown = [
    ...outing.carriers.flatMap((carrier) =>
      rigProblems(
        rigOfCarrier(outing, carrier),
        outing.shots.flatMap((shot, i) =>
          shot.carrierId === carrier.id ? [{ where: `shots[${i}].setUp`, setUp: shot.setUp }] : [],
        ),
      ),
    ),
    ...outing.shots.flatMap((shot, i) =>
      INTENTS.some((intent) => intent.id === shot.intentId)
        ? []
        : [`shots[${i}].intentId: no intent "${shot.intentId}".`],
    ),
    ...stanceProblems(outing),
  ];
  return unknown.length > 0 ? refuse(...unknown.slice(0, MOST_PROBLEMS)) : { ok: true, value: outing };
}

function stanceProblems(outing: Outing): string[] {
  return outing.shots.flatMap((shot, i) => {
    const carrier = outing.carriers.find((c) => c.id === shot.carrierId);
    if (!carrier) return [`shots[${i}].carrierId: no carrier "${shot.carrierId}" in this outing.`];
    try {
      const { stances } = resolveRig(carrier.rig).machine;
      return stances.some((s) => s.id === shot.actionStanceId)
        ? []
        : [`shots[${i}].actionStanceId: no stance "${shot.actionStanceId}".`];
    } catch {
      return [];
    }
  });
}

export const serialiseOuting = (outing: Outing): string => `${JSON.stringify(outing, null, 2)}\n`;

const SET_UP_FORMAT = 'strut-spot/set-up';

/** One shot's set-up with all that its evaluation needs. */
interface SetUpFile {
  readonly format: typeof SET_UP_FORMAT;
  readonly version: 1;
  readonly name: string;
  readonly intentId: string;
  readonly actionStanceId: string;
  readonly horizonAt: number | null;
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  /** Ground, speed and light; none in files of before there were any: then as the machine usually is ridden. */
  readonly ride?: RideConditions;
  readonly measured?: readonly MeasuredBand[];
}

export const setUpFileOf = (outing: Outing, shotId: string): SetUpFile => {
  const shot = outing.shots.find((s) => s.id === shotId);
  if (!shot) throw new RangeError(`setUpFileOf: no shot "${shotId}"`);
  return { format: SET_UP_FORMAT, version: 1, name: shot.name, ...shotQuestion(outing, shot) };
};

/** Text of an exported set-up file, or every reason why not. Never throws. */
export function parseSetUpFile(text: string): Parsed<SetUpFile> {
  const json = readJson(text);
  if (!json.ok) return json;
  const wrong = isRightKind(json.value, SET_UP_FORMAT, 1, 'a set-up file');
  if (wrong) return refuse(wrong);
  const problems = [
    ...validate(rigSchema as ObjectSchema<object>, json.value.rig).map((p) => `rig: ${p}`),
    ...validate(setUpSchema as ObjectSchema<object>, json.value.setUp).map((p) => `setUp: ${p}`),
    ...(json.value.ride === undefined ? [] : validate(rideSchema, json.value.ride).map((p) => `ride: ${p}`)),
    ...(json.value.measured === undefined
      ? []
      : validate(measuredBandsSchema, json.value.measured).map((p) => `measured: ${p}`)),
  ];
  if (problems.length > 0) return refuse(...problems);
  const file = json.value as unknown as SetUpFile;
  if (file.horizonAt !== null && !(file.horizonAt >= 0 && file.horizonAt <= 1))
    problems.push('horizonAt is not between 0 and 1.');
  if (!INTENTS.some((intent) => intent.id === file.intentId))
    problems.push(`intentId: no intent "${String(file.intentId)}".`);
  problems.push(...rigProblems(file.rig, [{ where: 'setUp', setUp: file.setUp }]));
  if (problems.length === 0 && !resolveRig(file.rig).machine.stances.some((s) => s.id === file.actionStanceId)) {
    problems.push(`actionStanceId: no stance "${String(file.actionStanceId)}".`);
  }
  return problems.length > 0 ? refuse(...problems) : { ok: true, value: file };
}
