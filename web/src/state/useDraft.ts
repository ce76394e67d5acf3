import { useState } from 'react';
import { draftOf, keepDraft } from '../storage/drafts';

/** A text that is being written and not yet added anywhere: it is still there when its sheet, or the page, was left and opened again. */
export function useDraft(key: string): readonly [text: string, set: (text: string) => void] {
  const [text, setText] = useState(() => draftOf(key));
  return [
    text,
    (next) => {
      setText(next);
      keepDraft(key, next);
    },
  ];
}
