import type { ComponentType } from 'react';
import { Blur, Jelly, Jump, Level, Notch, Pull, Seam, Share, SpeedFeel } from './drawings';

interface Word {
  readonly term: string;
  readonly text: string;
  readonly Drawing: ComponentType;
}

/** Words that not everybody knows, each in two sentences and a drawing. */
export const WORDS = {
  level: {
    term: 'Level reading',
    text: 'What a level laid on the camera shows while you stand upright, the machine level. It is not the angle under way: you bend forward, and the camera with you.',
    Drawing: Level,
  },
  notch: {
    term: 'Notch',
    text: 'A toothed joint holds in steps only. The angle is given in steps from the middle; what lies between two steps cannot be set.',
    Drawing: Notch,
  },
  share: {
    term: 'Share of the picture',
    text: 'How much of the picture’s area something takes up, in percent. Over the ride every posture counts for as long as you are in it.',
    Drawing: Share,
  },
  speedFeel: {
    term: 'Speed feel',
    text: 'How fast what passes by moves over the screen, against what your own eyes see. 1 is as it feels; low and wide it is more, high or narrow less.',
    Drawing: SpeedFeel,
  },
  jump: {
    term: 'Jump',
    text: 'The picture stands somewhere else each time: what shakes between one picture and the next. A stabiliser takes most of it.',
    Drawing: Jump,
  },
  jelly: {
    term: 'Jelly',
    text: 'A picture is read line by line. What shakes fast bends upright things like jelly, and no stabiliser takes that out again.',
    Drawing: Jelly,
  },
  blur: {
    term: 'Blur',
    text: 'The picture moves while the shutter is open, and points become strokes. A shorter shutter has less blur, and more jelly.',
    Drawing: Blur,
  },
  pull: {
    term: 'Pull test',
    text: 'Pull at the camera with a luggage scale, in the direction shown, before you ride. It is well above the worst load of this ride: if it moves now, it would have come off.',
    Drawing: Pull,
  },
  seam: {
    term: 'Seam',
    text: 'A camera with two lenses puts its halves together along a band all round. What is near and lies in it is blurred or missing.',
    Drawing: Seam,
  },
} as const satisfies Readonly<Record<string, Word>>;
export type WordId = keyof typeof WORDS;
