import { mkdirSync } from 'node:fs';
import { chromium, type FullConfig } from '@playwright/test';
import { api, SIGN_INS, signIn } from './shop';

/** Signs both workers in once; every test starts from there. */
export default async function setup(config: FullConfig): Promise<void> {
  const use = config.projects[0]?.use;
  mkdirSync('test-results', { recursive: true });
  const browser = await chromium.launch(use?.launchOptions);
  for (const who of Object.keys(SIGN_INS) as (keyof typeof SIGN_INS)[]) {
    const context = await browser.newContext({ baseURL: use?.baseURL });
    const page = await context.newPage();
    await page.goto('/');
    await signIn(page, who, SIGN_INS[who]);
    await page.getByRole('navigation', { name: 'The line' }).waitFor();
    await context.storageState({ path: `test-results/${who}.json` });
    if (who === 'ines') {
      // What is tried is the line, not how long a plan is thought about.
      await api(page, 'PUT', '/api/rules/think', { value: '2' });
    }
    await context.close();
  }
  await browser.close();
}
