import { api, ask, type Batch } from '../../api/client';
import { useChange } from '../../api/queries';
import { Caution, Move, Section, Trouble } from '../../parts/basics';
import { until, useNow } from '../../parts/time';

/** What is printed before it is cut: the print itself, then its clear coats, each dry before the next. */
export function PrintFirst({ batch }: { batch: Batch }) {
  const { printing } = batch;
  const path = { params: { path: { id: batch.id } }, body: { version: batch.version } };
  const printed = useChange(() => ask(api.POST('/api/batches/{id}/printed', path)));
  const coated = useChange(() => ask(api.POST('/api/batches/{id}/coated', path)));
  const now = useNow(10_000);
  if (!printing) {
    return null;
  }
  const left = printing.dryAt === null ? null : until(printing.dryAt, now);
  const wet = left !== null;
  const busy = printed.isPending || coated.isPending;
  return (
    <Section title="Printed first" signal={printing.next !== 'ready' || wet}>
      <a
        className="mb-2 flex min-h-12 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
        href={`/api/batches/${batch.id}/print.pdf`}
        download
      >
        The print, true to size
      </a>
      {printing.next === 'print' ? (
        <Move tall className="w-full" onClick={() => printed.mutate(undefined)} disabled={busy}>
          It is printed at 100 %
        </Move>
      ) : (
        <>
          <p role="status" className="mb-2">
            {printing.coats} of {printing.of} clear coats are on it
            {wet ? `; dry in ${left}.` : printing.next === 'ready' ? ', all dry.' : ', dry.'}
          </p>
          {printing.next === 'coat' && (
            <>
              <Caution>Spray coats burn: outdoors or good air, no flame, no sparks, mask to the maker’s sheet.</Caution>
              <Move tall className="mt-2 w-full" onClick={() => coated.mutate(undefined)} disabled={busy || wet}>
                Clear coat {printing.coats + 1} is on it
              </Move>
            </>
          )}
          <button
            type="button"
            className="mt-2 min-h-8 text-sm underline"
            onClick={() => printed.mutate(undefined)}
            disabled={busy}
          >
            Printed again
          </button>
        </>
      )}
      <Trouble says={printed.error?.message ?? coated.error?.message} />
    </Section>
  );
}
