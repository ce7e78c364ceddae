import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Docket, type Schemas } from '../api/client';
import { RECORD } from '../api/keys';
import { useChange } from '../api/queries';
import { Move, Trouble } from '../parts/basics';

/** What an order costs as it is drawn now, and what was charged. */
const chargedKey = (docket: Docket) => [RECORD, 'quote', docket.number, docket.version] as const;

export const useCharged = (docket: Docket) =>
  useQuery({
    queryKey: chargedKey(docket),
    queryFn: () => ask(api.GET('/api/dockets/{number}/quote', { params: { path: { number: docket.number } } })),
    enabled: docket.state !== 'asking',
  });

/** How a price came about, line by line. */
export function QuoteLines({ quote }: { quote: Schemas['QuoteView'] }) {
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-note underline">How it came about</summary>
      <table className="mt-1 w-full text-note">
        <tbody>
          {quote.lines.map((line) => (
            <tr key={line.what}>
              <th scope="row" className="pr-2 text-left align-top font-normal">
                {line.what}
                <span className="block text-sm text-ink2">{line.says}</span>
              </th>
              <td className="text-right align-top whitespace-nowrap">{line.amount.text}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-ink font-semibold">
            <th scope="row" className="text-left font-semibold">
              In all
            </th>
            <td className="text-right whitespace-nowrap">{quote.total.text}</td>
          </tr>
        </tfoot>
      </table>
    </details>
  );
}

/** The invoice of an order: written once, then there to be printed again. */
export function InvoiceMove({ docket }: { docket: Docket }) {
  const client = useQueryClient();
  const { data } = useCharged(docket);
  const write = useChange(
    () => ask(api.POST('/api/dockets/{number}/invoice', { params: { path: { number: docket.number } } })),
    () => client.invalidateQueries({ queryKey: chargedKey(docket) }),
  );
  if (!data || !['making', 'done'].includes(docket.state)) {
    return null;
  }
  return (
    <div className="mb-4">
      {data.invoice ? (
        <a
          href={`/api/invoices/${data.invoice.number}.pdf`}
          download
          className="inline-flex min-h-10 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
        >
          Invoice {data.invoice.tag}, {data.invoice.total.text}
        </a>
      ) : (
        <Move onClick={() => write.mutate(undefined)} disabled={write.isPending}>
          {`Write the invoice${data.agreed ? `, ${data.agreed.text}` : ''}`}
        </Move>
      )}
      <Trouble says={write.error?.message} />
    </div>
  );
}
