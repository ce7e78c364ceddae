import { useState } from 'react';
import type { Piece } from '../api/client';
import { Move } from '../parts/basics';
import { ReasonDialog } from '../parts/dialog';
import { usePieceMove } from './usePieceMove';

/** A spoiled piece goes back to Batch; the reason goes with it. */
export function Spoil({ piece, reasons, small = false }: { piece: Piece; reasons: string[]; small?: boolean }) {
  const [open, setOpen] = useState(false);
  const spoil = usePieceMove(() => setOpen(false));
  return (
    <>
      <Move
        tall={small}
        className={small ? undefined : 'min-h-14 w-full'}
        aria-label={small ? `${piece.tag} is spoiled, cut it again` : undefined}
        onClick={() => setOpen(true)}
      >
        {small ? 'Spoiled' : 'Spoiled, cut it again'}
      </Move>
      <ReasonDialog
        open={open}
        onClose={() => setOpen(false)}
        title={`${piece.tag} spoiled?`}
        what="It goes back to Batch and is cut again. The reason goes into the book and to the next batch."
        label="What went wrong"
        button="Cut it again"
        suggestions={reasons}
        onReason={(detail) => spoil.mutate({ piece, move: 'spoil', detail })}
        says={spoil.error?.fields.reason ?? spoil.error?.message}
      />
    </>
  );
}
