import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/js/main.tsx'], refresh: false }),
        react(),
        tailwindcss(),
        // the worker that keeps the program in the browser; it lies at the root, so that it may answer for every page
        VitePWA({
            strategies: 'injectManifest',
            srcDir: 'resources/sw',
            filename: 'sw.ts',
            outDir: 'public',
            base: '/',
            scope: '/',
            injectRegister: false,
            manifest: false,
            injectManifest: {
                globDirectory: 'public/build',
                globPatterns: ['assets/**/*.{js,css,woff2}'],
                modifyURLPrefix: { '': '/build/' },
                dontCacheBustURLsMatching: /assets\//,
            },
        }),
    ],
    build: { target: 'es2022', sourcemap: false },
})
