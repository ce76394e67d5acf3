import { checkName } from '@strut-spot/core';
import type { Candidate, TermId } from '@strut-spot/core';

const TERM_NAMES: Readonly<Record<TermId, string>> = {
  picture: 'Picture',
  steady: 'Steady',
  feel: 'Speed feel',
  holds: 'Holds',
  clear: 'Clear',
  glass: 'Glass',
  mass: 'Lightness',
  quick: 'Quick',
  reach: 'In reach',
  talk: 'Voice',
  sun: 'Sun',
};

/** What stands between spot and camera, in a few words. */
export const strutWords = ({ facts, setUp }: Candidate): string =>
  [
    facts.baseName,
    ...facts.linkNames.map((name, i) => {
      const { lengthM } = setUp.links[i]!;
      return lengthM >= 0.1 ? `${name} ${Math.round(lengthM * 100)} cm` : name;
    }),
  ].join(', ');

/** How a shake reads in one word. */
export function steadyWord({ unsteadiness }: Candidate['facts']): string {
  if (unsteadiness === null) return '…';
  return unsteadiness < 0.35 ? 'steady' : unsteadiness < 1 ? 'lively' : 'shaky';
}

/** How the camera is set; `brief` where there is little room. */
export function modeWords({ facts, setUp }: Candidate, brief = false): string {
  const upright = setUp.mounting.startsWith('portrait') ? ', upright' : '';
  const steadied = brief ? facts.stabiliserName.toLowerCase() : `stabiliser ${facts.stabiliserName.toLowerCase()}`;
  return `${facts.modeName.toLowerCase()}, ${steadied}${upright}`;
}

/** The term by which Last counts. */
const LASTS = 'lasts';

/** What a term of a score is called; a check's own by its check. */
export const termName = (id: string): string =>
  id === LASTS ? checkName('last') : ((TERM_NAMES as Readonly<Record<string, string>>)[id] ?? checkName(id));
