/** Whether what is done to one is done to all that stand alike; each can still be done by itself. */
export function Together({
  says,
  together,
  onTurn,
}: {
  says: string;
  together: boolean;
  onTurn: (together: boolean) => void;
}) {
  return (
    <label className="flex min-h-12 cursor-pointer items-center gap-3 border-b border-rule">
      <input
        type="checkbox"
        className="h-7 w-7 accent-ink"
        checked={together}
        onChange={(event) => onTurn(event.target.checked)}
      />
      {says}
    </label>
  );
}
