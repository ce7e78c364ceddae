import { defineConfig } from 'vitest/config';

export default defineConfig({ test: { dir: 'tests/ui', environment: 'happy-dom' } });
