import { api, ask, type Piece } from '../api/client';
import { useChange } from '../api/queries';

/** A move of one piece, on the version that is on screen. */
export function usePieceMove(done?: () => void) {
  return useChange(
    ({
      piece,
      move,
      detail = '',
      alike = false,
    }: {
      piece: Piece;
      move: string;
      detail?: string;
      /** All that stand alike make the move too. */
      alike?: boolean;
    }) =>
      ask(
        api.POST('/api/pieces/{id}/moves', {
          params: { path: { id: piece.id } },
          body: { move, version: piece.version, detail, alike },
        }),
      ),
    done,
  );
}
