export const STATIONS = ['ask', 'size', 'proof', 'batch', 'cut', 'weed', 'apply', 'send'] as const;
export type Station = (typeof STATIONS)[number];

export const stationName = (station: string) => station.charAt(0).toUpperCase() + station.slice(1);

/** Where a docket is worked on at a station. */
export const workAt = (station: string | null, number: number) =>
  station === 'ask' || station === 'size' || station === 'proof'
    ? `/${station}/${number}`
    : `/${station ?? 'send'}?docket=${number}`;
