import { Settings2 } from 'lucide-react';
import type { ComponentProps } from 'react';

export function SettingsButton(props: ComponentProps<'button'>) {
  return (
    <button type="button" className="action action-quiet" aria-label="Settings" {...props}>
      <Settings2 size={17} aria-hidden />
    </button>
  );
}
