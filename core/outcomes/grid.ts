/** Every carrier × every kind of shot: where a new shot begins, and what Find puts first. */
import { CARRIERS, INTENTS } from '../catalog/index.generated';
import { firstPlacement } from '../src/deciding/search/firstPlacement';
import { asRidden } from '../src/deciding/search/handFree';
import { shotReport } from '../src/judging/report/shotReport';
import { cameraFor } from '../src/posing/strut/plainSetUp';
import type { IntentDefinition } from '../src/words/shot/intent';
import { asking } from '../testing/asking';
import { litFor } from '../src/words/shot/ownLight';
import { USUAL_BOX } from './kits';
import { sheetOf, stopWords, type Sheet } from './sheet';

export interface Cell {
  readonly machineId: string;
  readonly intentId: string;
  /** Where a new shot begins and what stops it; null where nothing shows anything of it. */
  readonly first: { readonly words: string; readonly stop: string; readonly ms: number } | null;
  readonly sheet: Sheet;
}

export function cellOf(machineId: string, intent: IntentDefinition): Cell {
  const question = asking(machineId, intent.id as never, { pieceIds: USUAL_BOX });
  const { rig, actionStanceId, ride: usual } = question.carriers[0]!;
  const carrier = { rig, actionStanceId, ride: litFor(usual, intent) };
  const began = performance.now();
  const first = firstPlacement({ ...carrier, intent, camera: cameraFor(intent) });
  const ms = performance.now() - began;
  const stop = first
    ? stopWords({
        checks: shotReport({
          ...asRidden(carrier, first.onlyIn),
          setUp: first.setUp,
          intentId: intent.id,
          horizonAt: first.horizonAt,
        }).checks,
      } as never)
    : '';
  return {
    machineId,
    intentId: intent.id,
    first: first && { words: `${first.spotId}, ${first.setUp.cameraId}, ${first.setUp.baseId}`, stop, ms },
    sheet: sheetOf(question),
  };
}

export const machines = (): readonly string[] => CARRIERS.filter((c) => c.kind === 'machine').map((c) => c.id);

const line = (text: string) => process.stdout.write(`${text}\n`);

/** What is said most often, with how often. */
function commonest(reasons: readonly string[]): string {
  const times = new Map<string, number>();
  for (const reason of reasons) times.set(reason, (times.get(reason) ?? 0) + 1);
  const [reason, count] = [...times].sort((a, b) => b[1] - a[1])[0] ?? ['no kind of shot makes sense there', 0];
  return `${reason} (${count} of ${reasons.length} kinds of shots)`;
}

export function runGrid(only: readonly string[], intents: readonly string[], wordy: boolean): void {
  let [firstStops, findStops, nothing, cells] = [0, 0, 0, 0];
  const offered = new Map<string, boolean>();
  /** Why each spot is not offered, by kinds of shots. */
  const why = new Map<string, string[]>();
  for (const machineId of machines()) {
    if (only.length > 0 && !only.includes(machineId)) continue;
    for (const intent of INTENTS) {
      if (intents.length > 0 && !intents.includes(intent.id)) continue;
      const { first, sheet } = cellOf(machineId, intent);
      cells++;
      const [best] = sheet.places;
      if (first?.stop) firstStops++;
      if (best?.stopped) findStops++;
      if (!best) nothing++;
      for (const { spotId, rejections } of sheet.spots) {
        const id = `${machineId}/${spotId}`;
        const place = sheet.places.find((p) => p.spotId === spotId);
        offered.set(id, (offered.get(id) ?? false) || (place !== undefined && !place.stopped));
        const reason = place ? stopWords(place.exact) : (rejections[0]?.because ?? '');
        if (!reason.startsWith('not on this carrier')) why.set(id, [...(why.get(id) ?? []), reason]);
      }
      line(`${machineId} / ${intent.id}`);
      line(
        `   first: ${first ? `${first.words}${first.stop ? `  STOP ${first.stop}` : ''} (${Math.round(first.ms)} ms)` : 'none'}`,
      );
      for (const place of sheet.places.slice(0, 4)) {
        const { candidate, score } = place;
        const { setUp, facts } = candidate;
        line(
          `   ${score.toFixed(2)} ${place.spotId}: ${setUp.cameraId}/${setUp.modeId}/${setUp.stabiliserId}, ${[setUp.baseId, ...setUp.links.map((l) => l.linkId)].join(' + ')}${wordy ? ` | ${candidate.terms.map((t) => `${t.id} ${t.value.toFixed(2)}`).join(' ')} feel ${facts.speedFeel?.toFixed(1)}` : ''}${place.stopped ? `  STOP ${stopWords(place.exact)}` : ''}`,
        );
      }
      const none = sheet.spots.filter((s) => s.candidates.length === 0);
      if (none.length > 0 && wordy)
        line(
          `   nothing: ${none.map((s) => `${s.spotId} (${(s.rejections.find((r) => r.check !== 'fits') ?? s.rejections[0])?.because})`).join('; ')}`,
        );
      if (!best) line(`   nothing is kept: ${none[0]?.rejections[0]?.because}`);
    }
  }
  const never = [...offered].filter(([, open]) => !open).map(([id]) => id);
  line('');
  line(
    `grid: ${cells} cells; first placement has a stop in ${firstStops}, the first of Find in ${findStops}, nothing is kept in ${nothing}`,
  );
  line(`never offered: ${never.length} of ${offered.size} spots`);
  for (const id of never) line(`   ${id}: ${commonest(why.get(id) ?? [])}`);
}
