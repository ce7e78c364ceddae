import { Link } from 'react-router';
import { api, ask, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { Move, Trouble, useShown } from '../../parts/basics';

type Remnant = Schemas['RemnantView'];
type How = 'square' | 'odd' | 'scrap';

/** What cuts left, each with what Yelbo would do with it: one touch puts it away. */
export function Remnants({ remnants, many }: { remnants: Remnant[]; many: number }) {
  return (
    <section aria-label="Left from cuts" className="mb-4">
      <h3 className="label mb-1">
        Left from cuts, to be put away{many > remnants.length && `: the newest ${remnants.length} of ${many}`}
      </h3>
      <ul className="grid max-h-80 grid-cols-3 gap-3 overflow-auto">
        {remnants.map((remnant) => (
          <li key={remnant.batch} className="border border-ink bg-ground">
            <RemnantRow remnant={remnant} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The newest of them in one line, where the cutter stands; the others are in Stock. */
export function LastRemnant({ remnants, many }: { remnants: Remnant[]; many: number }) {
  const last = remnants[0];
  return last ? (
    <section aria-label="Left from the last cut" className="flex flex-wrap items-center gap-2 px-4 py-2">
      <RemnantRow key={last.batch} remnant={last} line />
      {many > 1 && (
        <Link className="ml-auto inline-flex min-h-12 items-center underline" to="/stock">
          {many - 1} more
        </Link>
      )}
    </section>
  ) : null;
}

/** A length is never broken; a size only between its two where there is no other way. */
const unbroken = (size: string) => size.replaceAll(/(?<!×) /g, '\u00a0');

function RemnantRow({ remnant, line = false }: { remnant: Remnant; line?: boolean }) {
  const shown = useShown();
  const put = useChange((how: How) =>
    ask(
      api.POST('/api/batches/{id}/remnant', {
        params: { path: { id: remnant.batch } },
        body: { version: remnant.version, how },
      }),
    ),
  );
  const moves: [How, string][] = [];
  if (remnant.square && remnant.squareSize) {
    moves.push(['square', `Shelve it square, ${unbroken(shown.size(remnant.squareSize))}`]);
  }
  if (remnant.odd) {
    moves.push(['odd', `Shelve it as it is, ${unbroken(`${remnant.oddArea.toFixed(3)} m²`)}`]);
  }
  moves.push(['scrap', moves.length > 0 ? 'Into the bin' : 'Nothing worth keeping: into the bin']);
  return (
    <div className={line ? 'flex flex-wrap items-center gap-2' : 'flex gap-3 p-3'}>
      <Left remnant={remnant} high={line ? 40 : 96} />
      <div className={line ? 'flex flex-wrap items-center gap-2' : 'flex min-w-0 flex-1 flex-col gap-1.5'}>
        <p className="text-note">
          {line ? (
            <b className="font-semibold">Left of batch {remnant.batch}</b>
          ) : (
            <>
              <b className="font-semibold">Batch {remnant.batch}</b>, {remnant.film.name},{' '}
              <span className="whitespace-nowrap">{remnant.from}</span>
            </>
          )}
        </p>
        {moves.map(([how, says]) =>
          remnant.propose === how ? (
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
function Left({ remnant, high }: { remnant: Remnant; high: number }) {
  const by = Math.max(remnant.sheet.width.mm / 60, remnant.sheet.height.mm / high);
  const kept = remnant.propose === 'odd' ? remnant.odd : remnant.square;
  return (
    <svg
      width={remnant.sheet.width.mm / by}
      height={remnant.sheet.height.mm / by}
      viewBox={`0 0 ${remnant.sheet.width.mm} ${remnant.sheet.height.mm}`}
      role="img"
      aria-label={`What batch ${remnant.batch} left of ${remnant.from}`}
      className="shrink-0"
    >
      <path
        d={remnant.outline}
        fill="var(--color-paper)"
        stroke="var(--color-ink2)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      {kept && (
        <path
          d={kept}
          fill={remnant.film.swatch}
          stroke="var(--color-ink)"
          strokeWidth="1.4"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
