import { useMutation } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { api, ask, type Problem, type Schemas } from '../../api/client';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { Box } from '../../parts/dialog';
import { SelectField } from '../../parts/fields';

const SEPARATORS = [
  { value: 'comma', label: 'Comma' },
  { value: 'semicolon', label: 'Semicolon' },
  { value: 'tab', label: 'Tab' },
  { value: 'none', label: 'One on a line' },
];

const base64 = async (file: File) => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(text);
};

/** A list of names as it came, looked at before it is taken: encoding, columns, header. */
export function RosterDialog({ onClose, onTake }: { onClose: () => void; onTake: (roster: string) => void }) {
  const id = useId();
  const [source, setSource] = useState<{ base64?: string; text?: string }>({ text: '' });
  const [columns, setColumns] = useState<[string, string]>(['0', '']);
  const read = useMutation<Schemas['RosterView'], Problem, Schemas['RosterRequest']>({
    mutationFn: (body) => ask(api.POST('/api/roster', { body })),
    onSuccess: (roster, asked) => {
      if (asked.separator === undefined) {
        setColumns([String(roster.likely), '']);
      }
    },
  });
  const roster = read.data;
  const from = (next: { base64?: string; text?: string }) => {
    setSource(next);
    if (next.base64 || next.text?.trim()) {
      read.mutate(next);
    }
  };
  const again = (part: Partial<Schemas['RosterRequest']>) =>
    roster && read.mutate({ ...source, separator: roster.separator, header: roster.hasHeader, ...part });
  const [first, second] = columns;
  const names = (roster?.rows ?? [])
    .map((row) =>
      [row.cells[Number(first)] ?? '', second === '' ? '' : (row.cells[Number(second)] ?? '')]
        .filter(Boolean)
        .join(' '),
    )
    .filter(Boolean);
  const choices = (roster?.columns ?? []).map((name, nth) => ({ value: String(nth), label: name }));

  return (
    <Box
      open
      onClose={onClose}
      title="A list of names"
      what="Paste it, or drop a CSV. One decal is made for each name."
      wide
    >
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the drop place has a file field beside it for the keyboard */}
      <div
        className="flex flex-col gap-3"
        onDragOver={(event) => event.preventDefault()}
        onDrop={async (event) => {
          event.preventDefault();
          const file = event.dataTransfer.files[0];
          if (file) {
            from({ base64: await base64(file) });
          }
        }}
      >
        <div className="flex items-center gap-4">
          <label htmlFor={id} className="label">
            CSV or text file
          </label>
          <input
            id={id}
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            onChange={async (event) => {
              const file = event.target.files?.[0];
              if (file) {
                from({ base64: await base64(file) });
              }
            }}
          />
        </div>
        <textarea
          className="input"
          rows={4}
          aria-label="Or paste the list here"
          placeholder="Or paste the list here"
          value={source.text ?? ''}
          onChange={(event) => from({ text: event.target.value })}
        />
        <Trouble says={read.error?.message} />
        {roster && (
          <>
            <div className="grid grid-cols-[1.6fr_1fr_1fr_1fr] items-end gap-4">
              <Choice
                label={`Read as ${roster.encoding}, parted by`}
                value={roster.separator}
                onChange={(separator) => again({ separator, header: undefined })}
                options={SEPARATORS}
              />
              <Choice
                label="First row"
                value={roster.hasHeader ? 'yes' : 'no'}
                onChange={(header) => again({ header: header === 'yes' })}
                options={[
                  { value: 'yes', label: 'Header' },
                  { value: 'no', label: 'A name' },
                ]}
              />
              <SelectField
                label="Cut this"
                value={first}
                onChange={(value) => setColumns([value, second])}
                options={choices}
              />
              <SelectField
                label="and after it"
                value={second}
                onChange={(value) => setColumns([first, value])}
                options={[{ value: '', label: 'nothing' }, ...choices]}
              />
            </div>
            <section
              className="max-h-56 overflow-auto border border-rule bg-paper"
              aria-label="The list as it was read"
              // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys scroll what has the focus
              tabIndex={0}
            >
              <table className="w-full text-note">
                <thead className="sticky top-0 bg-shade text-left">
                  <tr>
                    {roster.columns.map((name, nth) => (
                      <th
                        key={name}
                        scope="col"
                        className={`px-3 py-1 ${String(nth) === first || String(nth) === second ? 'font-semibold' : 'font-normal text-ink2'}`}
                      >
                        {name}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {roster.rows.map((row, nth) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: rows may be the same and keep their order
                    <tr key={nth} className="border-t border-rule">
                      {roster.columns.map((name, at) => (
                        <td
                          key={name}
                          className={`px-3 py-0.5 ${String(at) === first || String(at) === second ? 'font-medium' : 'text-ink2'}`}
                        >
                          {row.cells[at] ?? ''}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
            <div className="flex gap-3">
              <Move tall className="flex-1" onClick={onClose} keys="Esc">
                Leave it
              </Move>
              <NextMove
                className="flex-1"
                tall={false}
                disabled={names.length === 0}
                onClick={() => onTake(names.join('\n'))}
              >
                {`Take ${names.length} names`}
              </NextMove>
            </div>
          </>
        )}
      </div>
    </Box>
  );
}
