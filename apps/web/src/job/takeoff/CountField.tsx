interface CountFieldProps {
  label: string;
  value: number;
  most: number;
  set: (value: number) => void;
}

/** A whole number, set as soon as it is one. */
export function CountField({ label, value, most, set }: CountFieldProps) {
  return (
    <input
      type="number"
      min={0}
      max={most}
      value={value}
      aria-label={label}
      onChange={({ target }) => {
        const typed = Number(target.value);
        if (target.value !== '' && Number.isInteger(typed) && typed >= 0 && typed <= most) set(typed);
      }}
    />
  );
}
