import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type Supply } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Facts, Move, Section, Trouble, useShown } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { FormBox } from '../../parts/dialog';
import { TextField } from '../../parts/fields';
import { AmountDialog } from './AmountDialog';
import { Movements } from './Movements';

type What = 'received' | 'counted' | 'used';

const WORDS: Record<What, { title: string; what: string; button: string }> = {
  received: { title: 'More came', what: 'How much came in?', button: 'Onto the shelf' },
  counted: { title: 'Count', what: 'Write what is really there.', button: 'Write it down' },
  used: { title: 'Used', what: 'How much was used?', button: 'Off the shelf' },
};

/** A tape or a blank: what it is, what happened to it, and what can be done with it. */
export function SupplyPanel({ supply }: { supply: Supply }) {
  const { one } = useShown();
  const [asking, setAsking] = useState<What | null>(null);
  const movements = useQuery({
    queryKey: [RECORD, 'stock', 'supply', supply.id, supply.version],
    queryFn: () => ask(api.GET('/api/stock/supplies/{id}/movements', { params: { path: { id: supply.id } } })),
  });
  const move = useChange(
    ({ amount, reason }: { amount: string; reason: string }) =>
      ask(
        api.POST('/api/stock/supplies/{id}/{move}', {
          params: { path: { id: supply.id, move: asking ?? 'counted' } },
          body: { version: supply.version, amount, reason },
        }),
      ),
    () => setAsking(null),
  );
  const words = WORDS[asking ?? 'counted'];
  return (
    <>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <p className="label">{supply.kind === 'tape' ? 'Transfer tape' : 'Blank'}</p>
        <h2 className="title mb-2">{supply.number}</h2>
        <Facts
          rows={[
            ['what', supply.name],
            ...(supply.width ? [['width', one(supply.width)] as [string, string]] : []),
            ['left', `${supply.amount} ${supply.unit}`],
            ...(supply.lowAt !== null ? [['low under', `${supply.lowAt} ${supply.unit}`] as [string, string]] : []),
            ['bin', supply.bin],
          ]}
        />
        <div className="h-4" />
        <Section title="What came and went">
          <Movements movements={movements.data?.movements} />
        </Section>
      </div>
      <div className="grid grid-cols-2 gap-2 border-t border-rule p-4">
        <Move onClick={() => setAsking('used')}>Used</Move>
        <Move onClick={() => setAsking('received')}>More came</Move>
        <Move onClick={() => setAsking('counted')}>Count</Move>
        <a
          className="flex min-h-10 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
          href={`/api/stock/labels.pdf?of=${supply.number}`}
          download
        >
          Label
        </a>
      </div>
      <AmountDialog
        key={asking ?? 'none'}
        open={asking !== null}
        onClose={() => setAsking(null)}
        title={`${words.title}: ${supply.number}`}
        what={words.what}
        label={supply.unit === 'm' ? 'Metres' : 'How many'}
        button={words.button}
        reason={asking !== 'received'}
        onAmount={(amount, reason) => move.mutate({ amount, reason })}
        problem={move.error}
      />
    </>
  );
}

const EMPTY = { kind: 'tape', name: '', width: '300mm', amount: '', bin: '', lowAt: '' };

export function SupplyDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [typed, setTyped] = useState(EMPTY);
  const set = (name: keyof typeof EMPTY) => (value: string) => setTyped((now) => ({ ...now, [name]: value }));
  const keep = useChange(
    () => ask(api.POST('/api/stock/supplies', { body: typed })),
    () => {
      setTyped(EMPTY);
      onClose();
    },
  );
  const says = keep.error?.fields ?? {};
  const tape = typed.kind === 'tape';
  return (
    <FormBox
      open={open}
      onClose={onClose}
      title="Tape or blank"
      what="It gets a number of its own, to be stuck on as a label."
      button="Keep it"
      pending={keep.isPending}
      onSubmit={() => keep.mutate(undefined)}
    >
      <Choice
        label="It is"
        value={typed.kind}
        onChange={set('kind')}
        options={[
          { value: 'tape', label: 'Transfer tape' },
          { value: 'blank', label: 'Blanks' },
        ]}
      />
      <TextField
        label={tape ? 'Which kind' : 'What'}
        value={typed.name}
        onChange={set('name')}
        says={says.name}
        autoFocus
      />
      <div className="grid grid-cols-2 gap-3">
        {tape && <TextField label="Width" value={typed.width} onChange={set('width')} says={says.width} />}
        <TextField
          label={tape ? 'Metres' : 'How many'}
          value={typed.amount}
          onChange={set('amount')}
          says={says.amount}
        />
        <TextField label="Bin" value={typed.bin} onChange={set('bin')} says={says.bin} />
        <TextField
          label={tape ? 'Low under, metres' : 'Low under'}
          value={typed.lowAt}
          onChange={set('lowAt')}
          says={says.lowAt}
        />
      </div>
      <Trouble says={keep.error && Object.keys(says).length === 0 ? keep.error.message : null} />
    </FormBox>
  );
}
