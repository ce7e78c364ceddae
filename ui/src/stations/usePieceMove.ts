import { api, ask, type Piece } from '../api/client';
import { useChange } from '../api/queries';

/** A move of one piece, on the version that is on screen. */
export function usePieceMove(done?: () => void) {
  return useChange(
    ({ piece, move, detail = '' }: { piece: Piece; move: string; detail?: string }) =>
      ask(
        api.POST('/api/pieces/{id}/moves', {
          params: { path: { id: piece.id } },
          body: { move, version: piece.version, detail },
        }),
      ),
    done,
  );
}
