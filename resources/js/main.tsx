import '../css/app.css'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router/dom'
import { Problem } from './app/api'
import { fetchAhead, router } from './app/routes'
import { keepProgram } from './app/update'

const client = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 2_000,
            networkMode: 'always',
            retry: (failures, error) => !(error instanceof Problem && error.status < 500) && failures < 3,
        },
    },
})

fetchAhead()
keepProgram()

const root = document.getElementById('app')
if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <RouterProvider router={router} />
            </QueryClientProvider>
        </StrictMode>,
    )
}
