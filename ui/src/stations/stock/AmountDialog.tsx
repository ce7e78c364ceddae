import { useEffect, useState } from 'react';
import type { Problem } from '../../api/client';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
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
  useEffect(() => setAmount(start), [start]);
  return (
    <Box open={open} onClose={onClose} title={title} what={what}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onAmount(amount, reason);
        }}
      >
        <TextField label={label} value={amount} onChange={setAmount} says={problem?.fields.amount} autoFocus />
        {asksWhy && <TextField label="Why" value={reason} onChange={setReason} says={problem?.fields.reason} />}
        {suggestions.length > 0 && (
          <div className="flex flex-wrap gap-2">
            {suggestions.map((suggestion) => (
              <Move key={suggestion} onClick={() => setReason(suggestion)}>
                {suggestion}
              </Move>
            ))}
          </div>
        )}
        <Trouble says={problem && !problem.fields.amount && !problem.fields.reason ? problem.message : null} />
        <div className="flex gap-3">
          <Move tall className="flex-1" onClick={onClose} keys="Esc">
            Leave it
          </Move>
          <NextMove type="submit" className="flex-1" tall={false}>
            {button}
          </NextMove>
        </div>
      </form>
    </Box>
  );
}
