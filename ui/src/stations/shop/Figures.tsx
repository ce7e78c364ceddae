import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { recalculate, useChange } from '../../api/queries';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import { Move, Ready, Scroll, Trouble } from '../../parts/basics';
import { asDay } from '../../parts/time';
import { Meanwhile, useTyped } from '../../parts/typed';

type Rule = Schemas['RuleView'];

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

const WORK: Record<string, string> = { weed: 'Weeding', apply: 'Applying', tape: 'Taping' };
const percent = (share: number | null) => (share === null ? '' : `${Math.round(100 * share)} %`);

/** What was learned of the shop's own minutes from what was timed: used wherever an estimate stands. */
function Paces() {
  const { data } = useQuery({ queryKey: [RECORD, 'paces'], queryFn: () => ask(api.GET('/api/paces')) });
  const learn = useChange(() => ask(api.POST('/api/paces')));
  return (
    <section className="mb-6 max-w-4xl" aria-label="Learned from what was timed">
      <div className="flex items-end gap-4">
        <h3 className="title flex-1">Learned from what was timed</h3>
        <Move onClick={() => learn.mutate(undefined)} disabled={learn.isPending}>
          {learn.isPending ? 'Learning …' : 'Learn it anew'}
        </Move>
      </div>
      <p className="text-ink2">
        Minutes below are the handbook’s, or the shop’s own. Where what was timed tells better, estimates, the week and
        prices take so many times as long; until then the handbook holds. Each night it is learned anew.
      </p>
      <Trouble says={learn.error?.message} />
      {data?.paces.length === 0 && <p>Nothing was timed yet.</p>}
      {data && data.paces.length > 0 && (
        <table className="mt-2 w-full">
          <thead>
            <tr className="label border-b border-ink text-left">
              <th className="py-1 font-semibold">Work</th>
              <th className="font-semibold">Takes</th>
              <th className="font-semibold">Timed</th>
              <th className="font-semibold">The handbook is off by</th>
              <th className="font-semibold">What is told, by</th>
              <th className="font-semibold">Since</th>
            </tr>
          </thead>
          <tbody>
            {data.paces.map((pace) => (
              <tr key={pace.station} className="border-b border-rule">
                <td className="py-1.5">{WORK[pace.station] ?? pace.station}</td>
                <td className="font-semibold">
                  {pace.times === 1 ? 'as in the handbook' : `× ${pace.times.toFixed(2)}`}
                </td>
                <td>
                  {pace.timed}
                  {pace.mishaps > 0 && <span className="text-ink2">, {pace.mishaps} left out</span>}
                </td>
                <td>{percent(pace.handbookError)}</td>
                <td>{percent(pace.learnedError)}</td>
                <td>{asDay(pace.madeAt)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data && data.own.length > 0 && (
        <>
          <p className="mt-3 text-ink2">
            Of those who did enough to have a pace of their own. It counts in the plan of the week only, and nobody but
            the owner sees it.
          </p>
          <ul>
            {data.own.map((pace) => (
              <li key={pace.who + pace.station} className="border-b border-rule py-1">
                {pace.who}, {(WORK[pace.station] ?? pace.station).toLowerCase()}:{' '}
                <b className="font-semibold">
                  {pace.times === 1 ? 'as in the handbook' : `× ${pace.times.toFixed(2)}`}
                </b>
                <span className="text-ink2">, from {pace.timed} times</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** What came back to be cut again, and limits the shop's own log says otherwise: the owner takes them or not. */
function Comebacks({ rules }: { rules: Rule[] }) {
  const { data } = useQuery({ queryKey: [RECORD, 'comebacks'], queryFn: () => ask(api.GET('/api/comebacks')) });
  const words = useVocabulary();
  const faces = (slug: string) => words.faces.find((face) => face.slug === slug)?.name ?? slug;
  return (
    <section className="mb-6 max-w-4xl" aria-label="What came back to be cut again">
      <h3 className="title">What came back to be cut again</h3>
      <p className="text-ink2">
        Of all that was weeded. The range is where the truth lies nine times of ten: with few cases it is wide.
      </p>
      {data?.proposals.map((one) => (
        <Proposed key={one.rule} proposal={one} version={rules.find((rule) => rule.rule === one.rule)?.version ?? 0} />
      ))}
      {data?.films.length === 0 && <p>Nothing was weeded yet.</p>}
      {data && data.films.length > 0 && (
        <details className="mt-2" open>
          <summary className="cursor-pointer underline">By film, smallest part and face</summary>
          <div className="grid grid-cols-3 gap-x-8 max-xl:grid-cols-1">
            <Tallies of="Film" tallies={data.films} name={(film) => labelOf(words.grades, film)} />
            <Tallies of="Smallest part" tallies={data.parts} name={(part) => part} />
            <Tallies of="Face" tallies={data.faces} name={faces} />
          </div>
        </details>
      )}
    </section>
  );
}

function Tallies({ of, tallies, name }: { of: string; tallies: Schemas['TallyView'][]; name: (of: string) => string }) {
  return (
    <table className="mt-2 w-full self-start text-note">
      <thead>
        <tr className="label border-b border-ink text-left">
          <th className="py-1 font-semibold">{of}</th>
          <th className="pl-2 font-semibold">Came back</th>
          <th className="pl-2 font-semibold">Of a hundred</th>
        </tr>
      </thead>
      <tbody>
        {tallies.map((one) => (
          <tr key={one.of} className="border-b border-rule align-top">
            <th scope="row" className="py-0.5 text-left font-normal">
              {name(one.of)}
            </th>
            <td className="pl-2 whitespace-nowrap">
              {one.back} of {one.cases}
            </td>
            <td className="pl-2 whitespace-nowrap">
              {Math.floor(100 * one.least)} to {Math.ceil(100 * one.most)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Proposed({ proposal, version }: { proposal: Schemas['LimitProposalView']; version: number }) {
  const client = useQueryClient();
  const take = useChange(
    () =>
      ask(
        api.PUT('/api/rules/{name}', {
          params: { path: { name: proposal.rule } },
          body: { value: String(proposal.to), version },
        }),
      ),
    () => recalculate(client),
  );
  return (
    <div className="my-2 flex items-center gap-4 border-l-4 border-signal bg-ground px-3 py-2">
      <p className="flex-1">
        <b className="font-semibold">{proposal.label}</b>: {proposal.from} {proposal.unit} now, the log says{' '}
        {proposal.to} {proposal.unit}.<span className="block text-note">{proposal.says}</span>
      </p>
      <Move onClick={() => take.mutate(undefined)} disabled={take.isPending}>
        {`Make it ${proposal.to} ${proposal.unit}`}
      </Move>
      <Trouble says={take.error?.message} />
    </div>
  );
}
