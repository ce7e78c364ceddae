import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Docket, Item } from '../../api/client';
import { stock, useEdit } from '../../api/queries';
import { useVocabulary } from '../../api/vocabulary';
import { useUnits } from '../../parts/units';
import { useHand } from './elements';
import { motifOf } from './MotifPanel';
import { useSamples } from './Samples';
import { useAutoKeep } from './useAutoKeep';
import { drawingOf, useDrawing } from './useDrawing';
import { useFitting } from './useFitting';
import { useProofing } from './useProofing';

/** All that Size holds of the item in hand: what is chosen, what the core says of it, and what is open. */
export function useSizeDesk(docket: Docket, item: Item) {
  const on = { docket: docket.number, item: item.nth };
  const { units } = useUnits();
  const vocabulary = useVocabulary();
  const edit = useEdit(docket);
  const history = useDrawing(docket, item, vocabulary.setting);
  const { drawing, change } = history;
  const films = useQuery(stock).data?.films ?? [];
  const film = films.find((one) => String(one.id) === drawing.film) ?? item.film;
  const fitting = useFitting(on, drawing, units);
  const { check, problem } = fitting;
  const proofing = useProofing(
    docket,
    item,
    drawing,
    units,
    { isCurrent: fitting.isCurrent, isRefused: problem !== null },
    history.written,
  );
  const { keep, conflict } = proofing;
  useAutoKeep(
    docket,
    item,
    drawing,
    vocabulary.setting,
    keep.isPending || conflict !== null,
    () => keep.mutate(false),
    change,
  );

  const motif = motifOf(drawing);
  const [tab, setTab] = useState('faces');
  const [before, setBefore] = useState(true);
  const hand = useHand();
  const [wall, setWall] = useState(false);
  const [library, setLibrary] = useState(false);
  const samples = useSamples(on, drawing, units, drawing.capHeight === '' ? check : undefined);
  const takeFace = (face: string) => change({ face, capHeight: '', left: '', top: '' });
  /** Somebody else drew it meanwhile: what is seen here goes on, or what they drew. */
  const keepMine = () => {
    edit.begin(docket);
    keep.mutate(false);
  };
  const takeTheirs = () => {
    edit.begin(docket);
    change(drawingOf(item, vocabulary.setting));
    keep.reset();
  };
  return {
    ...fitting,
    ...proofing,
    docket,
    item,
    on,
    units,
    history,
    drawing,
    change,
    films,
    film,
    motif,
    tab,
    setTab,
    before,
    setBefore,
    hand,
    wall,
    setWall,
    library,
    setLibrary,
    samples,
    takeFace,
    keepMine,
    takeTheirs,
  };
}

export type SizeDesk = ReturnType<typeof useSizeDesk>;
