import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwind()],
  base: '/build/shop/',
  publicDir: false,
  build: {
    outDir: 'public/build/shop',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: { input: ['ui/src/main.tsx'] },
  },
});
