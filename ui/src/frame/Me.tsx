import { useState } from 'react';
import { api, ask, type Schemas } from '../api/client';
import { useChange } from '../api/queries';
import { Trouble } from '../parts/basics';
import { FormBox } from '../parts/dialog';
import { NewPassword, TextField } from '../parts/fields';

/** Whoever is signed in: a password of their own, and the way out. */
export function Me({ who }: { who: Schemas['MeView'] }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="min-h-8" title="Set another password" onClick={() => setOpen(true)}>
        {who.name}
      </button>
      <button
        type="button"
        className="-ml-3 min-h-8"
        title={`${who.name} is signed in`}
        onClick={() => ask(api.POST('/api/sign-out')).finally(() => window.location.assign('/'))}
      >
        · sign out
      </button>
      {open && <PasswordBox onClose={() => setOpen(false)} />}
    </>
  );
}

function PasswordBox({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState({ old: '', password: '' });
  const save = useChange(() => ask(api.POST('/api/me/password', { body: typed })), onClose);
  const says = save.error?.fields ?? {};
  return (
    <FormBox
      open
      onClose={onClose}
      title="Your password"
      what="Other browsers you are signed in with are signed out."
      button="Set it"
      pending={save.isPending}
      onSubmit={() => save.mutate(undefined)}
    >
      <TextField
        label="The one you have"
        type="password"
        value={typed.old}
        onChange={(old) => setTyped((now) => ({ ...now, old }))}
        says={says.old}
        autoComplete="current-password"
        autoFocus
      />
      <NewPassword
        label="The new one"
        value={typed.password}
        onChange={(password) => setTyped((now) => ({ ...now, password }))}
        says={says.password}
      />
      <Trouble says={save.error && Object.keys(says).length === 0 ? save.error.message : null} />
    </FormBox>
  );
}
