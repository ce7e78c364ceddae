import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../api/client';
import { NextMove, Trouble } from '../parts/basics';
import { NewPassword, TextField } from '../parts/fields';

/** The door: a name and a password; in a shop nobody works in yet, whoever reads the code makes its owner. */
export function SignIn({ shop, needsOwner }: { shop: string; needsOwner: boolean }) {
  return (
    <main className="flex h-full items-center justify-center">
      <div className="w-[min(400px,92vw)] border-2 border-ink bg-paper p-8">
        <h1 className="font-label text-count leading-9 font-semibold">Yelbo</h1>
        <p className="mb-6 font-label text-xl text-ink2">{shop}</p>
        {needsOwner ? <FirstOwner /> : <Door />}
      </div>
    </main>
  );
}

function FirstOwner() {
  const client = useQueryClient();
  const [typed, setTyped] = useState({ code: '', name: '', signIn: '', password: '' });
  const [fault, setFault] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const set = (name: keyof typeof typed) => (value: string) => setTyped((now) => ({ ...now, [name]: value }));
  const says = fault?.fields ?? {};
  const go = async () => {
    setBusy(true);
    try {
      await ask(api.POST('/api/first-owner', { body: typed }));
      await ask(
        api.POST('/api/sign-in', { body: { signIn: typed.signIn.trim().toLowerCase(), password: typed.password } }),
      );
      await client.invalidateQueries();
    } catch (thrown) {
      setFault(thrown instanceof Problem ? thrown : new Problem(0, String(thrown)));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <p>Nobody works here yet. Make the owner with the code that stands on the console where Yelbo was started.</p>
      <TextField label="Code" value={typed.code} onChange={set('code')} says={says.code} autoFocus />
      <TextField label="Your name" value={typed.name} onChange={set('name')} says={says.name} />
      <TextField
        label="Sign in as"
        value={typed.signIn}
        onChange={set('signIn')}
        says={says.signIn}
        autoComplete="username"
      />
      <NewPassword value={typed.password} onChange={set('password')} says={says.password} />
      <Trouble says={fault && Object.keys(says).length === 0 ? fault.message : null} />
      <NextMove type="submit" disabled={busy}>
        Make the owner
      </NextMove>
    </form>
  );
}

function Door() {
  const client = useQueryClient();
  const [signIn, setSignIn] = useState('');
  const [password, setPassword] = useState('');
  const [says, setSays] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const go = async () => {
    setBusy(true);
    try {
      await ask(api.POST('/api/sign-in', { body: { signIn: signIn.trim(), password } }));
      await client.invalidateQueries();
    } catch (fault) {
      setSays(fault instanceof Problem ? fault.message : String(fault));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <TextField label="Name" value={signIn} onChange={setSignIn} autoFocus autoComplete="username" />
      <TextField
        label="Password"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="current-password"
      />
      <Trouble says={says} />
      <NextMove type="submit" disabled={busy}>
        Sign in
      </NextMove>
    </form>
  );
}
