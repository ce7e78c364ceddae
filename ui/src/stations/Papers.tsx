import type { Thing } from '../api/client';

/** What is printed of a thing: its steps, its care card, and of each film that is placed by itself a guide true to size. */
export function Papers({ thing }: { thing: Thing }) {
  const at = `/api/things/${thing.id}`;
  const many = thing.films.length > 1;
  return (
    <div className="mt-2 flex flex-col gap-1 text-sm">
      <Line
        name="On paper"
        links={[
          ['Steps', `${at}/steps.pdf`],
          ['Care card', `${at}/care.pdf`],
          ...(many ? [] : guides(thing.films[0]?.piece ?? 0)),
        ]}
      />
      {many &&
        thing.films.map((film) => <Line key={film.piece} name={film.tag} links={guides(film.piece)} of={film.tag} />)}
    </div>
  );
}

const guides = (piece: number): [string, string][] => [
  ['Guide 1:1, A4', `/api/pieces/${piece}/guide.pdf?paper=a4`],
  ['Letter', `/api/pieces/${piece}/guide.pdf?paper=letter`],
  ['SVG', `/api/pieces/${piece}/guide.svg`],
];

function Line({ name, links, of }: { name: string; links: [string, string][]; of?: string }) {
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <span className="label">{name}</span>
      {links.map(([link, to]) => (
        <a
          key={link}
          href={to}
          download
          aria-label={of && `${link}, ${of}`}
          className="inline-flex items-center underline max-xl:min-h-12 max-xl:min-w-12"
        >
          {link}
        </a>
      ))}
    </p>
  );
}
