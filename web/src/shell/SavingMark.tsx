import { serialiseOuting } from '@strut-spot/core';
import { useNavigate } from 'react-router';
import { download, fileNameOf } from '../devices/download';
import { newId } from '../state/newId';
import { useOuting, useSaving } from '../state/OutingProvider';
import { Notice } from './Notices';

/** How the writing stands, quietly in the title block. */
export function SavingMark() {
  const { saving } = useSaving();
  const words = { saved: 'Saved', saving: 'Saving…', failed: 'Not saved', deleted: 'In the bin' }[saving.kind];
  return (
    <span data-testid="saving" className="caption self-center text-[0.65rem] max-sm:sr-only">
      {words}
    </span>
  );
}

/** What went wrong with the writing, and what can be done: the outing stays in the page. */
export function SavingTrouble() {
  const { outing } = useOuting();
  const { saving, keepAsCopy } = useSaving();
  const navigate = useNavigate();
  const file = (
    <button
      type="button"
      className="action"
      onClick={() => download(`${fileNameOf(outing.name)}.json`, serialiseOuting(outing), 'application/json')}
    >
      Save as a file
    </button>
  );
  if (saving.kind === 'failed') {
    return (
      <Notice action={file}>
        The last changes are not saved: {saving.because}. They stay in this page, and are tried again every few seconds.
      </Notice>
    );
  }
  if (saving.kind === 'deleted') {
    return (
      <Notice
        action={
          <>
            <button
              type="button"
              className="action"
              onClick={() => {
                const id = newId();
                void keepAsCopy(id).then(() => navigate(`/outing/${id}`));
              }}
            >
              Keep as a copy
            </button>
            {file}
          </>
        }
      >
        This outing was deleted in another window: what you change here is not saved.
      </Notice>
    );
  }
  return null;
}
