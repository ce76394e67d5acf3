import type { CheckId } from '../../words/check/result';
import type { Check } from '../check/check';
import { clear } from './clear';
import { frame } from './frame';
import { hold } from './hold';
import { last } from './last';
import { light } from './light';
import { steady } from './steady';

/** The checks by id, in the order in which they are always told. */
export const CHECK_RECORDS = { frame, steady, hold, clear, light, last } satisfies Record<string, Check>;

/** What each check finds out, by id. */
export type Findings = { [Id in keyof typeof CHECK_RECORDS]: ReturnType<(typeof CHECK_RECORDS)[Id]['report']> };

/** All that a shot is judged by. */
export const CHECKS: readonly Check[] = Object.values(CHECK_RECORDS);

/** What a check is called; its id where it is none of the house. */
export const checkName = (id: CheckId): string => CHECKS.find((c) => c.id === id)?.name ?? id;
