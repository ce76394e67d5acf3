import { clearSearch } from './clear/clearSearch';
import { frameSearch } from './frame/frameSearch';
import { holdSearch } from './hold/holdSearch';
import { sunSearch } from './light/sunSearch';
import type { SearchCheck } from './searchCheck';
import { steadySearch } from './steady/steadySearch';

/** Checks that a search asks, in this order; a new check is one line here. */
export const SEARCH_CHECKS: readonly SearchCheck[] = [frameSearch, sunSearch, clearSearch, steadySearch, holdSearch];
