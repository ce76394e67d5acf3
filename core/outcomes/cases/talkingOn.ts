import { onHead, open, sheetFor, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';

/** Who talks while riding bites nothing: case 31. */
export const talkingOn = (machineId: string): OutcomeCase => ({
  id: `31 ${machineId}`,
  asked: `${machineId}, I talk while riding`,
  expected: 'no bite piece anywhere; head or chest first',
  find() {
    const sheet = sheetFor(machineId, 'clear-ahead', { ask: { talking: true } });
    const first = open(sheet);
    return outcome(
      first.length > 0 &&
        !sheet.places.some((p) => p.candidate.setUp.baseId === 'bite-piece') &&
        (onHead(first[0]!.spotId) || first[0]!.spotId === 'chest'),
      wordsOf(sheet),
    );
  },
});
