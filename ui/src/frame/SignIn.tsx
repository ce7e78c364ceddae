import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../api/client';
import { NextMove, Trouble } from '../parts/basics';
import { TextField } from '../parts/fields';

export function SignIn({ shop }: { shop: string }) {
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
      if (fault instanceof Problem && fault.status === 403) {
        await client.invalidateQueries({ queryKey: ['me'] });
      }
    } finally {
      setBusy(false);
    }
  };
  return (
    <main className="flex h-full items-center justify-center">
      <form
        className="w-[min(400px,92vw)] border-2 border-ink bg-paper p-8"
        onSubmit={(event) => {
          event.preventDefault();
          go();
        }}
      >
        <h1 className="font-label text-count leading-9 font-semibold">Yelbo</h1>
        <p className="mb-6 font-label text-xl text-ink2">{shop}</p>
        <div className="flex flex-col gap-4">
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
        </div>
      </form>
    </main>
  );
}
