import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import { wrongSideOfCabin } from './wrongSideOfCabin';
import { sunkFinding } from './sunkFinding';
import { throughPane } from './throughPane';

/** What spoils every picture of a camera that stands so, wherever it looks: it speaks alone, since no turn of the lens would mend it. Null where nothing does. */
export const barred = (scene: ShotScene): Finding | null =>
  sunkFinding(scene) ?? throughPane(scene) ?? wrongSideOfCabin(scene);
