import type { Piece } from '../api/client';

/** What is printed of a piece: its steps, its care card, and a guide true to size. */
export function Papers({ piece }: { piece: Piece }) {
  const at = `/api/pieces/${piece.id}`;
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
      <span className="label">On paper</span>
      {[
        ['Steps', `${at}/steps.pdf`],
        ['Care card', `${at}/care.pdf`],
        ['Guide 1:1, A4', `${at}/guide.pdf?paper=a4`],
        ['Letter', `${at}/guide.pdf?paper=letter`],
        ['SVG', `${at}/guide.svg`],
      ].map(([name, to]) => (
        <a key={name} href={to} download className="inline-flex items-center underline max-xl:min-h-12 max-xl:min-w-12">
          {name}
        </a>
      ))}
    </p>
  );
}
