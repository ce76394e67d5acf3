import type { Announcements, ScreenReaderInstructions } from '@dnd-kit/core';

/** What is said of a thing while it is moved, to who cannot see it. @param nameOf what stands under an id */
export const movingWords = (
  nameOf: (id: string) => string,
): { announcements: Announcements; screenReaderInstructions: ScreenReaderInstructions } => {
  const name = (of: { readonly id: string | number }) => nameOf(String(of.id));
  return {
    announcements: {
      onDragStart: ({ active }) => `${name(active)} is taken up.`,
      onDragOver: ({ active, over }) =>
        over ? `${name(active)} is over ${name(over)}.` : `${name(active)} is over nothing.`,
      onDragEnd: ({ active, over }) =>
        over ? `${name(active)} is put down in the place of ${name(over)}.` : `${name(active)} stays where it was.`,
      onDragCancel: ({ active }) => `${name(active)} stays where it was.`,
    },
    screenReaderInstructions: {
      draggable: 'Space takes it up, the arrow keys move it, Space puts it down, Escape leaves it where it was.',
    },
  };
};
