import { AlertDialog, Popover } from 'radix-ui';
import { Link } from 'react-router';
import { toast } from 'sonner';
import type { ThemeChoice } from '../storage/database';
import { BIN_DAYS, putAllIntoBin } from '../storage/bin';
import { nowIso } from '../state/newId';
import { changeSettings, useSettings } from '../storage/settings';
import { SettingsButton } from './SettingsButton';

const THEMES: readonly (readonly [ThemeChoice, string])[] = [
  ['system', 'As the system'],
  ['light', 'Paper'],
  ['dark', 'Night'],
  ['sun', 'Bright sun'],
];

/** Settings, open from the moment they stand. */
export function SettingsPopover() {
  const { units, theme } = useSettings();
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger asChild>
        <SettingsButton />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          className="z-40 w-64 border-2 border-ink bg-sheet p-3"
          aria-label="Settings"
        >
          <fieldset className="mb-3">
            <legend className="caption mb-1">Units</legend>
            {(['metric', 'imperial'] as const).map((choice) => (
              <label key={choice} className="flex items-center gap-2 py-0.5">
                <input
                  type="radio"
                  name="units"
                  checked={units === choice}
                  onChange={() => void changeSettings({ units: choice })}
                />
                {choice === 'metric' ? 'Metric (mm, km/h)' : 'Imperial (in, mph)'}
              </label>
            ))}
          </fieldset>
          <fieldset className="mb-3">
            <legend className="caption mb-1">Look</legend>
            {THEMES.map(([id, name]) => (
              <label key={id} className="flex items-center gap-2 py-0.5">
                <input
                  type="radio"
                  name="theme"
                  checked={theme === id}
                  onChange={() => void changeSettings({ theme: id })}
                />
                {name}
              </label>
            ))}
          </fieldset>
          <Popover.Close asChild>
            <Link to="/words" className="mb-2 block min-h-[24px] py-1 font-[620] underline underline-offset-2">
              What the words mean
            </Link>
          </Popover.Close>
          <WipeDialog />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function WipeDialog() {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger className="action w-full justify-center">Delete all outings…</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <AlertDialog.Content className="fixed top-1/3 left-1/2 z-50 w-[min(28rem,92vw)] -translate-x-1/2 border-2 border-ink bg-sheet p-5">
          <AlertDialog.Title className="mb-1 text-lg font-[660]">Delete all outings?</AlertDialog.Title>
          <AlertDialog.Description className="mb-4 text-ink-2">
            Every outing in this browser goes into the bin, with its shots, clips and log. There they are kept for
            {` ${BIN_DAYS} `}days, unless you empty it.
          </AlertDialog.Description>
          <div className="flex justify-end gap-2">
            <AlertDialog.Cancel className="action">Keep them</AlertDialog.Cancel>
            <AlertDialog.Action
              className="action action-main"
              onClick={() => void putAllIntoBin(nowIso()).then(() => toast('All outings are in the bin.'))}
            >
              Delete all
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
