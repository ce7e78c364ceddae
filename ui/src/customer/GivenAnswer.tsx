import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Problem } from '../api/client';
import { givenKey } from '../api/keys';
import { Move, NextMove, Trouble } from '../parts/basics';
import { TextField } from '../parts/fields';
import { asDay } from '../parts/time';
import { Deciding } from '../stations/Deciding';
import type { GivenProof, Pinned } from './Given';

/** Yes, or what should be different. */
export function Answer({
  token,
  given,
  pinned,
  onSent,
}: {
  token: string;
  given: GivenProof;
  pinned: Pinned | null;
  onSent: () => void;
}) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const [sent, setSent] = useState(false);
  const path = { params: { path: { token } } };
  const shown = (fresh: GivenProof) => client.setQueryData(givenKey(token), fresh);
  const again = () => client.invalidateQueries({ queryKey: givenKey(token) });
  const yes = useMutation<GivenProof, Problem, boolean>({
    mutationFn: (asItIs) => ask(api.POST('/api/given/{token}/yes', { ...path, body: { name, asItIs } })),
    onSuccess: shown,
    onError: (problem) => problem.status === 409 && again(),
  });
  const request = useMutation<GivenProof, Problem>({
    mutationFn: () =>
      ask(
        api.POST('/api/given/{token}/change', {
          ...path,
          body: { name, note, x: pinned?.spot.x, y: pinned?.spot.y, item: pinned?.item ?? 0 },
        }),
      ),
    onSuccess: (fresh) => {
      shown(fresh);
      setNote('');
      setSent(true);
      onSent();
    },
    onError: (problem) => problem.status === 409 && again(),
  });
  const pinnable = given.proof.pages.some((page) => page.art.parts.length === 1);
  const says = yes.error?.fields.name ?? request.error?.fields.name;
  const trouble = [yes.error, request.error].find((error) => error && Object.keys(error.fields).length === 0)?.message;
  return (
    <section className="mb-5 flex flex-col gap-3 border-2 border-ink bg-paper p-4" aria-label="Your answer">
      <TextField label="Your name" value={name} onChange={setName} says={says} autoComplete="name" />
      {given.quote && (
        <Deciding
          dayLabel="Used on"
          day={asDay(given.proof.pages[0]?.terms.neededOn || null)}
          price={given.quote.total.text}
        />
      )}
      <NextMove keys="" onClick={() => yes.mutate(false)} disabled={yes.isPending}>
        {given.proof.pages.length > 1 ? 'Yes, make all of it exactly like this' : 'Yes, make it exactly like this'}
      </NextMove>
      {yes.error?.fields.asItIs && (
        <div role="alert" className="border-l-4 border-signal pl-2">
          <p className="mb-2">{yes.error.fields.asItIs}</p>
          <Move tall className="w-full" onClick={() => yes.mutate(true)} disabled={yes.isPending}>
            Yes, as it is, without that
          </Move>
        </div>
      )}
      <Trouble says={trouble} />
      <div className="border-t border-rule pt-3">
        <TextField
          label="Or what should differ?"
          hint={pinned ? 'pinned' : pinnable ? 'tap the drawing to pin it' : undefined}
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
