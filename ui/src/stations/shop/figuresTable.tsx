export type Cell = string | number;

/** A number, or an amount of money. */
const isFigure = (cell: Cell) => typeof cell === 'number' || /^-?\D?[\d.,]+$/.test(cell);

export function Table({ head, rows }: { head: string[]; rows: Cell[][] }) {
  return (
    <table className="mt-1 w-full text-note">
      <thead>
        <tr className="border-b border-ink text-left">
          {head.map((one, at) => (
            <th
              key={one}
              scope="col"
              className={`py-1 pr-3 font-semibold ${rows.every((row) => isFigure(row[at] ?? '')) ? 'text-right' : ''}`}
            >
              {one}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, nth) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows may be alike; their place tells them apart
          <tr key={nth} className="border-b border-rule">
            {row.map((cell, at) => (
              <td key={head[at]} className={`py-0.5 pr-3 ${isFigure(cell) ? 'text-right' : ''}`}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

export function Csv({ name, head, rows }: { name: string; head: string[]; rows: Cell[][] }) {
  return (
    <a
      className="text-note underline"
      download={`${name.toLowerCase().replaceAll(/[^a-z]+/g, '-')}.csv`}
      href={csv(head, rows)}
    >
      As CSV
    </a>
  );
}

/** What a spreadsheet opens; what could be taken for a formula is quoted. */
function csv(head: string[], rows: Cell[][]): string {
  const cell = (value: Cell) => {
    const text = String(value);
    return `"${(typeof value === 'string' && /^[=+@-]/.test(text) ? `'${text}` : text).replaceAll('"', '""')}"`;
  };
  const lines = [head, ...rows].map((row) => row.map(cell).join(','));
  return `data:text/csv;charset=utf-8,${encodeURIComponent(lines.join('\r\n'))}`;
}
