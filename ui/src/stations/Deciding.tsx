/** What decides, in sight where it is decided: the day and the price beside the button that takes an order or says yes. */
export function Deciding({
  day,
  dayLabel,
  isLate = false,
  price,
  without = [],
}: {
  day: string | null;
  dayLabel: string;
  isLate?: boolean;
  price: string | null;
  /** Films that have no price yet: it is without them. */
  without?: string[];
}) {
  return (
    <dl aria-label="What decides" className="grid grid-cols-2 gap-x-4">
      <div>
        <dt className="label">{dayLabel}</dt>
        <dd className={`text-lead font-semibold ${isLate ? 'text-signal-ink' : ''}`}>{day ?? 'not known yet'}</dd>
      </div>
      <div>
        <dt className="label">Price</dt>
        <dd className="text-lead font-semibold tabular-nums">
          {price ?? 'not known yet'}
          {price !== null && without.length > 0 && (
            <span className="block text-sm text-signal-ink">
              without {without.join(' and ')}: no price at Stock yet
            </span>
          )}
        </dd>
      </div>
    </dl>
  );
}
