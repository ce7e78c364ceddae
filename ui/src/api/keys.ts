/**
 * What is kept of answers has two roots: what is on record, which is asked for again after every change, and what is
 * calculated from what was typed, which stays as it is until something else is typed or the shop's figures change.
 */
export const RECORD = 'record';
export const CALCULATED = 'calculated';

/** What is also put in place by the answer to a change, and so is named in two places. */
export const givenKey = (token: string) => [RECORD, 'given', token] as const;
export const stepsKey = (piece: number) => [RECORD, 'steps', piece] as const;
export const weedingKey = (piece: number) => [RECORD, 'weeding', piece] as const;
export const nestingKey = (nesting: number | null) => [CALCULATED, 'nesting', nesting] as const;
