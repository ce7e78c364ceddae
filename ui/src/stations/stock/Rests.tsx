import { api, ask, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { Move, Trouble, useShown } from '../../parts/basics';

type Rest = Schemas['RestView'];

/** What cuts left, each with what Yelbo would do with it: one touch puts it away. */
export function Rests({ rests }: { rests: Rest[] }) {
  return (
    <section aria-label="Left from cuts" className="mb-4">
      <h3 className="label mb-1">Left from cuts, to be put away</h3>
      <ul className="flex max-h-80 flex-wrap gap-3 overflow-auto">
        {rests.map((rest) => (
          <li key={rest.batch} className="border border-ink bg-ground">
            <RestRow rest={rest} />
          </li>
        ))}
      </ul>
    </section>
  );
}

export function RestRow({ rest }: { rest: Rest }) {
  const shown = useShown();
  const put = useChange((how: 'square' | 'odd' | 'scrap') =>
    ask(
      api.POST('/api/batches/{id}/rest', {
        params: { path: { id: rest.batch } },
        body: { version: rest.version, how },
      }),
    ),
  );
  const by = Math.max(rest.sheet.width.mm / 70, rest.sheet.height.mm / 110);
  const kept = rest.propose === 'odd' ? rest.odd : rest.square;
  const button = (how: 'square' | 'odd' | 'scrap', says: string) =>
    rest.propose === how ? (
      <button
        type="button"
        className="on-ink min-h-12 bg-ink px-3 text-left font-semibold text-paper disabled:opacity-60"
        disabled={put.isPending}
        onClick={() => put.mutate(how)}
      >
        {says}
      </button>
    ) : (
      <Move disabled={put.isPending} onClick={() => put.mutate(how)}>
        {says}
      </Move>
    );
  return (
    <div className="flex gap-3 p-3">
      <svg
        width={rest.sheet.width.mm / by}
        height={rest.sheet.height.mm / by}
        viewBox={`0 0 ${rest.sheet.width.mm} ${rest.sheet.height.mm}`}
        role="img"
        aria-label={`What batch ${rest.batch} left of ${rest.from}`}
        className="shrink-0"
      >
        <path d={rest.outline} fill="#fafbfa" stroke="#4d5e5c" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        {kept && (
          <path d={kept} fill={rest.film.swatch} stroke="#12201f" strokeWidth="1.4" vectorEffect="non-scaling-stroke" />
        )}
      </svg>
      <div className="flex min-w-52 flex-col gap-1.5">
        <p className="text-[15px]">
          <b className="font-semibold">Batch {rest.batch}</b>, {rest.film.name}, {rest.from}
        </p>
        {rest.square && rest.squareSize && button('square', `Shelve it square, ${shown.size(rest.squareSize)}`)}
        {rest.odd && button('odd', `Shelve it as it is, ${rest.oddArea.toFixed(3)} m²`)}
        {button('scrap', rest.square || rest.odd ? 'Into the bin' : 'Nothing worth keeping: into the bin')}
        <Trouble says={put.error?.message} />
      </div>
    </div>
  );
}
