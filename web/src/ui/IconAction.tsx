import type { ReactNode } from 'react';

interface IconActionProps {
  readonly name: string;
  /** In full, for whoever hears it: "Delete Ridge loop". */
  readonly label: string;
  readonly icon: ReactNode;
  readonly onClick: () => void;
}

/** A small action of a row, by its picture. */
export const IconAction = ({ name, label, icon, onClick }: IconActionProps) => (
  <button type="button" className="action action-quiet" aria-label={label} title={name} onClick={onClick}>
    {icon}
  </button>
);
