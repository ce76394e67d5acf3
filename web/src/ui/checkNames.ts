import type { CheckId } from '@strut-spot/core';

export const CHECK_NAMES: Readonly<Record<CheckId, string>> = {
  frame: 'Frame',
  steady: 'Steady',
  hold: 'Hold',
  clear: 'Clear',
  light: 'Light',
  last: 'Last',
};
