import { useIsMutating } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Docket, type Item } from '../../api/client';
import { useDocketChange } from '../../api/queries';
import type { Units } from '../../parts/units';
import { PLACING } from './PlacePanel';
import type { Drawing } from './useDrawing';

/**
 * Keeps what is drawn, and makes the proof of it: of what is chosen, never of a drawing older than that. It waits until
 * that is worked out.
 */
export function useProofing(
  docket: Docket,
  item: Item,
  drawing: Drawing,
  units: Units,
  fit: { isCurrent: boolean; isRefused: boolean },
  onKept: () => void,
) {
  const navigate = useNavigate();
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
      onKept();
      if (saved.state === 'proofing') {
        navigate(`/proof/${saved.number}`);
      }
    },
    'by itself',
  );
  const conflict = keep.error?.status === 409 ? keep.error : null;
  const [proofing, setProofing] = useState(false);
  const placing = useIsMutating({ mutationKey: PLACING });
  const prove = useRef(() => keep.mutate(true));
  prove.current = () => keep.mutate(true);
  useEffect(() => {
    if (proofing && fit.isRefused) {
      setProofing(false);
    } else if (proofing && fit.isCurrent && placing === 0) {
      setProofing(false);
      prove.current();
    }
  }, [proofing, fit.isCurrent, placing, fit.isRefused]);
  return { keep, conflict, proofing, prove: () => setProofing(true) };
}
