import { rigOfCarrier } from '../../../deciding/outing/outing';
import {
  migrateOuting,
  OUTING_FORMAT,
  OUTING_VERSION,
  outingSchema,
  type Outing,
} from '../../../deciding/outing/records/outingRecord';
import { intentProblems, rigProblems, setUpProblems, stanceProblems } from './catalogueProblems';
import { plainMessage, problemsBy, readJson, refuse, wrongKind, type Parsed } from './readDocument';
import { withSoundIds } from './soundIds';

/** What was stored or exported, by whatever version, as an outing of the present one, or every reason why not. Never throws. */
export function readOuting(stored: Record<string, unknown>): Parsed<Outing> {
  const wrong = wrongKind(stored, OUTING_FORMAT, OUTING_VERSION, 'an outing');
  if (wrong) return refuse(wrong);
  try {
    const document = withSoundIds(migrateOuting(stored));
    const problems = problemsBy(outingSchema, document);
    return problems.length > 0 ? refuse(...problems) : { ok: true, value: document as unknown as Outing };
  } catch (error) {
    return refuse(`The outing cannot be read: ${plainMessage(error)}.`);
  }
}

/** Text of an exported outing to an outing of the present version, or every reason why not. Never throws. */
export function parseOuting(text: string): Parsed<Outing> {
  const json = readJson(text);
  if (!json.ok) return json;
  const read = readOuting(json.value);
  if (!read.ok) return read;
  try {
    const problems = unknownHere(read.value);
    return problems.length > 0 ? refuse(...problems) : read;
  } catch (error) {
    return refuse(`The outing cannot be read: ${plainMessage(error)}.`);
  }
}

/** What it names that this catalogue lacks. */
function unknownHere(outing: Outing): string[] {
  const carriers = outing.carriers.map((carrier, i) => {
    const rig = rigOfCarrier(outing, carrier);
    return { id: carrier.id, rig, problems: rigProblems(rig, `carriers[${i}].rig`) };
  });
  const shots = outing.shots.flatMap((shot, i) => {
    const where = `shots[${i}]`;
    const carrier = carriers.find((c) => c.id === shot.carrierId);
    if (!carrier) return [`${where}.carrierId: no carrier "${shot.carrierId}" in this outing.`];
    return [
      ...intentProblems(shot.intentId, `${where}.intentId`),
      ...(shot.ask ? intentProblems(shot.ask.intentId, `${where}.ask.intentId`) : []),
      ...(carrier.problems.length > 0
        ? []
        : [
            ...stanceProblems(carrier.rig, shot.actionStanceId, `${where}.actionStanceId`),
            ...setUpProblems(carrier.rig, shot.setUp, `${where}.setUp`),
          ]),
    ];
  });
  return [...carriers.flatMap((c) => c.problems), ...shots];
}

export const serialiseOuting = (outing: Outing): string => `${JSON.stringify(outing, null, 2)}\n`;
