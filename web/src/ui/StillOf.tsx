import { useStillUrl } from '../storage/stills';

/** The still that was kept of a take, if one was. */
export function StillOf({ entryId }: { readonly entryId: string }) {
  const url = useStillUrl(entryId);
  return url && <img src={url} alt="Still of this take" className="w-28 shrink-0 border border-hair" />;
}
