import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Move, Ready, Scroll, Trouble } from '../../parts/basics';
import { asMoment } from '../../parts/time';
import type { Worker } from './roles';
import { AddDialog, ChangeDialog, PasswordDialog } from './WorkerDialogs';

type Doing = { kind: 'add' } | { kind: 'change' | 'password'; worker: Worker } | null;

/** Who works here, and who is signed in where. For the owner. */
export function People() {
  const query = useQuery({ queryKey: [RECORD, 'people'], queryFn: () => ask(api.GET('/api/people')), retry: false });
  const [doing, setDoing] = useState<Doing>(null);
  const done = () => setDoing(null);
  return (
    <Ready query={query} what="the people">
      {({ people, signedIn }) => (
        <Scroll label="People" className="h-full bg-paper px-8 py-5">
          <div className="mb-3 flex max-w-4xl items-baseline justify-between">
            <h2 className="title">People</h2>
            <Move onClick={() => setDoing({ kind: 'add' })}>Add somebody</Move>
          </div>
          <ul className="mb-8 max-w-4xl border-t border-ink">
            {people.map((worker) => (
              <li key={worker.id} className="flex min-h-14 items-center gap-4 border-b border-rule py-2">
                <div className="min-w-0 flex-1">
                  <span className={`font-semibold ${worker.disabled ? 'text-ink2 line-through' : ''}`}>
                    {worker.name}
                  </span>
                  <span className="block text-sm text-ink2">
                    signs in as {worker.signIn} · {worker.disabled ? 'shut out' : worker.role}
                    {worker.stations &&
                      ` · in the week for ${worker.stations.length === 0 ? 'nothing' : worker.stations.join(', ')}`}
                  </span>
                </div>
                <Move
                  onClick={() => setDoing({ kind: 'password', worker })}
                  title={`A new password for ${worker.name}`}
                >
                  New password
                </Move>
                <Move onClick={() => setDoing({ kind: 'change', worker })} title={`Change ${worker.name}`}>
                  Change
                </Move>
              </li>
            ))}
          </ul>
          <SignedIn signedIn={signedIn} />
          <Security />
          {doing?.kind === 'add' && <AddDialog onDone={done} />}
          {doing?.kind === 'change' && <ChangeDialog key={doing.worker.version} worker={doing.worker} onDone={done} />}
          {doing?.kind === 'password' && <PasswordDialog worker={doing.worker} onDone={done} />}
        </Scroll>
      )}
    </Ready>
  );
}

function SignedIn({ signedIn }: { signedIn: Schemas['SignedInView'][] }) {
  const end = useChange((id: number) => ask(api.POST('/api/signed-in/{id}/end', { params: { path: { id } } })));
  return (
    <section className="mb-8 max-w-4xl">
      <h3 className="title mb-1">Signed in now</h3>
      <p className="mb-2 text-ink2">A sign-in ends after a day, or after eight hours in which nothing was asked for.</p>
      <Trouble says={end.error?.message} />
      <table className="w-full text-note">
        <thead>
          <tr className="label border-b border-ink text-left">
            <th className="py-1 pr-4 font-semibold">Who</th>
            <th className="pr-4 font-semibold">Since</th>
            <th className="pr-4 font-semibold">Last used</th>
            <th className="pr-4 font-semibold">From</th>
            <th className="font-semibold">
              <span className="sr-only">End it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {signedIn.map((one) => (
            <tr key={one.id} className="border-b border-rule">
              <td className="py-1.5 pr-4 font-semibold whitespace-nowrap">{one.name}</td>
              <td className="pr-4 whitespace-nowrap">{asMoment(one.at)}</td>
              <td className="pr-4 whitespace-nowrap">{asMoment(one.seenAt)}</td>
              <td className="max-w-80 truncate pr-4">
                {one.browser}, {one.address}
              </td>
              <td className="py-1 text-right">
                {one.isThis ? (
                  <span className="text-ink2">this browser</span>
                ) : (
                  <Move onClick={() => end.mutate(one.id)} title={`Sign ${one.name} out there`}>
                    Sign out
                  </Move>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What is tried at the door and who was given what: not in the book, which everybody reads. */
function Security() {
  const query = useQuery({ queryKey: [RECORD, 'security'], queryFn: () => ask(api.GET('/api/security')) });
  return (
    <section className="max-w-4xl">
      <h3 className="title mb-1">At the door</h3>
      <p className="mb-2 text-ink2">Sign-ins good and bad, links, rights, figures, backups. Kept for a year.</p>
      <Ready query={query} what="what happened at the door">
        {({ events }) => (
          <table className="w-full text-note">
            <thead>
              <tr className="label border-b border-ink text-left">
                <th className="py-1 pr-4 font-semibold">When</th>
                <th className="pr-4 font-semibold">Who</th>
                <th className="pr-4 font-semibold">From</th>
                <th className="font-semibold">What</th>
              </tr>
            </thead>
            <tbody>
              {events.map((event) => (
                <tr key={event.id} className="border-b border-rule">
                  <td className="py-1.5 pr-4 whitespace-nowrap">{asMoment(event.at)}</td>
                  <td className="max-w-48 truncate pr-4">{event.who}</td>
                  <td className="pr-4 whitespace-nowrap">{event.address}</td>
                  <td>{event.says}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Ready>
    </section>
  );
}
