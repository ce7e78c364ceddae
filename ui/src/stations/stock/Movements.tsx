import type { Schemas } from '../../api/client';
import { asMoment } from '../../parts/time';

/** What came onto the shelf and left it, the newest first. */
export function Movements({ movements }: { movements: Schemas['MovementView'][] | undefined }) {
  if (!movements) {
    return <p role="status">Looking it up …</p>;
  }
  return (
    <ul className="text-note">
      {movements.map((movement) => (
        <li key={`${movement.at}-${movement.what}-${movement.reason}`} className="border-b border-rule py-1.5">
          <span className="flex justify-between gap-2">
            <span>
              {movement.what.replace('-', ' ')}
              {movement.reason && <span className="text-ink2"> · {movement.reason}</span>}
            </span>
            <b className="font-semibold whitespace-nowrap">
              {movement.amount > 0 ? '+' : movement.amount < 0 ? '−' : '±'}
              {Math.abs(movement.amount)} {movement.unit}
            </b>
          </span>
          <span className="block text-sm text-ink2">
            {asMoment(movement.at)}, {movement.who}
          </span>
        </li>
      ))}
    </ul>
  );
}
