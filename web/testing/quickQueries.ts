import { configure } from '@testing-library/react';

// What is not found is looked for again and again: a message with the whole page in it would take seconds each time. Nor is each element asked whether a style hides it.
configure({ getElementError: (message) => new Error(message ?? 'not found'), defaultHidden: true });
