/** Whether a part's name stands for several: "pedals", "lines and risers"; not "harness" or "front brake disc". */
export const isPlural = (name: string): boolean => / and /.test(name) || /[^s]s$/.test(name);

/** The form of a verb that goes with a part's name. */
export const agree = (name: string, one: string, several: string): string => (isPlural(name) ? several : one);

/** As it begins a sentence. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** Things in a row as they are said: the stem, the bars and the fork. */
export const inARow = (things: readonly string[]): string =>
  things.length < 2 ? things.join() : `${things.slice(0, -1).join(', ')} and ${things.at(-1)!}`;
