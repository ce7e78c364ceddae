import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { me, recalculate, useChange } from '../../api/queries';
import { Move, NextMove, Ready, Scroll, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { TextField } from '../../parts/fields';
import { Meanwhile, useTyped } from '../../parts/typed';

type Machine = Schemas['MachineView'];

/** The shop's cutters: what each can cut and how it is set. The one in use decides what fits. */
export function Machines() {
  const query = useQuery({ queryKey: [RECORD, 'machines'], queryFn: () => ask(api.GET('/api/machines')) });
  const who = useQuery(me);
  const [chosen, setChosen] = useState<number | 'new' | null>(null);
  const owner = who.data?.role === 'owner';
  return (
    <Ready query={query} what="the machines">
      {({ machines }) => {
        const machine = machines.find((one) => one.id === chosen) ?? machines.find((one) => one.inUse) ?? machines[0];
        return (
          <div className="grid h-full grid-cols-[272px_1fr]">
            <nav aria-label="Machines" className="flex min-h-0 flex-col border-r border-rule">
              <h2 className="label px-4 pt-3 pb-2">Machines</h2>
              <div className="min-h-0 flex-1 overflow-auto">
                {machines.map((one) => (
                  <button
                    key={one.id}
                    type="button"
                    className="row-link on-ink"
                    aria-current={chosen !== 'new' && one.id === machine?.id ? 'true' : undefined}
                    onClick={() => setChosen(one.id)}
                  >
                    <b className="font-semibold">{one.name}</b>
                    <span className="block text-sm opacity-80">
                      {one.kind === 'roll' ? 'roll-fed' : 'on a board'}
                      {one.inUse && ', in use'}
                    </span>
                  </button>
                ))}
              </div>
              {owner && (
                <div className="border-t border-rule p-4">
                  <Move className="w-full" onClick={() => setChosen('new')}>
                    Another machine
                  </Move>
                </div>
              )}
            </nav>
            <Scroll label="Settings" className="bg-paper px-8 py-5">
              {chosen === 'new' ? (
                <Form key="new" like={machine} owner={owner} onDone={() => setChosen(null)} />
              ) : machine ? (
                <Form key={machine.id} machine={machine} like={machine} owner={owner} />
              ) : (
                <p className="text-ink2">No machine yet: Yelbo computes with the usual board of 305 × 610 mm.</p>
              )}
            </Scroll>
          </div>
        );
      }}
    </Ready>
  );
}

function Form({
  machine,
  like,
  owner,
  onDone,
}: {
  machine?: Machine;
  like?: Machine;
  owner: boolean;
  onDone?: () => void;
}) {
  const over = useTyped(machine?.version ?? 0, {
    name: machine?.name ?? '',
    kind: (machine?.kind ?? 'board') as string,
    force: String(machine?.force ?? 80),
    blade: machine?.blade ?? '45°',
    passes: String(machine?.passes ?? 1),
    figures: Object.fromEntries((like?.figures ?? []).map((one) => [one.rule, String(one.value)])) as Record<
      string,
      string
    >,
  });
  const { figures, ...typed } = over.typed;
  const set = (name: keyof typeof typed) => (value: string) => over.set({ [name]: value });
  const save = useChange(() => {
    const body = { ...typed, figures: Object.entries(figures).map(([rule, value]) => ({ rule, value })) };
    return machine
      ? over.keeping(
          ask(
            api.PUT('/api/machines/{id}', {
              params: { path: { id: machine.id } },
              body: { ...body, version: over.version },
            }),
          ),
        )
      : ask(api.POST('/api/machines', { body }));
  }, onDone);
  const client = useQueryClient();
  const use = useChange(
    () =>
      ask(
        api.POST('/api/machines/{id}/use', {
          params: { path: { id: machine?.id ?? 0 } },
          body: { version: machine?.version ?? 0 },
        }),
      ),
    // Its figures decide what fits from now on.
    () => recalculate(client),
  );
  const says = save.error?.fields ?? {};
  return (
    <form
      className="max-w-3xl"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(undefined);
      }}
    >
      <div className="mb-3 flex items-center justify-between gap-3">
        <h2 className="title">{machine ? machine.name : 'Another machine'}</h2>
        {machine &&
          (machine.inUse ? (
            <span className="label border border-ink px-2 py-1" style={{ color: 'var(--color-ink)' }}>
              In use
            </span>
          ) : (
            <Move onClick={() => use.mutate(undefined)} disabled={use.isPending || save.isPending}>
              Use this one
            </Move>
          ))}
      </div>
      <p className="mb-4 text-ink2">
        What it can reach decides what fits on a sheet; the rest goes into the cut file and its name.
      </p>
      <fieldset disabled={!owner} className="flex flex-col gap-3">
        <div className="grid grid-cols-2 gap-4">
          <TextField label="Name" value={typed.name} onChange={set('name')} says={says.name} />
          <Choice
            label="It takes film"
            value={typed.kind}
            onChange={set('kind')}
            options={[
              { value: 'board', label: 'On a board' },
              { value: 'roll', label: 'From a roll' },
            ]}
          />
        </div>
        <div className="grid grid-cols-3 gap-4">
          <TextField label="Force, g" value={typed.force} onChange={set('force')} says={says.force} />
          <TextField label="Blade" value={typed.blade} onChange={set('blade')} says={says.blade} />
          <TextField label="Passes" value={typed.passes} onChange={set('passes')} says={says.passes} />
        </div>
        <div className="grid grid-cols-2 gap-x-4 gap-y-3">
          {(like?.figures ?? []).map((figure) => (
            <div key={figure.rule}>
              <TextField
                label={figure.label}
                hint={figure.unit}
                value={figures[figure.rule] ?? ''}
                onChange={(value) => over.set((now) => ({ figures: { ...now.figures, [figure.rule]: value } }))}
                says={says[figure.rule]}
              />
              <p className="mt-0.5 text-sm text-ink2">{figure.reason}</p>
            </div>
          ))}
        </div>
        <Meanwhile over={over} />
        <Trouble
          says={
            over.isNewer
              ? null
              : ((save.error && Object.keys(says).length === 0 ? save.error.message : null) ?? use.error?.message)
          }
        />
        {owner ? (
          <div className="flex justify-end gap-3">
            {onDone && <Move onClick={onDone}>Leave it</Move>}
            <div className="w-64">
              <NextMove type="submit" tall={false} disabled={save.isPending || use.isPending || over.isNewer}>
                {machine ? 'Keep these settings' : 'Add it'}
              </NextMove>
            </div>
          </div>
        ) : (
          <p className="text-ink2">The owner sets the machines.</p>
        )}
      </fieldset>
    </form>
  );
}
