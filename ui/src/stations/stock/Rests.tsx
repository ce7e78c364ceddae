import { Link } from 'react-router';
import { api, ask, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { Move, Trouble, useShown } from '../../parts/basics';

type Rest = Schemas['RestView'];
type How = 'square' | 'odd' | 'scrap';

/** What cuts left, each with what Yelbo would do with it: one touch puts it away. */
export function Rests({ rests }: { rests: Rest[] }) {
  return (
    <section aria-label="Left from cuts" className="mb-4">
      <h3 className="label mb-1">Left from cuts, to be put away</h3>
      <ul className="grid max-h-80 grid-cols-3 gap-3 overflow-auto">
        {rests.map((rest) => (
          <li key={rest.batch} className="border border-ink bg-ground">
            <RestRow rest={rest} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The newest of them in one line, where the cutter stands; the others are in Stock. */
export function LastRest({ rests }: { rests: Rest[] }) {
  const last = rests.at(-1);
  return last ? (
    <section aria-label="Left from the last cut" className="flex flex-wrap items-center gap-2 px-4 py-2">
      <RestRow key={last.batch} rest={last} line />
      {rests.length > 1 && (
        <Link className="ml-auto inline-flex min-h-12 items-center underline" to="/stock">
          {rests.length - 1} more
        </Link>
      )}
    </section>
  ) : null;
}

/** A length is never broken; a size only between its two where there is no other way. */
const unbroken = (size: string) => size.replaceAll(/(?<!×) /g, '\u00a0');

function RestRow({ rest, line = false }: { rest: Rest; line?: boolean }) {
  const shown = useShown();
  const put = useChange((how: How) =>
    ask(
      api.POST('/api/batches/{id}/rest', {
        params: { path: { id: rest.batch } },
        body: { version: rest.version, how },
      }),
    ),
  );
  const moves: [How, string][] = [];
  if (rest.square && rest.squareSize) {
    moves.push(['square', `Shelve it square, ${unbroken(shown.size(rest.squareSize))}`]);
  }
  if (rest.odd) {
    moves.push(['odd', `Shelve it as it is, ${unbroken(`${rest.oddArea.toFixed(3)} m²`)}`]);
  }
  moves.push(['scrap', moves.length > 0 ? 'Into the bin' : 'Nothing worth keeping: into the bin']);
  return (
    <div className={line ? 'flex flex-wrap items-center gap-2' : 'flex gap-3 p-3'}>
      <Left rest={rest} high={line ? 40 : 96} />
      <div className={line ? 'flex flex-wrap items-center gap-2' : 'flex min-w-0 flex-1 flex-col gap-1.5'}>
        <p className="text-[15px]">
          {line ? (
            <b className="font-semibold">Left of batch {rest.batch}</b>
          ) : (
            <>
              <b className="font-semibold">Batch {rest.batch}</b>, {rest.film.name},{' '}
              <span className="whitespace-nowrap">{rest.from}</span>
            </>
          )}
        </p>
        {moves.map(([how, says]) =>
          rest.propose === how ? (
            <button
              key={how}
              type="button"
              className="on-ink min-h-12 bg-ink px-3 py-1.5 text-left font-semibold text-paper disabled:opacity-60"
              disabled={put.isPending}
              onClick={() => put.mutate(how)}
            >
              {says}
            </button>
          ) : (
            <Move key={how} tall={line} disabled={put.isPending} onClick={() => put.mutate(how)}>
              {says}
            </Move>
          ),
        )}
        <Trouble says={put.error?.message} />
      </div>
    </div>
  );
}

/** The sheet, with what would be kept of it in its colour. */
function Left({ rest, high }: { rest: Rest; high: number }) {
  const by = Math.max(rest.sheet.width.mm / 60, rest.sheet.height.mm / high);
  const kept = rest.propose === 'odd' ? rest.odd : rest.square;
  return (
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
  );
}
