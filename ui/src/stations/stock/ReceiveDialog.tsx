import { useState } from 'react';
import { api, ask, type Film, type StockItem as Item } from '../../api/client';
import { useChange } from '../../api/queries';
import { Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { FormBox } from '../../parts/dialog';
import { SelectField, TextField } from '../../parts/fields';

const EMPTY = {
  film: '',
  kind: 'sheet',
  width: '300mm',
  height: '600mm',
  count: '',
  bin: '',
  lot: '',
  corner: '',
  goneWidth: '',
  goneHeight: '',
};
const CORNERS = [
  { value: '', label: 'none, it is whole' },
  { value: 'top-left', label: 'top left' },
  { value: 'top-right', label: 'top right' },
  { value: 'bottom-left', label: 'bottom left' },
  { value: 'bottom-right', label: 'bottom right' },
];

/** Film that came in: new sheets, a roll, an offcut from elsewhere, or more of what is there. */
export function ReceiveDialog({
  open,
  films,
  film,
  item,
  onClose,
}: {
  open: boolean;
  films: Film[];
  film?: Film;
  item?: Item;
  onClose: () => void;
}) {
  const [last, setTyped] = useState(EMPTY);
  // Each time it is opened it begins with the film it was opened for.
  const typed = { ...last, film: last.film || String(film?.id ?? films[0]?.id ?? '') };
  const close = () => {
    setTyped((now) => ({ ...now, film: '' }));
    onClose();
  };
  const set = (name: keyof typeof EMPTY) => (value: string) => setTyped((now) => ({ ...now, [name]: value }));
  const receive = useChange(
    () =>
      ask(
        api.POST('/api/stock/receive', {
          body: {
            ...typed,
            film: Number(typed.film),
            count: typed.kind === 'sheet' ? typed.count : '1',
            item: item?.id ?? null,
            kind: item ? 'sheet' : typed.kind,
            corner: typed.kind === 'offcut' ? typed.corner : '',
          },
        }),
      ),
    () => {
      setTyped(EMPTY);
      onClose();
    },
  );
  const says = receive.error?.fields ?? {};
  return (
    <FormBox
      open={open}
      onClose={close}
      title={item ? `More of ${item.number}` : 'Film that came in'}
      what={
        item ? `${item.film.name}, the same size and bin.` : 'It gets a number of its own, to be stuck on as a label.'
      }
      button="Onto the shelf"
      pending={receive.isPending}
      onSubmit={() => receive.mutate(undefined)}
    >
      {!item && (
        <>
          <SelectField
            label="Film"
            value={typed.film}
            onChange={set('film')}
            options={films.map((one) => ({ value: String(one.id), label: one.name }))}
          />
          <Choice
            label="It is"
            value={typed.kind}
            onChange={set('kind')}
            options={[
              { value: 'sheet', label: 'Sheets' },
              { value: 'roll', label: 'A roll' },
              { value: 'offcut', label: 'An offcut' },
            ]}
          />
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Width" value={typed.width} onChange={set('width')} says={says.width} />
            <TextField label="Length" value={typed.height} onChange={set('height')} says={says.height} />
          </div>
          {typed.kind === 'offcut' && (
            <div className="grid grid-cols-[1.4fr_1fr_1fr] gap-3">
              <SelectField
                label="Corner that is missing"
                value={typed.corner}
                onChange={set('corner')}
                says={says.corner}
                options={CORNERS}
              />
              {typed.corner !== '' && (
                <>
                  <TextField
                    label="Missing across"
                    value={typed.goneWidth}
                    onChange={set('goneWidth')}
                    says={says.goneWidth}
                  />
                  <TextField
                    label="Missing down"
                    value={typed.goneHeight}
                    onChange={set('goneHeight')}
                    says={says.goneHeight}
                  />
                </>
              )}
            </div>
          )}
        </>
      )}
      <div className="grid grid-cols-3 gap-3">
        {(item || typed.kind === 'sheet') && (
          <TextField label="How many" value={typed.count} onChange={set('count')} says={says.count} autoFocus />
        )}
        {!item && <TextField label="Bin" value={typed.bin} onChange={set('bin')} says={says.bin} />}
        <TextField label="Lot" value={typed.lot} onChange={set('lot')} says={says.lot} />
      </div>
      <Trouble says={receive.error && Object.keys(says).length === 0 ? receive.error.message : null} />
    </FormBox>
  );
}
