export const percent = (share: number | null) => (share === null ? '' : `${Math.round(100 * share)} %`);
