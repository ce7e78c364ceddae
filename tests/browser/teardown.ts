import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { SHOPS } from './shops';

/** After all of it each shop can still be backed up, proved, and none of its nights' backups failed unnoticed. */
export default async function teardown(): Promise<void> {
  for (const shop of SHOPS) {
    const said = execFileSync('./yelbo', ['console', 'yelbo:nightly', '--now'], {
      env: { ...process.env, ...shop.env },
      encoding: 'utf8',
    });
    const log = said + readFileSync(`${shop.folder}/log/nightly.log`, 'utf8');
    if (!/written and proved/.test(said) || /backup failed/.test(log)) {
      throw new Error(`The nightly backup of ${shop.url}: ${log}`);
    }
  }
}
