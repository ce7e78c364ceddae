import { RadioGroup } from 'radix-ui';
import { useId } from 'react';
import { type Common, Says } from './fields';

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
