import { worstFirst, type CheckResult } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import { knockFinding } from './knockFinding';
import type { LastFound } from './lastFound';
import { batteryFindings, cableFindings, cardFinding, doorFinding } from './powerFindings';
import {
  attentionFinding,
  burdenFinding,
  foamFinding,
  handFinding,
  massFinding,
  reachFinding,
  talkFinding,
} from './riderFindings';
import { wornFinding } from './wornFinding';
import { heatFinding, lensFinding, mistFindings, waterFinding } from './weatherFindings';

export function judgeLast(found: LastFound, scene: ShotScene): CheckResult {
  const findings = [
    ...batteryFindings(found, scene),
    cardFinding(found),
    heatFinding(found, scene),
    ...mistFindings(found, scene),
    lensFinding(found),
    waterFinding(found, scene),
    knockFinding(found, scene),
    wornFinding(scene),
    doorFinding(found, scene),
    ...cableFindings(found),
    talkFinding(found, scene),
    foamFinding(found),
    reachFinding(found, scene),
    attentionFinding(found, scene),
    handFinding(found, scene),
    burdenFinding(found),
    massFinding(found, scene),
  ];
  return worstFirst(
    'last',
    findings.flatMap((finding) => finding ?? []),
  );
}
