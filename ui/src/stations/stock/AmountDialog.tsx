import { useState } from 'react';
import type { Problem } from '../../api/client';
import { Trouble } from '../../parts/basics';
import { FormBox, Suggestions } from '../../parts/dialog';
import { TextField } from '../../parts/fields';

type Asked = {
  open: boolean;
  onClose: () => void;
  title: string;
  what: string;
  label: string;
  button: string;
  reason: boolean;
  start?: string;
  suggestions?: string[];
  onAmount: (amount: string, reason: string) => void;
  problem: Problem | null;
};

/** So much, and why: asked anew each time it is opened. */
export function AmountDialog(asked: Asked) {
  return asked.open ? <Opened {...asked} /> : null;
}

function Opened({
  onClose,
  title,
  what,
  label,
  button,
  reason: asksWhy,
  start = '',
  suggestions = [],
  onAmount,
  problem,
}: Asked) {
  const [amount, setAmount] = useState(start);
  const [reason, setReason] = useState('');
  return (
    <FormBox open onClose={onClose} title={title} what={what} button={button} onSubmit={() => onAmount(amount, reason)}>
      <TextField label={label} value={amount} onChange={setAmount} says={problem?.fields.amount} autoFocus />
      {asksWhy && <TextField label="Why" value={reason} onChange={setReason} says={problem?.fields.reason} />}
      <Suggestions words={suggestions} onTake={setReason} />
      <Trouble says={problem && !problem.fields.amount && !problem.fields.reason ? problem.message : null} />
    </FormBox>
  );
}
