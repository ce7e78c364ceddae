import { type ReactNode, useId } from 'react';

export type Common = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  says?: string;
  hint?: ReactNode;
};

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

export function Says({ id, says }: { id: string; says?: string }) {
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

/** A password somebody sets: how it has to be, at its field. */
export function NewPassword({
  value,
  onChange,
  says,
  label = 'Password',
  autoFocus,
}: {
  value: string;
  onChange: (value: string) => void;
  says: string | undefined;
  label?: string;
  autoFocus?: boolean;
}) {
  return (
    <TextField
      label={`${label}, 12 letters at least`}
      type="password"
      value={value}
      onChange={onChange}
      says={says}
      autoComplete="new-password"
      autoFocus={autoFocus}
    />
  );
}
