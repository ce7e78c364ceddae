import { useIsMutating, useQuery } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, ask, type Docket, type Item, type Problem } from '../../api/client';
import { docket as docketQuery, dockets, stock, useDocketChange, useEdit } from '../../api/queries';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import { useKey } from '../../frame/keys';
import { FilmName, Move, NextMove, Nothing, Ready, Section, Trouble, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { AddItem } from '../ask/AddItem';
import { ChangeAsked } from '../ChangeAsked';
import { Elsewhere } from '../Elsewhere';
import { ChangeRequests, useAnswering } from '../proof/Answering';
import { StationList } from '../StationList';
import { ArtPanel, artOf, BringArt, useArt } from './ArtPanel';
import { Board } from './Board';
import { Designs } from './Designs';
import { ElementsPanel } from './ElementsPanel';
import { useHand } from './elements';
import { Figures } from './Figures';
import { Items } from './Items';
import { LayersPanel } from './LayersPanel';
import { MendPanel, STEPS } from './MendPanel';
import { MotifPanel, motifOf, useMotifs } from './MotifPanel';
import { PLACING, PlacePanel } from './PlacePanel';
import { Samples, useSamples } from './Samples';
import { SetPanel } from './SetPanel';
import { SettingPanel } from './SettingPanel';
import { Signs } from './Signs';
import { Snags } from './Snags';
import { useAutoKeep } from './useAutoKeep';
import { drawingOf, useDrawing } from './useDrawing';
import { useFitting } from './useFitting';
import { Wall } from './Wall';

export function Size() {
  const { number, item } = useParams();
  const list = useQuery(dockets('size'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList title="To be sized" station="size" current={Number(number)} to={(row) => `/size/${row.number}`} />
      {number === undefined ? (
        <Nothing title={list.data?.dockets.length === 0 ? 'Nothing to size' : 'Choose an order'}>
          <p>] opens the first one.</p>
        </Nothing>
      ) : (
        <Ready query={opened} what="the docket">
          {(docket) =>
            docket.state === 'sizing' ? (
              item === 'add' ? (
                <AddItem key={docket.number} docket={docket} />
              ) : (
                <InHand key={docket.number} docket={docket} nth={Number(item ?? 0)} />
              )
            ) : (
              <Elsewhere docket={docket} says="is not at Size" />
            )
          }
        </Ready>
      )}
    </div>
  );
}

/** The item in hand: the first that is not being made, where none is named. */
function InHand({ docket, nth }: { docket: Docket; nth: number }) {
  const item =
    docket.items.find((one) => one.nth === nth) ?? docket.items.find((one) => !one.beingMade) ?? docket.items[0];
  if (!item) {
    return <Nothing title="Nothing in this order">Go back to Ask and say what it is to be.</Nothing>;
  }
  return item.beingMade ? (
    <div className="grid min-h-0 grid-cols-[1fr_326px]">
      <Nothing title={`${item.label} is being made`}>
        <p>The customer said yes to it. To change it, open it again from the docket.</p>
      </Nothing>
      <aside className="min-h-0 overflow-auto border-l border-rule bg-ground p-4" aria-label="Lettering">
        <Items docket={docket} current={item.nth} />
      </aside>
    </div>
  ) : (
    <Desk key={item.nth} docket={docket} item={item} />
  );
}

/** Where a field is to be seen: always, or in one of the tabs. */
const SHOWN: Record<string, true | string> = {
  words: true,
  roster: true,
  setWide: true,
  setHigh: true,
  capHeight: true,
  arrangement: 'setting',
  radius: 'setting',
  tracking: 'setting',
  condense: 'setting',
  signs: true,
  lineSpacing: 'setting',
  offset: 'layers',
  art: 'faces',
  offsetFilm: 'layers',
  base: 'layers',
  baseFilm: 'layers',
  ...Object.fromEntries(STEPS.map((step) => [step, 'mend'])),
};

/** What stands in the place of words is always in sight, what lies beside them in a tab of its own. */
const shownAt = (field: string) =>
  /^motif(\.|$)/.test(field) ? true : field.startsWith('elements.') ? 'elements' : SHOWN[field];

function Desk({ docket, item }: { docket: Docket; item: Item }) {
  const on = { docket: docket.number, item: item.nth };
  const navigate = useNavigate();
  const { units } = useUnits();
  const vocabulary = useVocabulary();
  const edit = useEdit(docket);
  const history = useDrawing(docket, item, vocabulary.setting);
  const { drawing, change, written } = history;
  const shown = useShown();
  const films = useQuery(stock).data?.films ?? [];
  const film = films.find((one) => String(one.id) === drawing.film) ?? item.film;
  const { isSet, words, settled, set, check, problem, says, drawn, isReady, isCurrent } = useFitting(
    on,
    drawing,
    units,
  );

  const keep = useDocketChange(
    docket,
    (version, proof: boolean) =>
      ask(
        api.PUT('/api/dockets/{number}/design', {
          params: { path: { number: docket.number } },
          body: { version, item: item.nth, ...drawing, units, proof },
        }),
      ),
    (saved) => {
      written();
      if (saved.state === 'proofing') {
        navigate(`/proof/${saved.number}`);
      }
    },
    'by itself',
  );
  const conflict = keep.error?.status === 409 ? keep.error : null;
  // A proof is made of what is chosen, never of a drawing older than that: it waits until that is worked out.
  const [proofing, setProofing] = useState(false);
  const placing = useIsMutating({ mutationKey: PLACING });
  const prove = useRef(() => keep.mutate(true));
  prove.current = () => keep.mutate(true);
  useEffect(() => {
    if (proofing && problem) {
      setProofing(false);
    } else if (proofing && isCurrent && placing === 0) {
      setProofing(false);
      prove.current();
    }
  }, [proofing, isCurrent, placing, problem]);
  useAutoKeep(
    docket,
    item,
    drawing,
    vocabulary.setting,
    keep.isPending || conflict !== null,
    () => keep.mutate(false),
    change,
  );

  const art = useArt(drawing.art?.id ?? 0).data;
  const motifs = useMotifs();
  const motif = motifOf(drawing);
  const answering = useAnswering(docket.number).data;
  const [tab, setTab] = useState('faces');
  const [before, setBefore] = useState(true);
  const hand = useHand();
  const [wall, setWall] = useState(false);
  const [library, setLibrary] = useState(false);
  const samples = useSamples(on, drawing, units, drawing.capHeight === '' ? check : undefined);
  const takeFace = (face: string) => change({ face, capHeight: '', left: '', top: '' });
  useKey('l', () => setLibrary(true));
  useKey('w', () => setWall(drawing.art === null && motif === null));
  const suggested = set.data?.suggestedOffset ?? drawn?.suggestedOffset;
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
          before={tab === 'mend' && before ? drawn?.before?.path : undefined}
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
          <Section title="The order">
            <p className="mb-1 font-label text-xl leading-6 font-semibold">{docket.customer}</p>
            <Items docket={docket} current={item.nth} />
            <p className="text-note">
              {item.object && `${item.object.name}, ${shown.size(item.object.wall)}`}
              {item.quantity > 1 && `, ${item.quantity} of it`}
              {item.object && item.object.panes > 1 && `, ${item.object.panes} panes, one decal each`}
            </p>
            <div className="mt-1 flex flex-wrap items-center gap-x-3 text-note">
              {film && <FilmName film={film} />}
              <span className="text-ink2">
                {labelOf(vocabulary.usesInWords, item.useOf)}, {asDay(docket.neededAt)}
              </span>
              <ChangeAsked docket={docket.number} />
            </div>
          </Section>
          <ChangeRequests
            requests={answering?.changeRequests ?? []}
            proof={docket.proofs.at(-1)?.nth ?? 0}
            item={item.nth}
          />
          <div className="mb-4">
            {isSet ? (
              <TextField
                label="Names, one decal each"
                hint="| parts lines"
                value={drawing.roster}
                onChange={(value) => change({ roster: value })}
                lines={6}
                says={says.roster}
              />
            ) : motif ? (
              <MotifPanel motif={motif} fit={drawn} change={change} says={says} />
            ) : (
              <TextField
                label={drawing.art ? 'Called' : 'Words'}
                value={drawing.words}
                onChange={(value) => change({ words: value })}
                lines={2}
                says={says.words ?? drawn?.tooLong ?? undefined}
              />
            )}
            {!motif && !drawing.art && <Signs drawing={drawing} change={change} says={says} />}
          </div>
          {isSet ? (
            <>
              <SetPanel set={set.data} drawing={drawing} change={change} says={says} />
              <Snags
                docket={docket}
                item={item.nth}
                check={check}
                isDrawn={problem === null}
                body={settled}
                drawing={drawing}
                onCure={change}
              />
            </>
          ) : (
            <Snags
              docket={docket}
              item={item.nth}
              check={check}
              isDrawn={problem === null}
              body={settled}
              drawing={drawing}
              onCure={change}
            />
          )}
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
              <Move className="mb-2 w-full" keys="L" onClick={() => setLibrary(true)}>
                The shop’s designs …
              </Move>
              {drawing.art && art && (
                <ArtPanel
                  on={on}
                  art={art}
                  drawing={drawing}
                  trueHeight={drawn?.trueHeight}
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
                  from={samples}
                  onChoose={takeFace}
                  onWall={() => setWall(true)}
                />
              )}
            </Tabs.Content>
            <Tabs.Content value="setting">
              <SettingPanel
                on={on}
                drawing={{ ...drawing, words }}
                units={units}
                fit={drawn}
                change={change}
                says={says}
              />
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
                layers={drawn?.layers ?? []}
                suggested={suggested}
                change={change}
                says={says}
              />
            </Tabs.Content>
            <Tabs.Content value="mend">
              <MendPanel
                drawing={drawing}
                change={change}
                says={says}
                fit={drawn}
                before={before}
                onBefore={setBefore}
              />
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
        </div>
        <div className="flex flex-col gap-2 border-t border-rule p-4">
          <Trouble
            says={
              (problem
                ? null
                : (keep.error?.fields.snags ??
                  keep.error?.fields.items ??
                  (conflict ? yours(conflict) : keep.error?.message))) ??
              (problem && !Object.keys(says).some((field) => shownAt(field) === true || shownAt(field) === tab)
                ? problem.message
                : null)
            }
          />
          {conflict && (
            <div className="grid grid-cols-2 gap-2">
              <Move
                onClick={() => {
                  edit.begin(docket);
                  keep.mutate(false);
                }}
              >
                Keep mine
              </Move>
              <Move
                onClick={() => {
                  edit.begin(docket);
                  change(drawingOf(item, vocabulary.setting));
                  keep.reset();
                }}
              >
                Take theirs
              </Move>
            </div>
          )}
          <NextMove
            onClick={() => setProofing(true)}
            // What is only being kept does not stand in the way: one goes after the other.
            disabled={
              proofing ||
              (keep.isPending && keep.variables === true) ||
              conflict !== null ||
              Boolean(problem) ||
              !isReady
            }
          >
            {docket.items.length > 1
              ? `Make the proof of ${docket.items.length} items`
              : isSet
                ? `Make the proof of ${set.data?.members.length ?? '…'}`
                : 'Make the proof'}
          </NextMove>
        </div>
      </aside>
    </div>
  );
}

/** Who has changed it; what is seen here is not that. */
const yours = ({ conflict, message }: Problem) =>
  conflict
    ? `${conflict.record} was changed meanwhile by ${conflict.by}${conflict.did && ` (${conflict.did})`}. What you see is yours, and not kept yet.`
    : message;
