import type { WorldId } from '../../../words/carrier/land';
import { air } from './air';
import { road } from './road';
import { snow } from './snow';
import { trail } from './trail';
import { water } from './water';
import type { World } from './world';

export const WORLDS: Readonly<Record<WorldId, World>> = { trail, road, snow, water, air };
