import { intentOf } from '@strut-spot/core';
import { Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { newId } from '../../state/newId';
import { useOuting } from '../../state/OutingProvider';
import type { OwnStory } from '../../storage/database';
import { changeSettings, MOST_STORIES, useSettings } from '../../storage/settings';
import { IconAction } from '../../ui/IconAction';

const USUAL_S = 180;
const NAME_LENGTH = 60;

/** Stories of one's own: the kinds of this outing's shots kept under a name, and others begun from them. */
export function OwnStories({
  adding,
  onTake,
}: {
  readonly adding: string | null;
  readonly onTake: (story: OwnStory) => void;
}) {
  const id = useId();
  const { outing } = useOuting();
  const { stories = [] } = useSettings();
  const [name, setName] = useState('');
  const keep = () => {
    const story: OwnStory = {
      id: newId(),
      name: name.trim(),
      seconds: outing.film?.seconds ?? USUAL_S,
      intentIds: outing.shots.map((shot) => shot.intentId),
    };
    void changeSettings({ stories: [...stories, story] });
    setName('');
  };
  const room = stories.length < MOST_STORIES;
  return (
    <details open={stories.length > 0}>
      <summary className="min-h-[24px] font-[620] max-lg:min-h-touch">Stories of your own</summary>
      <ul className="divide-y divide-hair">
        {stories.map((story) => (
          <li key={story.id} className="flex items-start justify-between gap-2 py-1">
            <div>
              <button
                type="button"
                className="text-left font-[620] text-hivis-ink underline underline-offset-2 max-lg:min-h-touch"
                disabled={adding !== null}
                onClick={() => onTake(story)}
              >
                {adding === story.id ? 'Finding places…' : story.name}
              </button>
              <p className="text-[0.9rem] text-ink-2">
                {story.intentIds.map((intentId) => intentOf(intentId).name.toLowerCase()).join(', ')}.
              </p>
            </div>
            <IconAction
              name="Forget"
              label={`Forget the story ${story.name}`}
              icon={<Trash2 size={15} aria-hidden />}
              onClick={() => void changeSettings({ stories: stories.filter((other) => other.id !== story.id) })}
            />
          </li>
        ))}
      </ul>
      <form
        className="mt-1 flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() && room) keep();
        }}
      >
        <div className="min-w-0 flex-1">
          <label htmlFor={id} className="label block text-ink-2">
            Keep the shots of this outing as
          </label>
          <input
            id={id}
            className="field w-full"
            value={name}
            maxLength={NAME_LENGTH}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <button type="submit" className="action" disabled={!name.trim() || outing.shots.length === 0 || !room}>
          Keep
        </button>
      </form>
      {!room && <p className="text-[0.9rem] text-ink-2">There are {MOST_STORIES}: forget one first.</p>}
    </details>
  );
}
