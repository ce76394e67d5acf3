/** What an automatic exposure looks at: the whole picture alike, or its middle most of all. */
export type Metering = 'whole' | 'middle';

export const METERING_WORDS: Readonly<Record<Metering, string>> = {
  whole: 'the whole picture',
  middle: 'the middle of the picture most of all',
};
