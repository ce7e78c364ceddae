import { Tabs } from 'radix-ui';
import { Move } from '../../parts/basics';
import { ArtPanel, artOf, useArt } from './ArtPanel';
import { BringArt } from './BringArt';
import { ElementsPanel } from './ElementsPanel';
import { LayersPanel } from './LayersPanel';
import { MendPanel } from './MendPanel';
import { useMotifs } from './MotifPanel';
import { PlacePanel } from './PlacePanel';
import { Samples } from './Samples';
import { SettingPanel } from './SettingPanel';
import type { SizeDesk } from './useSizeDesk';

/** What is chosen of the lettering, in tabs: face or drawing, how it is set, what lies beside it, layers, mending, place. */
export function LetteringTabs({ desk }: { desk: SizeDesk }) {
  const {
    on,
    units,
    drawing,
    change,
    says,
    drawn,
    check,
    films,
    isSet,
    motif,
    tab,
    setTab,
    words,
    before,
    setBefore,
    hand,
  } = desk;
  return (
    <Tabs.Root value={tab} onValueChange={setTab}>
      <Tabs.List className="mb-3 flex border-b border-ink" aria-label="Lettering">
        {[
          ['faces', drawing.art || motif ? 'Drawing' : 'Faces'],
          ['setting', 'Setting'],
          ['elements', 'Beside'],
          ['layers', 'Layers'],
          ['mend', 'Mend'],
          ...(isSet ? [] : [['place', 'Place']]),
        ].map(([value, label]) => (
          <Tabs.Trigger
            key={value}
            value={value ?? ''}
            className="flex-1 px-1 py-2 text-sm data-[state=active]:bg-ink data-[state=active]:font-semibold data-[state=active]:text-paper"
          >
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="faces">
        <FacesTab desk={desk} />
      </Tabs.Content>
      <Tabs.Content value="setting">
        <SettingPanel on={on} drawing={{ ...drawing, words }} units={units} fit={drawn} change={change} says={says} />
      </Tabs.Content>
      <Tabs.Content value="elements">
        <ElementsPanel
          on={on}
          drawing={drawing}
          units={units}
          fit={drawn}
          films={films}
          hand={hand}
          change={change}
          says={says}
        />
      </Tabs.Content>
      <Tabs.Content value="layers">
        <LayersPanel
          drawing={drawing}
          films={films}
          layers={drawn?.film.layers ?? []}
          suggested={desk.set.data?.suggestedOffset ?? drawn?.suggestedOffset}
          change={change}
          says={says}
        />
      </Tabs.Content>
      <Tabs.Content value="mend">
        <MendPanel drawing={drawing} change={change} says={says} fit={drawn} before={before} onBefore={setBefore} />
      </Tabs.Content>
      <Tabs.Content value="place">
        <PlacePanel
          on={on}
          drawing={drawing}
          units={units}
          fit={drawn}
          elsewhere={check?.elsewhere}
          onBall={check?.onBall}
          change={change}
        />
      </Tabs.Content>
    </Tabs.Root>
  );
}

function FacesTab({ desk }: { desk: SizeDesk }) {
  const { on, item, drawing, change, says, drawn, films, isSet, motif } = desk;
  const art = useArt(drawing.art?.id ?? 0).data;
  const motifs = useMotifs();
  return (
    <>
      <Move className="mb-2 w-full" keys="L" onClick={() => desk.setLibrary(true)}>
        The shop’s designs …
      </Move>
      {drawing.art && art && (
        <ArtPanel
          on={on}
          art={art}
          drawing={drawing}
          trueHeight={drawn?.lettering.trueHeight}
          films={films}
          change={change}
          says={says.art}
        />
      )}
      {!drawing.art && !isSet && (
        <div className="mb-3">
          <BringArt on={on} onBrought={(brought) => change(artOf(brought))} />
        </div>
      )}
      {!drawing.art && !motif && !isSet && (
        <Move
          className="mb-3 w-full"
          onClick={() => change({ words: '', capHeight: '', left: '', top: '', motif: motifs.of('disc') })}
        >
          No words: a shape or a pattern
        </Move>
      )}
      {!drawing.art && !motif && (
        <Samples
          drawing={drawing}
          object={item.object?.wall.width.mm ?? 100}
          from={desk.samples}
          onChoose={desk.takeFace}
          onWall={() => desk.setWall(true)}
        />
      )}
    </>
  );
}
