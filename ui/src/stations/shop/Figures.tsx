import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { recalculate, useChange } from '../../api/queries';
import { Ready, Scroll } from '../../parts/basics';
import { Meanwhile, useTyped } from '../../parts/typed';
import { Comebacks } from './Comebacks';
import { Paces } from './Paces';

export type Rule = Schemas['RuleView'];

/** The shop's own figures: each with its reason, by where they count. For the owner. */
export function Figures() {
  const query = useQuery({ queryKey: [RECORD, 'rules'], queryFn: () => ask(api.GET('/api/rules')), retry: false });
  return (
    <Ready query={query} what="the figures">
      {({ rules }) => <Areas rules={rules} />}
    </Ready>
  );
}

function Areas({ rules }: { rules: Rule[] }) {
  const areas = [...new Set(rules.map((rule) => rule.area))];
  const changed = (area: string) => rules.filter((rule) => rule.area === area && rule.value !== rule.standard).length;
  return (
    <div className="grid h-full grid-cols-[232px_1fr] grid-rows-[minmax(0,1fr)]">
      <nav aria-label="Figures" className="min-h-0 overflow-auto border-r border-rule">
        <h2 className="label px-4 pt-3 pb-1">The shop’s figures</h2>
        {areas.map((area) => (
          <a key={area} href={`#${idOf(area)}`} className="row-link block">
            {area}
            {changed(area) > 0 && <span className="block text-sm text-ink2">{changed(area)} set by the shop</span>}
          </a>
        ))}
      </nav>
      <Scroll label="Figures" className="min-h-0 bg-paper px-8 py-5">
        <p className="mb-4 max-w-4xl text-ink2">
          Yelbo computes with these. A change counts from the next computation on; what is approved stays as it was
          approved.
        </p>
        <Paces />
        <Comebacks rules={rules} />
        {areas.map((area) => (
          <section key={area} id={idOf(area)} className="mb-6 max-w-4xl scroll-mt-4">
            <h3 className="title">{area}</h3>
            <ul>
              {rules
                .filter((rule) => rule.area === area)
                .map((rule) => (
                  <Figure key={rule.rule} rule={rule} />
                ))}
            </ul>
          </section>
        ))}
      </Scroll>
    </div>
  );
}

const idOf = (area: string) => `figures-${area.toLowerCase().replaceAll(' ', '-')}`;

function Figure({ rule }: { rule: Rule }) {
  const over = useTyped(rule.version, { value: String(rule.value) });
  const { value } = over.typed;
  const setValue = (next: string) => over.set({ value: next });
  const client = useQueryClient();
  const save = useChange(
    (next: string) =>
      over.keeping(
        ask(
          api.PUT('/api/rules/{name}', {
            params: { path: { name: rule.rule } },
            body: { value: next, version: over.version },
          }),
        ),
      ),
    () => recalculate(client),
  );
  const id = `figure-${rule.rule}`;
  const standard = `${rule.standard} ${rule.unit}`;
  return (
    <li className="border-b border-rule py-2">
      <form
        className="grid grid-cols-[1fr_220px] items-center gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(value);
        }}
      >
        <div>
          <label htmlFor={id} className="font-semibold">
            {rule.label}
          </label>
          <span className="block text-sm text-ink2">
            {rule.reason}{' '}
            {rule.value === rule.standard ? (
              `Standard ${standard}.`
            ) : (
              <button
                type="button"
                className="min-h-6 underline"
                onClick={() => save.mutate(String(rule.standard))}
                title={`${rule.label}: back to ${standard}`}
              >
                Back to the standard, {standard}
              </button>
            )}
          </span>
          <Meanwhile over={over} />
          {save.error && !over.isNewer && (
            <span id={`${id}-says`} role="alert" className="block text-sm font-medium text-signal-ink">
              {save.error.fields.value ?? save.error.message}
            </span>
          )}
        </div>
        <div className="flex items-center gap-2">
          <input
            id={id}
            className={`input ${rule.value === rule.standard ? '' : 'font-semibold'}`}
            value={value}
            aria-invalid={save.error ? true : undefined}
            aria-describedby={save.error ? `${id}-says` : undefined}
            onChange={(event) => setValue(event.target.value)}
            onBlur={() => value !== String(rule.value) && save.mutate(value)}
          />
          <span className="w-20 text-sm text-ink2">{rule.unit}</span>
        </div>
      </form>
    </li>
  );
}
