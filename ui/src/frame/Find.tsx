import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { docket as docketQuery, found } from '../api/queries';
import { Box } from '../parts/dialog';
import { TextField } from '../parts/fields';
import { labelOf } from '../parts/label';
import { asDay, useSettled } from '../parts/time';
import { inHandAt, namedAt } from '../stations/useInHand';
import { stationName } from './stations';

export function Find({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [what, setWhat] = useState('');
  const settled = useSettled(what);
  const { data } = useQuery(found(settled));
  const navigate = useNavigate();
  const client = useQueryClient();
  const go = async (number: number) => {
    const typed = what;
    onClose();
    setWhat('');
    // The tag of a piece leads to the very piece, or the thing it is on.
    const docket = typed.includes('/') ? await client.fetchQuery(docketQuery(number)).catch(() => null) : null;
    const at = namedAt(docket?.things ?? [], typed);
    navigate(at ? inHandAt(at) : { search: `docket=${number}` });
  };
  const label = labelOf(settled);
  const toStock = (of: string) => {
    onClose();
    setWhat('');
    navigate(`/stock?of=${of}`);
  };
  const rows = settled.trim() === '' ? [] : (data?.dockets ?? []);
  return (
    <Box
      open={open}
      onClose={onClose}
      title="Find"
      what="By number, tag of a piece, customer, words or object; or a label of the shelf, typed or scanned."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          // A scanner presses Enter before the list has settled.
          const scanned = labelOf(what);
          if (scanned) {
            toStock(scanned);
          } else if (rows[0]) {
            go(rows[0].number);
          }
        }}
      >
        <TextField label="Looking for" value={what} onChange={setWhat} autoFocus />
      </form>
      <div aria-live="polite" className="mt-3 max-h-80 overflow-auto">
        {label && (
          <button type="button" className="row-link" onClick={() => toStock(label)}>
            <b className="font-semibold">{label}</b> in Stock
          </button>
        )}
        {rows.map((row) => (
          <button key={row.number} type="button" className="row-link" onClick={() => go(row.number)}>
            <span className="flex justify-between gap-3">
              <b className="font-semibold">
                {row.tag} {row.label}
              </b>
              <span>{row.station ? stationName(row.station) : row.state}</span>
            </span>
            <span className="text-sm text-ink2">
              {row.customer} · {row.object} · {asDay(row.neededAt)}
            </span>
          </button>
        ))}
        {settled.trim() !== '' && data && rows.length === 0 && !label && (
          <p className="py-3 text-ink2">Nothing by that name or number.</p>
        )}
      </div>
    </Box>
  );
}
