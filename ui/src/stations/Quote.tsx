import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { api, ask, type Docket, type Schemas } from '../api/client';
import { RECORD } from '../api/keys';
import { useChange } from '../api/queries';
import { Move, Section, Trouble } from '../parts/basics';

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

/** What is charged for an order: its invoice, that it was paid, and what it really cost beside what was quoted. */
export function InvoiceMove({ docket }: { docket: Docket }) {
  const client = useQueryClient();
  const { data } = useCharged(docket);
  const write = useChange(
    () => ask(api.POST('/api/dockets/{number}/invoice', { params: { path: { number: docket.number } } })),
    () => client.invalidateQueries({ queryKey: chargedKey(docket) }),
  );
  const isAgreed = ['making', 'done'].includes(docket.state);
  if (!data || (!isAgreed && data.invoice === null && data.credits.length === 0)) {
    return null;
  }
  return (
    <Section title="Money">
      <div className="flex flex-wrap items-center gap-2">
        {data.invoice ? (
          <>
            <PaperLink href={`/api/invoices/${data.invoice.number}.pdf`}>
              Invoice {data.invoice.tag}, {data.invoice.total.text}
            </PaperLink>
            {data.receipt ? (
              <PaperLink href={`/api/receipts/${data.receipt.number}.pdf`}>
                Receipt {data.receipt.tag}, paid {data.receipt.says}
              </PaperLink>
            ) : (
              isAgreed && data.owed.minor > 0 && <Paid invoice={data.invoice.number} docket={docket} />
            )}
          </>
        ) : (
          isAgreed && (
            <Move onClick={() => write.mutate(undefined)} disabled={write.isPending}>
              {`Write the invoice${data.agreed ? `, ${data.agreed.text}` : ''}`}
            </Move>
          )
        )}
      </div>
      {data.credits.map((note) => (
        <p key={note.number} className="mt-2 flex flex-wrap items-center gap-2 text-note">
          <PaperLink href={`/api/invoices/${note.invoice}.pdf`}>Invoice {note.invoiceTag}</PaperLink>
          <PaperLink href={`/api/credits/${note.number}.pdf`}>Taken back by {note.tag}</PaperLink>
          {note.why}
        </p>
      ))}
      <Owed owed={data.owed} isPaid={data.receipt !== null} />
      <Trouble says={write.error?.message} />
      {data.cost && <RealCost cost={data.cost} isDone={docket.state === 'done'} />}
    </Section>
  );
}

/** One sum, invoices less credits less receipts. */
function Owed({ owed, isPaid }: { owed: Schemas['MoneyView']; isPaid: boolean }) {
  if (owed.minor === 0) {
    return isPaid ? <p className="mt-2 text-note">Nothing is owed.</p> : null;
  }
  return (
    <p className="mt-2 text-note">
      <b className="font-semibold">
        {owed.minor > 0 ? `${owed.text} is owed.` : `${owed.text.replace('-', '')} is to be given back.`}
      </b>
    </p>
  );
}

function PaperLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a
      href={href}
      download
      className="inline-flex min-h-10 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
    >
      {children}
    </a>
  );
}

const WAYS = [
  ['cash', 'Cash'],
  ['card', 'Card'],
  ['transfer', 'Transfer'],
] as const;

function Paid({ invoice, docket }: { invoice: number; docket: Docket }) {
  const client = useQueryClient();
  const paid = useChange(
    (paidBy: string) =>
      ask(api.POST('/api/invoices/{number}/receipt', { params: { path: { number: invoice } }, body: { paidBy } })),
    () => client.invalidateQueries({ queryKey: chargedKey(docket) }),
  );
  return (
    <fieldset className="flex items-center gap-1">
      <legend className="sr-only">Paid how</legend>
      <span className="px-1 text-ink2">Paid by</span>
      {WAYS.map(([way, label]) => (
        <Move key={way} onClick={() => paid.mutate(way)} disabled={paid.isPending}>
          {label}
        </Move>
      ))}
      <Trouble says={paid.error?.message} />
    </fieldset>
  );
}

const kept = (left: Schemas['MoneyView']) =>
  left.minor < 0 ? `${left.text.replace('-', '')} short` : `${left.text} left`;

/** Line by line what was quoted, and what it took: at cost, with nothing added. */
function RealCost({ cost, isDone }: { cost: Schemas['RealCostView']; isDone: boolean }) {
  const isQuoted = cost.lines.some((line) => line.quoted);
  return (
    <details className="mt-2">
      <summary className="cursor-pointer underline">
        {isDone ? 'What it really cost' : 'What it has cost so far'}: {cost.cost.text}
        {isDone && cost.left && `, ${kept(cost.left)}`}
      </summary>
      <table className="mt-1 w-full text-note">
        <thead>
          <tr className="label border-b border-ink text-left">
            <th className="py-1 font-semibold">For</th>
            {isQuoted && <th className="text-right font-semibold">Quoted</th>}
            <th className="pl-4 text-right font-semibold">Cost</th>
          </tr>
        </thead>
        <tbody>
          {cost.lines.map((line) => (
            <tr key={line.what} className="border-b border-rule">
              <th scope="row" className="py-0.5 text-left font-normal">
                {line.what}
                {line.says && <span className="block text-sm text-ink2">{line.says}</span>}
              </th>
              {isQuoted && <td className="text-right align-top whitespace-nowrap">{line.quoted?.text ?? ''}</td>}
              <td className="pl-4 text-right align-top whitespace-nowrap">{line.cost?.text ?? ''}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-ink font-semibold">
            <th scope="row" className="text-left font-semibold">
              {isQuoted ? 'Agreed, without its tax, and cost' : 'Cost'}
            </th>
            {isQuoted && <td className="text-right whitespace-nowrap">{cost.price?.text ?? 'open'}</td>}
            <td className="pl-4 text-right whitespace-nowrap">{cost.cost.text}</td>
          </tr>
        </tfoot>
      </table>
    </details>
  );
}
