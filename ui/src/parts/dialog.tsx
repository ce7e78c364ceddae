import { Dialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { Move, NextMove } from './basics';
import { TextField } from './fields';

/** A question that needs words: why, by whom. Asks once and says what will happen. */
export function ReasonDialog({
  open,
  onClose,
  title,
  what,
  label,
  button,
  suggestions = [],
  onReason,
  says,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  what: string;
  label: string;
  button: string;
  suggestions?: string[];
  onReason: (reason: string) => void;
  says?: string;
}) {
  const [reason, setReason] = useState('');
  return (
    <FormBox open={open} onClose={onClose} title={title} what={what} button={button} onSubmit={() => onReason(reason)}>
      <TextField label={label} value={reason} onChange={setReason} says={says} autoFocus />
      <Suggestions words={suggestions} onTake={setReason} />
    </FormBox>
  );
}

/** What is often said, to be taken with one touch. */
export function Suggestions({ words, onTake }: { words: string[]; onTake: (words: string) => void }) {
  return words.length === 0 ? null : (
    <div className="flex flex-wrap gap-2">
      {words.map((each) => (
        <Move key={each} tall onClick={() => onTake(each)}>
          {each}
        </Move>
      ))}
    </div>
  );
}

/** Fields, and whether to do it or to leave it. */
export function FormBox({
  button,
  pending = false,
  onSubmit,
  children,
  ...box
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  what: string;
  button: string;
  pending?: boolean;
  onSubmit: () => void;
  children: ReactNode;
}) {
  return (
    <Box {...box}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onSubmit();
        }}
      >
        {children}
        <div className="flex gap-3">
          <Move tall className="flex-1" onClick={box.onClose} keys="Esc">
            Leave it
          </Move>
          <NextMove type="submit" className="flex-1" tall={false} disabled={pending}>
            {button}
          </NextMove>
        </div>
      </form>
    </Box>
  );
}

export function Box({
  open,
  onClose,
  title,
  what,
  wide = false,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  what: string;
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          className={`outline-none fixed top-1/2 left-1/2 z-50 max-h-[96vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border-2 border-ink bg-ground p-6 ${wide ? 'w-[min(860px,96vw)]' : 'w-[min(520px,94vw)]'}`}
        >
          <Dialog.Title className="title">{title}</Dialog.Title>
          <Dialog.Description className="mt-1 mb-4 text-ink2">{what}</Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
