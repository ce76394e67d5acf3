/** One thing that is so or not. */
export function Tick({
  label,
  checked,
  disabled = false,
  onChange,
}: {
  label: string;
  checked: boolean;
  disabled?: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-[24px] items-start gap-2 max-lg:min-h-touch max-lg:items-center">
      <input
        type="checkbox"
        className="mt-1.5 shrink-0 max-lg:mt-0"
        checked={checked}
        disabled={disabled}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{label}</span>
    </label>
  );
}
