import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import { Ready, Scroll } from '../../parts/basics';
import { Csv, Table } from './figuresTable';
import { PriceTest, untilReckoned } from './PriceTest';
import { allPictures, type Picture } from './pictureCharts';

/**
 * Pictures of the shop, in the manner of its drawings: ink, hairlines and hatching, each with its figures as a table and a
 * file.
 */
export function Pictures() {
  const query = useQuery({
    queryKey: [RECORD, 'pictures'],
    queryFn: () => ask(api.GET('/api/pictures')),
    refetchInterval: untilReckoned,
  });
  const words = useVocabulary();
  const names = (by: string, of: string) =>
    ({
      face: words.faces.find((face) => face.slug === of)?.name,
      object: words.kinds.find((kind) => kind.kind === of)?.label,
      film: labelOf(words.grades, of),
    })[by] ?? of;
  return (
    <Ready query={query} what="the pictures">
      {(pictures) => (
        <Scroll label="Pictures" className="h-full bg-paper px-8 py-5">
          <h2 className="title mb-3">Pictures of the shop</h2>
          <p role="status" className="mb-3 text-ink2">
            {pictures.reckoning > 0 && `What ${pictures.reckoning} orders cost is still being reckoned.`}
          </p>
          <div className="grid grid-cols-2 gap-x-10 gap-y-8 max-lg:grid-cols-1">
            {allPictures(pictures, names).map((one) => (
              <Drawn key={one.name} {...one} />
            ))}
          </div>
          <PriceTest />
        </Scroll>
      )}
    </Ready>
  );
}

function Drawn({ name, says, head, rows, draw }: Picture) {
  return (
    <section aria-label={name} className="min-w-0">
      <h3 className="text-lg font-semibold">{name}</h3>
      <p className="text-note text-ink2">{says}</p>
      {rows.length === 0 ? (
        <p className="mt-4">Nothing of it has happened yet.</p>
      ) : (
        <>
          <div className="mt-2 h-52" aria-hidden="true">
            {draw()}
          </div>
          <details className="mt-1">
            <summary className="cursor-pointer text-note underline">The figures</summary>
            <Table head={head} rows={rows} />
          </details>
          <Csv name={name} head={head} rows={rows} />
        </>
      )}
    </section>
  );
}
