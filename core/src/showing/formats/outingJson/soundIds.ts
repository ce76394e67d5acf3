import { eachRecord, isRecord } from '../../../deciding/outing/records/schemaParts';

/** Ids that stand in addresses as they are. */
const SOUND = /^[A-Za-z0-9][\w-]{0,79}$/;

type Stored = Record<string, unknown>;

/** Entries of a list with ids that are sound and told apart; what is no entry is left for the validator. @returns also the new id of each old one that was given another */
function withIds(list: unknown, name: string): { list: unknown; renamed: ReadonlyMap<unknown, string> } {
  const renamed = new Map<unknown, string>();
  if (!Array.isArray(list)) return { list, renamed };
  const taken = new Set(
    list.flatMap((entry: unknown) => (isRecord(entry) && typeof entry.id === 'string' ? [entry.id] : [])),
  );
  const used = new Set<unknown>();
  let count = 0;
  const free = (): string => {
    let made = '';
    do made = `${name}-${++count}`;
    while (taken.has(made));
    taken.add(made);
    return made;
  };
  const entries = list.map((entry: unknown) => {
    if (!isRecord(entry)) return entry;
    if (typeof entry.id === 'string' && SOUND.test(entry.id) && !used.has(entry.id)) {
      used.add(entry.id);
      return entry;
    }
    const id = free();
    // What refers to a doubled id means the first that bore it.
    if (!used.has(entry.id) && !renamed.has(entry.id)) renamed.set(entry.id, id);
    return { ...entry, id };
  });
  return { list: entries.some((entry, i) => entry !== list[i]) ? entries : list, renamed };
}

/** An outing whose ids can stand in an address and are told apart; those that can't, or come twice, are made anew and what refers to them follows. */
export function withSoundIds(outing: Stored): Stored {
  const carriers = withIds(outing.carriers, 'carrier');
  const known = Array.isArray(carriers.list) ? carriers.list.flatMap((c: unknown) => (isRecord(c) ? [c.id] : [])) : [];
  const carrierId = (id: unknown) => carriers.renamed.get(id) ?? id;
  const shots = eachRecord(withIds(outing.shots, 'shot').list, (shot) => ({
    ...shot,
    carrierId: carrierId(shot.carrierId),
    clips: withIds(shot.clips, 'clip').list,
    ...('shakeClips' in shot ? { shakeClips: withIds(shot.shakeClips, 'moving').list } : {}),
    log: withIds(shot.log, 'entry').list,
    // A carrier that was taken out since is no longer looked at.
    ...(isRecord(shot.ask) && Array.isArray(shot.ask.carrierIds)
      ? { ask: { ...shot.ask, carrierIds: shot.ask.carrierIds.map(carrierId).filter((id) => known.includes(id)) } }
      : {}),
  }));
  return {
    ...outing,
    id: typeof outing.id === 'string' && SOUND.test(outing.id) ? outing.id : 'outing',
    carriers: eachRecord(carriers.list, (carrier) => ({ ...carrier, spotLogs: withIds(carrier.spotLogs, 'log').list })),
    shots,
  };
}
