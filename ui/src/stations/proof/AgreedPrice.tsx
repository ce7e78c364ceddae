import { useState } from 'react';
import { api, ask, type Docket, type Proof } from '../../api/client';
import { useDocketChange } from '../../api/queries';
import { Move, Section } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { QuoteLines, useCharged } from '../Quote';
import { asPrice } from './ProofFacts';

/** What the order costs, where that is agreed; a proof says it from the next version on. */
export function Price({ docket, proof }: { docket: Docket; proof: Proof }) {
  const [price, setPrice] = useState(docket.price === null ? '' : asPrice(docket.price));
  const keep = useDocketChange(docket, (version) =>
    ask(
      api.PUT('/api/dockets/{number}/price', {
        params: { path: { number: docket.number } },
        body: { version, price },
      }),
    ),
  );
  const asked = docket.price === null ? '' : asPrice(docket.price);
  const proposed = useCharged(docket).data?.quote;
  return (
    <Section title="Price">
      <div className="flex items-end gap-2">
        <div className="flex-1">
          <TextField
            label="For all of it"
            placeholder="by its film and minutes"
            value={price}
            onChange={setPrice}
            says={keep.error?.fields.price}
          />
        </div>
        <Move onClick={() => keep.mutate(undefined)} disabled={keep.isPending || price === asked}>
          Keep
        </Move>
      </div>
      {proposed && (
        <>
          <p className="mt-1 flex items-center gap-2">
            <span className="flex-1">
              By its film and minutes: <b className="font-semibold">{proposed.total.text}</b>
            </span>
            {asPrice(proposed.total.minor) !== price && (
              <Move onClick={() => setPrice(asPrice(proposed.total.minor))}>Take it</Move>
            )}
          </p>
          <QuoteLines quote={proposed} />
        </>
      )}
      {docket.price !== proof.terms.price && (
        <p className="mt-1 text-sm text-ink2">This version was made with another price. The newest says the new one.</p>
      )}
      {docket.price !== null && (
        <a href={`/api/dockets/${docket.number}/quote.pdf`} download className="mt-1 inline-flex min-h-6 underline">
          The quote as PDF
        </a>
      )}
    </Section>
  );
}
