import { createContext, type ReactNode, useContext, useState } from 'react';

export type Units = 'metric' | 'imperial';

const Context = createContext<{ units: Units; turn: () => void }>({ units: 'metric', turn: () => undefined });
const KEPT = 'yelbo.units';

/** Which system comes first on this device. Both are always shown. */
export function UnitsProvider({ children }: { children: ReactNode }) {
  const [units, setUnits] = useState<Units>(() => (localStorage.getItem(KEPT) === 'imperial' ? 'imperial' : 'metric'));
  const turn = () => {
    const next = units === 'metric' ? 'imperial' : 'metric';
    localStorage.setItem(KEPT, next);
    setUnits(next);
  };
  return <Context value={{ units, turn }}>{children}</Context>;
}

export const useUnits = () => useContext(Context);
