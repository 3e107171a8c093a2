import 'fake-indexeddb/auto'
import { configure } from '@testing-library/react'

// what a test waits for comes when the machine gets to it; only what never comes fails
configure({ asyncUtilTimeout: 10_000 })
