import type { Docket, Item } from '../../api/client';
import { useKey } from '../../frame/keys';
import { AskedPanel } from './AskedPanel';
import { Board } from './Board';
import { Designs } from './Designs';
import { Figures } from './Figures';
import { LetteringTabs } from './LetteringTabs';
import { ProofFoot } from './ProofFoot';
import { SetPanel } from './SetPanel';
import { Snags } from './Snags';
import { useSizeDesk } from './useSizeDesk';
import { Wall } from './Wall';

/** The item in hand: its drawing, its figures, and all that can be chosen about it. */
export function Desk({ docket, item }: { docket: Docket; item: Item }) {
  const desk = useSizeDesk(docket, item);
  const { on, drawing, change, films, film, isSet, words, settled, set, check, problem, says, drawn, tab, before } =
    desk;
  const { history, hand, wall, setWall, library, setLibrary, samples, takeFace, motif } = desk;
  useKey('l', () => setLibrary(true));
  useKey('w', () => setWall(drawing.art === null && motif === null));
  return (
    <div className="grid min-h-0 grid-cols-[1fr_326px]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <Board
          object={item.object?.name ?? ''}
          ground={item.object}
          history={history}
          drawn={drawn}
          set={set.data}
          setting={set.isFetching}
          films={films}
          swatch={film?.swatch ?? 'var(--color-ink)'}
          before={tab === 'mend' && before ? drawn?.film.before?.path : undefined}
          snags={(isSet ? undefined : check)?.snags.filter((snag) => snag.severity !== 'note') ?? []}
          problem={problem}
          body={settled}
          hand={hand}
        />
        <Figures
          fit={drawn}
          set={set.data}
          weeding={check?.weeding}
          drawing={drawing}
          change={change}
          says={says.capHeight}
        />
      </div>
      {library && (
        <Designs
          on={on}
          body={{ ...settled, words, elements: drawing.elements }}
          films={films}
          swatch={film?.swatch ?? 'var(--color-ink)'}
          onTake={change}
          onClose={() => setLibrary(false)}
        />
      )}
      {wall && (
        <Wall
          from={samples}
          object={item.object}
          face={drawing.face}
          swatch={film?.swatch ?? 'var(--color-ink)'}
          onTake={(face) => {
            takeFace(face);
            setWall(false);
          }}
          onClose={() => setWall(false)}
        />
      )}
      <aside className="flex min-h-0 flex-col bg-ground" aria-label="Lettering">
        <div className="relative min-h-0 flex-1 overflow-auto p-4">
          <AskedPanel desk={desk} />
          {isSet && <SetPanel set={set.data} drawing={drawing} change={change} says={says} />}
          <Snags
            docket={docket}
            item={item.nth}
            check={check}
            isDrawn={problem === null}
            body={settled}
            drawing={drawing}
            onCure={change}
          />
          <LetteringTabs desk={desk} />
        </div>
        <ProofFoot desk={desk} />
      </aside>
    </div>
  );
}
