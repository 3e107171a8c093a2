import { defineConfig } from 'vitest/config'

export default defineConfig({
    test: {
        environment: 'jsdom',
        include: ['resources/js/**/*.test.{ts,tsx}'],
        testTimeout: 30_000,
        setupFiles: ['resources/js/test-setup.ts'],
    },
})
