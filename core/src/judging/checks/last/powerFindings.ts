import { USUAL_USE } from '../../../words/shot/use';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import type { LastFound } from './lastFound';
import { durationWords } from '../../../mathematics/units/duration';
import { batteries, count } from './words';

/** In the cold spare batteries are kept on the body. */
const COLD_C = 5;

export function batteryFindings({ power }: LastFound, { ride, resolved, question: { use } }: ShotScene): Finding[] {
  const { camera } = resolved;
  const cold = ride.temperatureC < COLD_C;
  const spares = camera.lasting.swaps
    ? `take ${batteries(power.batteries)} along${cold ? ', the spares warm on your body' : ''}`
    : 'charge it at the stops: its battery cannot be changed';
  const told = `${durationWords(power.recordMin)} of recording at ${power.recordingW.toFixed(1)} W${power.waitMin > 0.5 && power.waitingW > 0 ? ` and ${durationWords(power.waitMin)} of waiting at ${power.waitingW.toFixed(1)} W` : ''} take ${power.neededWh.toFixed(1)} Wh`;
  const each = `one battery gives ${power.usableWh.toFixed(1)} Wh at ${Math.round(ride.temperatureC)} °C, ${durationWords(power.minutesABattery)} of recording (estimate, a third either way)`;
  const findings: Finding[] = [
    {
      id: 'batteries',
      label: 'batteries needed',
      verdict: power.batteries > power.have ? 'watch' : 'good',
      value: power.batteries,
      unit: '',
      limit: [null, power.have],
      margin: power.have - power.batteries,
      because:
        power.fedWh > 0
          ? `${told}, ${Math.min(power.fedWh, power.neededWh).toFixed(1)} Wh of it from outside; ${each}`
          : `${told}; ${each}`,
      mend: power.batteries > power.have ? { text: spares } : null,
    },
  ];
  const stintMin = Math.min(use?.stintMin ?? USUAL_USE.stintMin, power.recordMin + power.waitMin);
  if (power.fedWh === 0 && power.stintWh > power.usableWh) {
    const lastsMin = (stintMin * power.usableWh) / power.stintWh;
    findings.push({
      id: 'stint',
      label: 'from one stop to the next',
      verdict: 'stop',
      value: stintMin,
      unit: 'min',
      limit: [null, lastsMin],
      margin: lastsMin - stintMin,
      because: `it is empty after ${durationWords(lastsMin)}, and the next stop comes after ${durationWords(stintMin)}`,
      mend: { text: `stop every ${durationWords(lastsMin)} for a fresh battery, or switch it off between takes` },
    });
  }
  return findings;
}

export function cardFinding({ power }: LastFound): Finding {
  const full = power.gb > power.cardGb;
  return {
    id: 'card',
    label: 'card',
    verdict: full ? 'watch' : 'good',
    value: power.gb,
    unit: 'GB',
    limit: [null, power.cardGb],
    margin: power.cardGb - power.gb,
    because: `${durationWords(power.recordMin)} in this mode; the card holds ${durationWords(power.minutesACard)}`,
    mend: full
      ? { text: `take ${count(Math.ceil(power.gb / power.cardGb), 'card')} of ${power.cardGb} GB, and one spare` }
      : null,
  };
}

export function doorFinding({ power }: LastFound, scene: ShotScene): Finding | null {
  const { ride, machine, resolved, question } = scene;
  if (power.fedWh === 0 || resolved.camera.lasting.fed !== 'open') return null;
  const wet = machine.world === 'water' || !['dry', 'dusty'].includes(ride.weatherId ?? 'dry');
  if (!wet) return null;
  return {
    id: 'door',
    label: 'fed with its door open',
    verdict: 'watch',
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: `its port is ${resolved.camera.port}: in the wet water gets in along the ${question.use?.feed === 'machine' ? 'cable' : 'power bank’s cable'}`,
    mend: { text: 'batteries in its place, or a door with a sealed hole and a loop in the cable that drips off' },
  };
}

/** Longer than that a cable wants tying down in several places. Common practice, no source. */
const CABLE_M = 1.5;

export function cableFindings({ cable }: LastFound): Finding[] {
  if (!cable) return [];
  const long = cable.lengthM > CABLE_M;
  const way: Finding = {
    id: 'cable',
    label: 'cable',
    verdict: long ? 'watch' : 'good',
    value: cable.lengthM,
    unit: 'm',
    limit: [null, CABLE_M],
    margin: CABLE_M - cable.lengthM,
    because: `from ${cable.from}, along what it is tied to, with a loop against pulling`,
    mend: long ? { text: 'a power bank tied down beside the camera' } : null,
  };
  if (!cable.crosses) return [way];
  return [
    way,
    {
      id: 'cable-moves',
      label: 'ends of the cable that move apart',
      verdict: 'watch',
      value: 1,
      unit: '',
      limit: [null, 0],
      margin: -1,
      because: `it goes over to ${cable.crosses}`,
      mend: {
        text: 'leave a loop that bears the whole movement, or a plug that pulls out; or a power bank beside the camera',
      },
    },
  ];
}
