import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Docket, type Schemas, type Sent } from '../../api/client';
import { useDocketChange } from '../../api/queries';
import { FormBox } from '../../parts/dialog';

type Wanted = { items: Sent[]; numbers: number[] };

/** Changes a taken order: what that sets back is said first, and done when it is said to be meant. */
export function useOrderChange(docket: Docket | null) {
  const navigate = useNavigate();
  const [looked, setLooked] = useState<(Wanted & { change: Schemas['OrderChangeView'] }) | null>(null);
  const send = useDocketChange(
    docket,
    async (version, { items, numbers, sure }: Wanted & { sure: boolean }) => {
      const [answers, ...others] = items as [Sent, ...Sent[]];
      const change = await ask(
        api.POST('/api/dockets/{number}/change', {
          params: { path: { number: docket?.number ?? 0 } },
          body: { version, answers, others, items: numbers, sure },
        }),
      );
      setLooked(sure ? null : { items, numbers, change });
      return { number: docket?.number ?? 0, version: change.docket?.version ?? version, change };
    },
    ({ change }) => {
      if (change.docket) {
        const { state, number, station } = change.docket;
        navigate(
          state === 'sizing' ? `/size/${number}` : state === 'proofing' ? `/proof/${number}` : `/${station ?? 'ask'}`,
        );
      }
    },
    'when told',
  );
  const change = looked?.change;
  return {
    send,
    look: (wanted: Wanted) => send.mutate({ ...wanted, sure: false }),
    dialog: (
      <FormBox
        open={change !== undefined}
        onClose={() => setLooked(null)}
        title={change?.says.length ? `Change ${docket?.tag}?` : 'Nothing is different'}
        what={change?.says.length ? 'What is different goes into the book.' : 'The order stays as it is.'}
        button="Change it"
        pending={send.isPending || !change?.says.length}
        onSubmit={() => looked && send.mutate({ items: looked.items, numbers: looked.numbers, sure: true })}
      >
        <ul className="mb-3 list-disc pl-5">
          {change?.says.map((says) => (
            <li key={says} className="py-0.5">
              {says}
            </li>
          ))}
        </ul>
        {change !== undefined && change.says.length > 0 && (
          <>
            <p className="label">What that sets back</p>
            {change.setsBack.length === 0 ? (
              <p className="text-ink2">Nothing: no new proof, nothing is made anew.</p>
            ) : (
              <ul className="list-disc pl-5 font-medium">
                {change.setsBack.map((says) => (
                  <li key={says} className="py-0.5">
                    {says}
                  </li>
                ))}
              </ul>
            )}
          </>
        )}
      </FormBox>
    ),
  };
}
