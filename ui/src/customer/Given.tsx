import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ask, type Problem, type Schemas } from '../api/client';
import { givenKey } from '../api/keys';
import { ProofDrawing } from '../drawing/ProofDrawing';
import { Loading, Move, NextMove, Trouble } from '../parts/basics';
import { TextField } from '../parts/fields';
import { asMoment } from '../parts/time';
import { pinsOf } from '../stations/proof/Answering';
import { ProofFacts } from '../stations/proof/ProofFacts';
import { ReadBack } from '../stations/proof/ReadBack';

type GivenProof = Schemas['GivenProofView'];

/** A customer's own page: look closely, read the spelling, say yes or what should be different. */
export function Given({ token }: { token: string }) {
  const query = useQuery<GivenProof, Problem>({
    queryKey: givenKey(token),
    queryFn: () => ask(api.GET('/api/given/{token}', { params: { path: { token } } })),
    refetchOnWindowFocus: true,
  });
  useEffect(() => {
    if (query.data) {
      document.title = `Your proof ${query.data.tag}`;
    }
  }, [query.data]);
  if (query.error) {
    return (
      <main className="mx-auto max-w-xl p-5">
        <h1 className="title mb-3">This proof cannot be shown</h1>
        <Trouble says={query.error.message} />
      </main>
    );
  }
  return query.data ? <Page token={token} given={query.data} /> : <Loading what="your proof" />;
}

function Page({ token, given }: { token: string; given: GivenProof }) {
  const { proof } = given;
  const [spot, setSpot] = useState<Schemas['SpotView'] | null>(null);
  const pins = [
    ...pinsOf(given.changeRequests, proof.nth).flatMap((request) =>
      request.spot ? [{ spot: request.spot, label: request.label }] : [],
    ),
    ...(spot ? [{ spot, label: '?' }] : []),
  ];
  const waiting = given.state === 'waiting';
  return (
    <div className="min-h-full bg-ground">
      <header className="border-b border-rule bg-paper px-4 py-3">
        <p className="label">{given.shop}</p>
        <h1 className="title">
          Your proof {given.tag}
          <span className="text-ink2">, version {proof.nth}</span>
        </h1>
      </header>
      <main className="mx-auto grid max-w-[1080px] gap-5 p-4 md:grid-cols-[1fr_360px]">
        <div className="min-w-0">
          <p
            role="status"
            className={`mb-3 border-l-4 bg-paper px-3 py-2 ${waiting ? 'border-ink' : 'border-signal font-medium'}`}
          >
            {given.says}
          </p>
          <section aria-label="The drawing" className="border border-rule bg-paper">
            {proof.parts.length > 1 ? (
              <ProofDrawing proof={proof} />
            ) : (
              <div className="h-[62vw] max-h-[430px] min-h-[220px]">
                <ProofDrawing proof={proof} pins={pins} onPin={waiting ? setSpot : undefined} rulers={false} />
              </div>
            )}
          </section>
          <p className="mt-1 text-sm text-ink2">
            Drawn to scale: every outline here is what the knife will cut.
            {proof.mirrored && ' It is cut mirrored, for the inside of the glass, and reads as shown.'}
          </p>
          {proof.readOut.length > 0 && (
            <section className="mt-5" aria-labelledby="spelling">
              <h2 id="spelling" className="title mb-2">
                Is it spelled right?
              </h2>
              <ReadBack lines={proof.readOut} />
              {proof.spelling.map((says) => (
                <p key={says} className="mt-2 font-medium text-signal-ink">
                  {says}
                </p>
              ))}
            </section>
          )}
        </div>
        <div className="min-w-0">
          {waiting && <Answer token={token} given={given} spot={spot} onSent={() => setSpot(null)} />}
          {given.changeRequests.length > 0 && (
            <section className="mb-5">
              <h2 className="label mb-1">You asked for</h2>
              <ul className="flex flex-col gap-2">
                {pinsOf(given.changeRequests, proof.nth).map((request) => (
                  <li key={request.id} className="flex gap-2 text-note">
                    <span className="flex h-6 w-6 shrink-0 items-center justify-center border-2 border-ink font-semibold">
                      {request.label}
                    </span>
                    <p>
                      “{request.note}” <span className="block text-sm text-ink2">{asMoment(request.at)}</span>
                    </p>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section aria-label="What it will be">
            <ProofFacts proof={proof} />
            <a
              href={`/api/given/${token}/proof.pdf`}
              download
              className="mt-4 inline-flex min-h-12 items-center border border-ink bg-paper px-4 font-medium"
            >
              Keep it as PDF, to scale
            </a>
          </section>
        </div>
      </main>
    </div>
  );
}

/** Yes, or what should be different. */
function Answer({
  token,
  given,
  spot,
  onSent,
}: {
  token: string;
  given: GivenProof;
  spot: Schemas['SpotView'] | null;
  onSent: () => void;
}) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const [sent, setSent] = useState(false);
  const path = { params: { path: { token } } };
  const shown = (fresh: GivenProof) => client.setQueryData(givenKey(token), fresh);
  const again = () => client.invalidateQueries({ queryKey: givenKey(token) });
  const yes = useMutation<GivenProof, Problem>({
    mutationFn: () => ask(api.POST('/api/given/{token}/yes', { ...path, body: { name } })),
    onSuccess: shown,
    onError: (problem) => problem.status === 409 && again(),
  });
  const request = useMutation<GivenProof, Problem>({
    mutationFn: () =>
      ask(api.POST('/api/given/{token}/change', { ...path, body: { name, note, x: spot?.x, y: spot?.y } })),
    onSuccess: (fresh) => {
      shown(fresh);
      setNote('');
      setSent(true);
      onSent();
    },
    onError: (problem) => problem.status === 409 && again(),
  });
  const says = yes.error?.fields.name ?? request.error?.fields.name;
  const trouble = [yes.error, request.error].find((error) => error && Object.keys(error.fields).length === 0)?.message;
  return (
    <section className="mb-5 flex flex-col gap-3 border-2 border-ink bg-paper p-4" aria-label="Your answer">
      <TextField label="Your name" value={name} onChange={setName} says={says} autoComplete="name" />
      <NextMove keys="" onClick={() => yes.mutate()} disabled={yes.isPending}>
        Yes, make it exactly like this
      </NextMove>
      <Trouble says={trouble} />
      <div className="border-t border-rule pt-3">
        <TextField
          label="Or what should differ?"
          hint={given.proof.parts.length > 1 ? undefined : spot ? 'pinned' : 'tap the drawing to pin it'}
          value={note}
          onChange={(value) => {
            setNote(value);
            setSent(false);
          }}
          lines={3}
          says={request.error?.fields.note}
        />
        <Move tall className="mt-2 w-full" onClick={() => request.mutate()} disabled={request.isPending}>
          Ask for the change
        </Move>
        {sent && (
          <p role="status" className="mt-2 font-medium">
            Sent to the shop. You get a new proof to look at.
          </p>
        )}
      </div>
    </section>
  );
}
