/** A running shop: where its pages are, where its processes note their ids, and what moves its script there. */
export type Shop = { url: string; folder: string; env: Record<string, string> };

/** The shops the tests may use, `PORT:FOLDER` each; a worker of the runner for each. */
export const SHOPS: Shop[] = (process.env.YELBO_SHOPS ?? '8512:var/test').split(' ').map((one) => {
  const [port = '', folder = ''] = one.split(':');
  return {
    url: `http://127.0.0.1:${port}`,
    folder,
    env: {
      YELBO_VAR: folder,
      YELBO_PORT: port,
      YELBO_DB_PORT: String(Number(port) + 1),
      YELBO_CUTTER_PORT: String(Number(port) + 2),
    },
  };
});
