import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId } from 'react';

type Common = { label: string; value: string; onChange: (value: string) => void; says?: string; hint?: ReactNode };

function Label({ id, label, hint }: { id: string; label: string; hint?: ReactNode }) {
  return (
    <div className="mb-1 flex items-baseline justify-between gap-2">
      <label htmlFor={id} className="label">
        {label}
      </label>
      {hint && <span className="text-sm text-ink2">{hint}</span>}
    </div>
  );
}

function Says({ id, says }: { id: string; says?: string }) {
  return says ? (
    <p id={id} className="mt-1 text-sm font-medium text-signal-ink">
      {says}
    </p>
  ) : null;
}

export function TextField({
  label,
  value,
  onChange,
  says,
  hint,
  lines = 1,
  list,
  type = 'text',
  autoFocus,
  autoComplete = 'off',
  onBlur,
  placeholder,
}: Common & {
  placeholder?: string;
  lines?: number;
  list?: string[];
  type?: 'text' | 'date' | 'password';
  autoFocus?: boolean;
  autoComplete?: string;
  onBlur?: () => void;
}) {
  const id = useId();
  const shared = {
    id,
    value,
    className: 'input',
    'aria-invalid': says ? true : undefined,
    'aria-describedby': says ? `${id}-says` : undefined,
    // Asked for by the station that just opened, never on a bare page load.
    autoFocus,
    autoComplete,
    onBlur,
    placeholder,
  } as const;
  return (
    <div>
      <Label id={id} label={label} hint={hint} />
      {lines > 1 ? (
        <textarea {...shared} rows={lines} onChange={(event) => onChange(event.target.value)} />
      ) : (
        <input
          {...shared}
          type={type}
          list={list ? `${id}-list` : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
      {list && (
        <datalist id={`${id}-list`}>
          {list.map((known) => (
            <option key={known} value={known} />
          ))}
        </datalist>
      )}
      <Says id={`${id}-says`} says={says} />
    </div>
  );
}

export function SelectField({
  label,
  value,
  onChange,
  says,
  hint,
  options,
}: Common & { options: { value: string; label: string }[] }) {
  const id = useId();
  return (
    <div>
      <Label id={id} label={label} hint={hint} />
      <select
        id={id}
        className="input"
        value={value}
        aria-invalid={says ? true : undefined}
        aria-describedby={says ? `${id}-says` : undefined}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
      <Says id={`${id}-says`} says={says} />
    </div>
  );
}

/** A few answers side by side, one of them taken. */
export function Choice({
  label,
  value,
  onChange,
  says,
  options,
}: Common & { options: { value: string; label: string }[] }) {
  const id = useId();
  return (
    <div>
      <div id={id} className="label mb-1">
        {label}
      </div>
      <RadioGroup.Root value={value} onValueChange={onChange} aria-labelledby={id} className="flex">
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="-ml-px min-h-10 flex-1 border border-ink2 bg-paper px-3 first:ml-0 hover:bg-shade data-[state=checked]:bg-ink data-[state=checked]:text-paper"
          >
            {option.label}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <Says id={`${id}-says`} says={says} />
    </div>
  );
}
