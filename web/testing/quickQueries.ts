import * as React from 'react';
import { configure } from '@testing-library/react';

configure({
  // What is not found is looked for again and again: a message with the whole page in it would take seconds each time. Nor is each element asked whether a style hides it.
  getElementError: (message) => new Error(message ?? 'not found'),
  defaultHidden: true,
  // What is really computed takes its time on a busy machine.
  asyncUtilTimeout: 90_000,
});

/** A field's labels. The test world's own walk finds them by asking every label of the page for its field, which walks the page again. */
function labels(this: HTMLElement): HTMLLabelElement[] {
  const around = this.closest('label');
  return [...document.getElementsByTagName('label')].filter((label) =>
    label.hasAttribute('for') ? this.id !== '' && label.htmlFor === this.id : label === around,
  );
}
if (typeof document !== 'undefined') {
  for (const kind of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement, HTMLButtonElement, HTMLOutputElement])
    Object.defineProperty(kind.prototype, 'labels', { configurable: true, get: labels });
}

// Where an element is made is of use to one who debugs; written down for each element it takes a tenth of the time.
const { __CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE: internals } = React as never as Record<
  string,
  object
>;
Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', { get: () => Infinity, set: () => {} });
