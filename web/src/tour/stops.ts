/** The demo outing that the tour goes through. */
export const DEMO_ID = 'skerra-late-winter';

interface Stop {
  /** Address below the demo outing. */
  readonly at: string;
  readonly title: string;
  readonly words: string;
}

/** Where the tour stops, and what is said there. */
export const STOPS: readonly Stop[] = [
  {
    at: '',
    title: 'A trip and its shots',
    words:
      'Every picture here is computed from where the camera sits. Beside it: what a level must read on the camera, and the worst of six checks.',
  },
  {
    at: '/shot/first-try',
    title: 'One shot on the bench',
    words:
      'This chest camera was levelled standing up. On the bike it films the bike: look at the postures under the picture. Press “Set the solved angle”, and see them change.',
  },
  {
    at: '/shot/gravel-hands/find',
    title: 'Every place is tried',
    words:
      'Press “Find spots”. All places on rider and machine are tried with what is in the box, and ranked for this shot; whatever is left out says why.',
  },
  {
    at: '/shot/buggy-arm/steady',
    title: 'Why it shakes, and what helps',
    words:
      'The picture moves as it would on this ground. Each mend was tried: in how many of a hundred cases it is steadier, and what it costs.',
  },
  {
    at: '/shot/gravel-hands/card',
    title: 'What goes along',
    words:
      'The card says what to set, how hard to pull before the ride, and in which order. It opens on the phone too, with a level in it, and needs no network.',
  },
];

/** Address of a stop. @param number from 1 */
export const stopAt = (number: number): string => `/outing/${DEMO_ID}${STOPS[number - 1]!.at}?tour=${number}`;
