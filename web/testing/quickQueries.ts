import { configure } from '@testing-library/react';

configure({
  // What is not found is looked for again and again: a message with the whole page in it would take seconds each time. Nor is each element asked whether a style hides it.
  getElementError: (message) => new Error(message ?? 'not found'),
  defaultHidden: true,
  // What is really computed takes its time on a busy machine.
  asyncUtilTimeout: 90_000,
});
