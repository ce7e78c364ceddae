import { useQuery } from '@tanstack/react-query';
import { stock } from '../../api/queries';
import { Nothing, Ready, Scroll, Swatch, useShown } from '../../parts/basics';

export function Stock() {
  const query = useQuery({ ...stock, refetchInterval: 8000 });
  const shown = useShown();
  return (
    <Ready query={query} what="the shelf">
      {({ films, items }) =>
        films.length === 0 ? (
          <Nothing title="The shelf is empty" />
        ) : (
          <Scroll label="Stock" className="h-full bg-paper px-8 py-5">
            <h2 className="title mb-3">Stock</h2>
            {films.map((film) => {
              const held = items.filter((item) => item.film.id === film.id && item.count > 0);
              return (
                <div key={film.id} className="mb-5 grid grid-cols-[230px_1fr] gap-6 border-t border-ink pt-2">
                  <div className="flex gap-3">
                    <Swatch film={film} size={34} />
                    <div>
                      <h2 className="font-semibold">{film.name}</h2>
                      <p className="text-sm text-ink2">{film.life}</p>
                    </div>
                  </div>
                  <ul className="flex flex-wrap gap-x-6 gap-y-3">
                    {held.map((item) => (
                      <li key={item.id} className="flex items-end gap-3">
                        <svg
                          width={Math.max(10, item.size.width.mm / 6)}
                          height={Math.max(10, item.size.height.mm / 6)}
                          viewBox={`0 0 ${item.size.width.mm} ${item.size.height.mm}`}
                          aria-hidden="true"
                          overflow="visible"
                        >
                          <path
                            d={item.outline}
                            fill={film.swatch}
                            stroke="#12201f"
                            strokeWidth="1.2"
                            vectorEffect="non-scaling-stroke"
                          />
                        </svg>
                        <span className="text-[15px]">
                          <b className="font-semibold">{item.number}</b>
                          <span className="block">
                            {item.kind === 'sheet'
                              ? `${item.count} ${item.count === 1 ? 'sheet' : 'sheets'}`
                              : 'offcut'}
                          </span>
                          <span className="block text-ink2">{shown.size(item.size)}</span>
                          <span className="block text-ink2">bin {item.bin}</span>
                        </span>
                      </li>
                    ))}
                    {held.length === 0 && <li className="font-medium text-signal-ink">None left.</li>}
                  </ul>
                </div>
              );
            })}
          </Scroll>
        )
      }
    </Ready>
  );
}
