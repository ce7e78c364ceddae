import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { Ready, Scroll } from '../../parts/basics';

/** The shop's own figures: each with its reason. For the owner. */
export function Figures() {
  const query = useQuery({ queryKey: ['rules'], queryFn: () => ask(api.GET('/api/rules')), retry: false });
  return (
    <Ready query={query} what="the figures">
      {({ rules }) => (
        <Scroll label="Figures" className="h-full bg-paper px-8 py-5">
          <h2 className="title mb-1">The shop’s figures</h2>
          <p className="mb-4 text-ink2">
            Yelbo computes with these. A change counts from the next computation on; what is approved stays as it was
            approved.
          </p>
          <ul className="max-w-4xl">
            {rules.map((rule) => (
              <Figure key={`${rule.rule}-${rule.value}`} rule={rule} />
            ))}
          </ul>
        </Scroll>
      )}
    </Ready>
  );
}

function Figure({ rule }: { rule: Schemas['RuleView'] }) {
  const [value, setValue] = useState(String(rule.value));
  const save = useChange((next: string) =>
    ask(api.PUT('/api/rules/{name}', { params: { path: { name: rule.rule } }, body: { value: next } })),
  );
  const id = `figure-${rule.rule}`;
  return (
    <li className="border-b border-rule py-2">
      <form
        className="grid grid-cols-[1fr_200px] items-center gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(value);
        }}
      >
        <div>
          <label htmlFor={id} className="font-semibold">
            {rule.says}
          </label>
          <span className="block text-sm text-ink2">
            {rule.reason} Standard {rule.standard} {rule.unit}.
          </span>
          {save.error && (
            <span id={`${id}-says`} role="alert" className="block text-sm font-medium text-signal-ink">
              {save.error.fields.value ?? save.error.message}
            </span>
          )}
        </div>
        <div className="flex items-center gap-2">
          <input
            id={id}
            className="input"
            value={value}
            aria-invalid={save.error ? true : undefined}
            aria-describedby={save.error ? `${id}-says` : undefined}
            onChange={(event) => setValue(event.target.value)}
            onBlur={() => value !== String(rule.value) && save.mutate(value)}
          />
          <span className="w-12 text-sm text-ink2">{rule.unit}</span>
        </div>
      </form>
    </li>
  );
}
