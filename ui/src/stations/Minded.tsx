/** What a hand at the bench must know of this piece or thing: mirrored, let pass, spelled otherwise than asked. */
export function Minded({ of: piece }: { of: { mirrored: boolean; spelling: string[]; minded: string[] } }) {
  const says = [
    ...(piece.mirrored ? ['Cut mirrored: it goes inside the glass and is read from outside.'] : []),
    ...piece.spelling,
    ...piece.minded,
  ];
  return says.length === 0 ? null : (
    <ul className="mb-3 flex flex-col gap-1 border-l-4 border-ink bg-shade px-3 py-2 text-note font-medium">
      {says.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
