import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { recalculate, useChange } from '../../api/queries';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import { Move, Trouble } from '../../parts/basics';

/** What came back to be cut again, and limits the shop's own log says otherwise: the owner takes them or not. */
export function Comebacks({ rules }: { rules: Schemas['RuleView'][] }) {
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
