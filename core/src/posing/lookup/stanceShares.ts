import { SET_UP_STANCE_ID, type Stance } from '../../words/carrier/stance';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { StanceShares } from '../../words/rig/rigSpec';

const known = new WeakMap<StanceShares, MachineDefinition>();

/** A machine with its time spent as somebody spends it; as usual where nothing would be ridden at all. The same shares give the same object. */
export function machineRidden(machine: MachineDefinition, shares: StanceShares | undefined): MachineDefinition {
  if (!shares) return machine;
  const before = known.get(shares);
  if (before?.id === machine.id) return before;
  const ridden = { ...machine, stances: scaled(machine.stances, shares) };
  known.set(shares, ridden);
  return ridden;
}

/** Stances with the shares given, brought to a sum of 1. */
function scaled(stances: readonly Stance[], shares: StanceShares): readonly Stance[] {
  const shareOf = (stance: Stance): number =>
    stance.id === SET_UP_STANCE_ID ? 0 : (shares[stance.id] ?? stance.share);
  const sum = stances.reduce((total, stance) => total + shareOf(stance), 0);
  return sum > 0 ? stances.map((stance) => ({ ...stance, share: shareOf(stance) / sum })) : stances;
}

/**
 * All shares once one of them is set; the others keep their proportions. What is the only one ridden stays so.
 * @param share 0 to 1
 */
export function withStanceShare(
  stances: readonly { readonly id: string; readonly share: number }[],
  id: string,
  share: number,
): StanceShares {
  const others = stances.filter((stance) => stance.id !== id);
  const rest = others.reduce((sum, stance) => sum + stance.share, 0);
  const of = ({ id: other, share: before }: (typeof stances)[number]): number =>
    rest === 0 ? before : other === id ? share : (before / rest) * (1 - share);
  return Object.fromEntries(stances.map((stance) => [stance.id, of(stance)]));
}
