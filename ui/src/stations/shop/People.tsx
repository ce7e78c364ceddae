import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Move, Ready, Scroll, Trouble } from '../../parts/basics';
import { FormBox } from '../../parts/dialog';
import { NewPassword, SelectField, TextField } from '../../parts/fields';
import { asMoment } from '../../parts/time';

type Worker = Schemas['WorkerView'];

const ROLES = [
  { value: 'bench', label: 'Works at the bench' },
  { value: 'owner', label: 'Owner: sees figures, people and this page' },
];

/** What hands are put down for in the plan of the week. */
const HANDS = [
  ['size', 'Size'],
  ['cut', 'Cut'],
  ['weed', 'Weed'],
  ['apply', 'Apply'],
  ['send', 'Send'],
] as const;

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

function AddDialog({ onDone }: { onDone: () => void }) {
  const [typed, setTyped] = useState({ signIn: '', name: '', role: 'bench', password: '' });
  const set = (name: keyof typeof typed) => (value: string) => setTyped((now) => ({ ...now, [name]: value }));
  const save = useChange(() => ask(api.POST('/api/people', { body: typed })), onDone);
  const says = save.error?.fields ?? {};
  return (
    <FormBox
      open
      onClose={onDone}
      title="Somebody new"
      what="They sign in with the name and the password you give them, and set a password of their own."
      button="Add them"
      pending={save.isPending}
      onSubmit={() => save.mutate(undefined)}
    >
      <TextField label="Name" value={typed.name} onChange={set('name')} says={says.name} autoFocus />
      <TextField label="Signs in as" value={typed.signIn} onChange={set('signIn')} says={says.signIn} />
      <SelectField label="May do" value={typed.role} onChange={set('role')} says={says.role} options={ROLES} />
      <NewPassword value={typed.password} onChange={set('password')} says={says.password} />
      <Trouble says={save.error && Object.keys(says).length === 0 ? save.error.message : null} />
    </FormBox>
  );
}

function ChangeDialog({ worker, onDone }: { worker: Worker; onDone: () => void }) {
  const [typed, setTyped] = useState({
    name: worker.name,
    role: worker.role as string,
    disabled: worker.disabled,
    stations: worker.stations ?? HANDS.map(([station]) => station as string),
  });
  const save = useChange(
    () =>
      ask(
        api.PUT('/api/people/{id}', {
          params: { path: { id: worker.id } },
          body: { ...typed, version: worker.version },
        }),
      ),
    onDone,
  );
  const says = save.error?.fields ?? {};
  return (
    <FormBox
      open
      onClose={onDone}
      title={worker.name}
      what="Who is shut out is signed out at once. What they did stays in the book."
      button="Change it"
      pending={save.isPending}
      onSubmit={() => save.mutate(undefined)}
    >
      <TextField
        label="Name"
        value={typed.name}
        onChange={(name) => setTyped((now) => ({ ...now, name }))}
        says={says.name}
        autoFocus
      />
      <SelectField
        label="May do"
        value={typed.role}
        onChange={(role) => setTyped((now) => ({ ...now, role }))}
        says={says.role}
        options={ROLES}
      />
      <fieldset>
        <legend className="label">Put down in the week for</legend>
        <div className="flex flex-wrap gap-x-5">
          {HANDS.map(([station, label]) => (
            <label key={station} className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="h-5 w-5 accent-ink"
                checked={typed.stations.includes(station)}
                onChange={(event) =>
                  setTyped((now) => ({
                    ...now,
                    stations: event.target.checked
                      ? [...now.stations, station]
                      : now.stations.filter((one) => one !== station),
                  }))
                }
              />
              {label}
            </label>
          ))}
        </div>
        {says.stations && <p className="text-sm font-medium text-signal-ink">{says.stations}</p>}
      </fieldset>
      <label className="flex min-h-10 items-center gap-3">
        <input
          type="checkbox"
          className="h-5 w-5 accent-ink"
          checked={typed.disabled}
          onChange={(event) => setTyped((now) => ({ ...now, disabled: event.target.checked }))}
        />
        Shut out: may not sign in any more.
      </label>
      <Trouble says={says.disabled ?? (save.error && Object.keys(says).length === 0 ? save.error.message : null)} />
    </FormBox>
  );
}

function PasswordDialog({ worker, onDone }: { worker: Worker; onDone: () => void }) {
  const [password, setPassword] = useState('');
  const save = useChange(
    () => ask(api.POST('/api/people/{id}/password', { params: { path: { id: worker.id } }, body: { password } })),
    onDone,
  );
  return (
    <FormBox
      open
      onClose={onDone}
      title={`A new password for ${worker.name}`}
      what="They are signed out everywhere and sign in with this one."
      button="Set it"
      pending={save.isPending}
      onSubmit={() => save.mutate(undefined)}
    >
      <NewPassword value={password} onChange={setPassword} says={save.error?.fields.password} autoFocus />
      <Trouble says={save.error && !save.error.fields.password ? save.error.message : null} />
    </FormBox>
  );
}
