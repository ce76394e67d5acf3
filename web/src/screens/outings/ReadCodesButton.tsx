import { ScanLine } from 'lucide-react';
import type { ComponentProps } from 'react';

export const ReadCodesButton = (props: ComponentProps<'button'>) => (
  <button type="button" className="action" {...props}>
    <ScanLine size={16} aria-hidden /> Read codes
  </button>
);
