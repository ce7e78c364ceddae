import { mkdirSync } from 'node:fs';
import { chromium, type FullConfig } from '@playwright/test';
import { api, SIGN_INS, session, signIn, type Who } from './shop';
import { SHOPS } from './shops';

/** Signs both workers in once at each shop; every test starts from there. */
export default async function setup(config: FullConfig): Promise<void> {
  mkdirSync('test-results', { recursive: true });
  const browser = await chromium.launch(config.projects[0]?.use?.launchOptions);
  for (const shop of SHOPS) {
    for (const who of Object.keys(SIGN_INS) as Who[]) {
      const context = await browser.newContext({ baseURL: shop.url });
      const page = await context.newPage();
      await page.goto('/');
      await signIn(page, who, SIGN_INS[who]);
      await page.getByRole('navigation', { name: 'The line' }).waitFor();
      await context.storageState({ path: session(shop, who) });
      if (who === 'ines') {
        // What is tried is the line, not how long a plan is thought about.
        await api(page, 'PUT', '/api/rules/think', { value: '0' });
        await api(page, 'PUT', '/api/rules/think-week', { value: '6' });
      }
      await context.close();
    }
  }
  await browser.close();
}
