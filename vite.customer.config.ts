import tailwind from '@tailwindcss/vite';
import { defineConfig } from 'vite';

// The customer's page, for a phone somewhere on the road: the same components over a runtime a sixth the size.
export default defineConfig({
  plugins: [tailwind()],
  base: '/build/customer/',
  publicDir: false,
  resolve: {
    alias: [
      { find: /^react-dom\/client$/, replacement: 'preact/compat/client' },
      { find: /^react-dom$/, replacement: 'preact/compat' },
      { find: /^react\/jsx-runtime$/, replacement: 'preact/jsx-runtime' },
      { find: /^react$/, replacement: 'preact/compat' },
    ],
  },
  build: {
    outDir: 'public/build/customer',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: { input: ['ui/src/customer/main.tsx'] },
  },
});
