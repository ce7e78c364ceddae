import { api, ask } from '../../api/client';
import { useChange } from '../../api/queries';
import type { Put } from './PlanDrawing';
import type { Nesting, Plan } from './useNesting';

/** What is done to a plan by hand. What could not be done is said until the next touch. */
export function useHand(plan: Plan, sheet: number, onChange: (nesting: Nesting) => void) {
  const { id, version } = plan;
  const params = { path: { id } };
  const put = useChange(
    (to: Put) => ask(api.POST('/api/plans/{id}/put', { params, body: { version, sheet, ...to } })),
    onChange,
  );
  const pin = useChange(
    (to: { nth: number; pinned: boolean }) =>
      ask(api.POST('/api/plans/{id}/pin', { params, body: { version, sheet, ...to } })),
    onChange,
  );
  const carry = useChange(
    (to: { nth: number; to?: number; stock?: number }) =>
      ask(api.POST('/api/plans/{id}/carry', { params, body: { version, sheet, ...to } })),
    onChange,
  );
  const undo = useChange(() => ask(api.POST('/api/plans/{id}/undo', { params, body: { version } })), onChange);
  const again = useChange(
    (longer: boolean) => ask(api.POST('/api/plans/{id}/again', { params, body: { version, longer } })),
    onChange,
  );
  const all = [put, pin, carry, undo, again];
  const forget = () => {
    for (const one of all) {
      one.reset();
    }
  };
  return {
    put: (to: Put) => {
      forget();
      put.mutate(to);
    },
    pin: (nth: number, pinned: boolean) => {
      forget();
      pin.mutate({ nth, pinned });
    },
    /** To another sheet of the plan, or to one more from the shelf. */
    carry: (to: { nth: number; to?: number; stock?: number }) => {
      forget();
      carry.mutate(to);
    },
    undo: () => {
      forget();
      undo.mutate(undefined);
    },
    /** Lays out again what is not pinned, for longer where that is wanted. */
    again: (longer: boolean) => {
      forget();
      again.mutate(longer);
    },
    forget,
    busy: all.some((one) => one.isPending),
    trouble: all.find((one) => one.error)?.error ?? null,
  };
}
