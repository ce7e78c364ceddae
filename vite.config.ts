import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwind()],
  base: '/build/',
  publicDir: false,
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: { input: ['ui/src/main.tsx', 'ui/src/customer/main.tsx'] },
  },
});
