import { useEffect } from 'react'
import { useKept } from './kept'

export type Theme = 'day' | 'night'

export function useTheme(): [Theme, () => void] {
    const preferred: Theme = window.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'night' : 'day'
    const [theme, setTheme] = useKept<Theme>('theme', preferred)
    useEffect(() => {
        document.documentElement.dataset.theme = theme
    }, [theme])
    return [theme, () => setTheme(theme === 'day' ? 'night' : 'day')]
}
