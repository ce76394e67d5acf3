import { durationWords } from '../../mathematics/units/duration';
import { missingPiece, resolvePieces } from '../../posing/strut/resolveSetUp';
import { rigOfShot } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import { powerOfDay } from '../outing/powerOfDay';

/** Something to do at home, with how long it takes. */
export interface EveningTask {
  readonly id: string;
  readonly words: string;
  /** Of one's own hands; what runs by itself is told in the words. */
  readonly minutes: number;
}

const names = (list: readonly string[]): string => [...new Set(list)].join(', ');

/** The evening before, in the order in which it is best done: what needs the night first. Common practice, no source. */
export function eveningBefore(outing: Outing): readonly EveningTask[] {
  const shots = outing.shots.filter((shot) => missingPiece(rigOfShot(outing, shot), shot.setUp) === null);
  if (shots.length === 0) return [];
  const stuck = shots.filter((shot) => resolvePieces(rigOfShot(outing, shot), shot.setUp).base.kind === 'adhesive');
  const day = powerOfDay(outing);
  const cameras = day.cameras.length;
  const tasks: EveningTask[] = [];
  if (stuck.length > 0)
    tasks.push({
      id: 'stick',
      words: `Stick the pads and leave them overnight under pressure: ${names(stuck.map((shot) => shot.name))}`,
      minutes: 6 * new Set(stuck.map((shot) => `${shot.carrierId} ${shot.setUp.spotId}`)).size,
    });
  if (day.chargeH > 0)
    tasks.push({
      id: 'charge',
      words: `Charge: ${durationWords(day.chargeH * 60)} with ${day.bays === 1 ? 'one battery' : `${day.bays} batteries`} at once${day.chargeH > day.eveningH ? `, longer than the ${durationWords(day.eveningH * 60)} there are: begin earlier or let it run overnight where somebody is near` : ''}`,
      minutes: 2 * day.cameras.reduce((sum, camera) => sum + camera.batteries, 0),
    });
  tasks.push(
    { id: 'format', words: 'Read the cards out, then format them in the camera', minutes: 3 * cameras },
    {
      id: 'settings',
      words: 'Set mode, stabiliser and clock of each camera as the cards say',
      minutes: 2 * shots.length,
    },
    { id: 'label', words: 'Label cameras with name and number', minutes: cameras },
    { id: 'clean', words: 'Clean lenses, cups and clamps; look at cords and rings', minutes: 2 * cameras + 3 },
    {
      id: 'print',
      words: 'Print the booklet, or open the cards once on the phone so that they are there without a network',
      minutes: 5,
    },
    { id: 'ask', words: 'Ask whom the rules name: owner, event, airfield; look at the weather', minutes: 10 },
  );
  return tasks;
}

/** At the start, between laps, and after. Common practice, no source. */
export const ROUTINES = {
  start: ['Wipe', 'press or clamp', 'pull', 'tether', 'level', 'ten seconds', 'look'],
  between: ['Lens', 'mount', 'battery', 'card', 'still the same angle?'],
  after: ['Count every piece', 'dry and rinse', 'cards into their box', 'a line in the log for each shot'],
} as const;
