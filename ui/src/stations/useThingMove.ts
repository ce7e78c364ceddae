import { api, ask, type Thing } from '../api/client';
import { useChange } from '../api/queries';

/** A move of one thing with all its films, on the version that is on screen. */
export function useThingMove(done?: () => void) {
  return useChange(
    ({
      thing,
      move,
      detail = '',
      alike = false,
      pieces = [],
    }: {
      thing: Thing;
      move: string;
      detail?: string;
      /** All that stand alike make the move too. */
      alike?: boolean;
      /** The films it is about, where it is not all of them. */
      pieces?: number[];
    }) =>
      ask(
        api.POST('/api/things/{id}/moves', {
          params: { path: { id: thing.id } },
          body: { move, version: thing.version, detail, alike, pieces },
        }),
      ),
    done,
  );
}
