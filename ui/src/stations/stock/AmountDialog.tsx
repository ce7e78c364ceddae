import { useEffect, useRef, useState } from 'react';
import type { Problem } from '../../api/client';
import { Trouble } from '../../parts/basics';
import { FormBox, Suggestions } from '../../parts/dialog';
import { TextField } from '../../parts/fields';

/** So much, and why. */
export function AmountDialog({
  open,
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
}: {
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
}) {
  const [amount, setAmount] = useState(start);
  const [reason, setReason] = useState('');
  const opened = useRef(false);
  useEffect(() => {
    if (open && !opened.current) {
      setAmount(start);
      setReason('');
    }
    opened.current = open;
  }, [open, start]);
  return (
    <FormBox
      open={open}
      onClose={onClose}
      title={title}
      what={what}
      button={button}
      onSubmit={() => onAmount(amount, reason)}
    >
      <TextField label={label} value={amount} onChange={setAmount} says={problem?.fields.amount} autoFocus />
      {asksWhy && <TextField label="Why" value={reason} onChange={setReason} says={problem?.fields.reason} />}
      <Suggestions words={suggestions} onTake={setReason} />
      <Trouble says={problem && !problem.fields.amount && !problem.fields.reason ? problem.message : null} />
    </FormBox>
  );
}
