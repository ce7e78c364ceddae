import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type Docket } from '../../api/client';
import { useDocketChange } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { Move, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { TextField } from '../../parts/fields';

/** What the order holds, the one in hand marked: another is added, the same again is made, one is left out. */
export function Items({ docket, current }: { docket: Docket; current: number }) {
  const navigate = useNavigate();
  const { items } = docket;
  const here = items.findIndex((one) => one.nth === current);
  const go = (by: number) => {
    const next = items[here + by];
    if (next) {
      navigate(`/size/${docket.number}/${next.nth}`);
    }
  };
  const [again, setAgain] = useState(false);
  useKey('a', () => navigate(`/size/${docket.number}/add`));
  useKey('s', () => setAgain(true));
  useKey('.', () => go(1));
  useKey(',', () => go(-1));
  const drop = useDocketChange(
    docket,
    (version) =>
      ask(
        api.POST('/api/dockets/{number}/items/{item}/drop', {
          params: { path: { number: docket.number, item: current } },
          body: { version },
        }),
      ),
    () => navigate(`/size/${docket.number}`),
  );
  return (
    <div className="mb-2">
      {items.length > 1 && (
        <nav aria-label="Items of this order" className="mb-1 border-y border-rule">
          {items.map((one) => (
            <Link
              key={one.nth}
              to={`/size/${docket.number}/${one.nth}`}
              className="row-link on-ink flex gap-2 py-1 text-note"
              aria-current={one.nth === current ? 'true' : undefined}
            >
              <span className="w-5 shrink-0 font-semibold">{one.nth}</span>
              <span className="min-w-0 flex-1 truncate">
                {one.label} <span className={one.nth === current ? '' : 'text-ink2'}>on {one.object?.name}</span>
              </span>
              {one.beingMade && <span className="label">made</span>}
            </Link>
          ))}
        </nav>
      )}
      <div className="flex gap-1">
        <Move onClick={() => navigate(`/size/${docket.number}/add`)} keys="A">
          Add item
        </Move>
        <Move onClick={() => setAgain(true)} keys="S">
          Same again
        </Move>
        {items.length > 1 && (
          <Move
            onClick={() => drop.mutate(undefined)}
            disabled={drop.isPending || items[here]?.beingMade}
            aria-label="Leave this item out"
          >
            Out
          </Move>
        )}
      </div>
      <Trouble says={drop.error?.message} />
      {again && <Again docket={docket} item={current} onClose={() => setAgain(false)} />}
    </div>
  );
}

/** The same object and setting once more, with other words. */
function Again({ docket, item, onClose }: { docket: Docket; item: number; onClose: () => void }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const add = useDocketChange(
    docket,
    (version) =>
      ask(
        api.POST('/api/dockets/{number}/items/again', {
          params: { path: { number: docket.number } },
          body: { version, docket: docket.number, item, words },
        }),
      ),
    (saved) => {
      onClose();
      navigate(`/size/${saved.number}/${saved.items.at(-1)?.nth}`);
    },
  );
  return (
    <Box
      open
      onClose={onClose}
      title="The same again"
      what="The same object, face and setting, with other words; each as large as it can be."
    >
      <form
        className="mt-3 flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate(undefined);
        }}
      >
        <TextField
          label="An item a line: words; film; how many"
          hint="a stroke | parts the lines of one decal"
          placeholder={'Ada; ochre; 2'}
          value={words}
          onChange={setWords}
          lines={5}
          says={add.error?.fields.words}
          autoFocus
        />
        <Trouble says={add.error && !add.error.fields.words ? add.error.message : null} />
        <Move tall type="submit" disabled={add.isPending || words.trim() === ''}>
          Add it to this order
        </Move>
      </form>
    </Box>
  );
}
