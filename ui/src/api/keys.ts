/**
 * What is kept of answers has two roots: what is on record, which is asked for again after every change, and what is
 * calculated from what was typed, which stays as it is until something else is typed or the shop's figures change.
 */
export const RECORD = 'record';
export const CALCULATED = 'calculated';
