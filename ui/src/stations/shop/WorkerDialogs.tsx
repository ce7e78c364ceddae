import { useState } from 'react';
import { api, ask } from '../../api/client';
import { useChange } from '../../api/queries';
import { Trouble } from '../../parts/basics';
import { FormBox } from '../../parts/dialog';
import { NewPassword, SelectField, TextField } from '../../parts/fields';
import { HANDS, ROLES, type Worker } from './roles';

export function AddDialog({ onDone }: { onDone: () => void }) {
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

export function ChangeDialog({ worker, onDone }: { worker: Worker; onDone: () => void }) {
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

export function PasswordDialog({ worker, onDone }: { worker: Worker; onDone: () => void }) {
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
