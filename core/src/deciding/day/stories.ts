import type { AudienceId } from '../outing/records/planRecord';

/** One row of a story: what it should show, the first of its kinds that a carrier can give. */
export interface StoryRow {
  readonly intentIds: readonly string[];
  readonly words: string;
}

/** A story in rows, from the first picture to the last. */
export interface StoryDefinition {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly seconds: number;
  readonly rows: readonly StoryRow[];
}

const row = (words: string, ...intentIds: string[]): StoryRow => ({ words, intentIds });

/** Common practice of telling, no source: begin with the action, a face, both directions, low and high, an end. */
export const STORIES: readonly StoryDefinition[] = [
  {
    id: 'morning',
    name: 'A morning out',
    note: 'an hour or two, one or two cameras',
    seconds: 120,
    rows: [
      row('begins in the middle of it', 'hands-and-trail', 'clear-ahead'),
      row('who it is', 'look-back-at-the-face'),
      row('low and fast', 'low-and-fast', 'machine-at-work'),
      row('what comes behind', 'who-follows'),
      row('past a still camera', 'pass-by', 'whole-craft'),
    ],
  },
  {
    id: 'race',
    name: 'A race or a run against the clock',
    note: 'the camera runs through, little to touch',
    seconds: 180,
    rows: [
      row('the start from behind the bars', 'clear-ahead', 'hands-and-trail'),
      row('hands at work', 'hands-at-work', 'hands-and-trail'),
      row('who follows', 'who-follows'),
      row('the machine at work', 'machine-at-work'),
      row('the face at the end', 'look-back-at-the-face'),
    ],
  },
  {
    id: 'trip',
    name: 'A trip of some days',
    note: 'places and people, all heights',
    seconds: 240,
    rows: [
      row('the whole craft in its landscape', 'whole-craft', 'pass-by'),
      row('the way ahead', 'strip-ahead', 'clear-ahead'),
      row('hands and what they do', 'hands-and-trail', 'hands-at-work'),
      row('the face', 'look-back-at-the-face'),
      row('somebody else', 'far-subject', 'who-follows'),
      row('a detail', 'machine-at-work', 'hands-at-work'),
      row('past a still camera', 'pass-by'),
    ],
  },
  {
    id: 'first-flight',
    name: 'A first time',
    note: 'nerves, the thing itself, relief',
    seconds: 150,
    rows: [
      row('hands before it begins', 'hands-at-work', 'hands-and-trail'),
      row('over the shoulder', 'over-the-shoulder', 'clear-ahead'),
      row('the face', 'look-back-at-the-face'),
      row('the whole craft', 'whole-craft', 'pass-by'),
    ],
  },
  {
    id: 'one-moment',
    name: 'Up to one moment',
    note: 'a drop, a wave, a landing, seen from all sides',
    seconds: 90,
    rows: [
      row('how steep it is', 'steep-slope', 'clear-ahead'),
      row('the machine at work', 'machine-at-work', 'low-and-fast'),
      row('the moment from the rider', 'hands-and-trail', 'clear-ahead'),
      row('the moment from outside', 'pass-by', 'whole-craft'),
      row('the face after it', 'look-back-at-the-face'),
    ],
  },
];

/** Who is to see a film, how long it usually is for them, and how long a picture stands. Common practice, no source. */
export const AUDIENCES = [
  { id: 'clip', name: 'a short clip', seconds: 30, cutS: 2 },
  { id: 'friends', name: 'friends', seconds: 180, cutS: 4 },
  { id: 'public', name: 'the public', seconds: 420, cutS: 5 },
] as const satisfies readonly { id: AudienceId; name: string; seconds: number; cutS: number }[];

/** What holds a film together besides the ride, taken by hand while one stops. Common practice, no source. */
export const B_PICTURES = [
  { id: 'b-place', words: 'The place, wide, with nobody in it' },
  { id: 'b-weather', words: 'Sky, ground and weather' },
  { id: 'b-gear', words: 'Gear in hands: straps, wheels, gloves going on' },
  { id: 'b-people', words: 'Faces before the start and after the end' },
  { id: 'b-talk', words: 'A sentence said to the camera: where, what, why' },
  { id: 'b-sound', words: 'Half a minute of sound without talk' },
] as const;
/** Still, before and after each of them, seconds: what an editor cuts into. */
export const B_STILL_S = 5;
