import type { ComponentType } from 'react'
import { createBrowserRouter, Navigate } from 'react-router'
import { Floor } from '../screens/Floor/Floor'
import { SignIn } from '../screens/SignIn/SignIn'
import { Shell } from './Shell'

const loadBench = () => import('../screens/Bench/Bench').then((page) => page.Bench)
const loadCompression = () => import('../screens/Chamber/Compression').then((page) => page.Compression)
const loadDates = () => import('../screens/Dates/Dates').then((page) => page.Dates)
const loadHeights = () => import('../screens/Heights/Heights').then((page) => page.Heights)
const loadHistory = () => import('../screens/History/History').then((page) => page.History)
const loadHone = () => import('../screens/Hone/Hone').then((page) => page.Hone)
const loadImport = () => import('../screens/Import/Import').then((page) => page.Import)
const loadIntake = () => import('../screens/Intake/Intake').then((page) => page.Intake)
const loadMachineShop = () => import('../screens/MachineShop/MachineShop').then((page) => page.MachineShop)
const loadMarks = () => import('../screens/Marks/Marks').then((page) => page.Marks)
const loadPairing = () => import('../screens/Pairing/Pairing').then((page) => page.Pairing)
const loadParts = () => import('../screens/Parts/Parts').then((page) => page.Parts)
const loadPattern = () => import('../screens/Pattern/Pattern').then((page) => page.Pattern)
const loadPorts = () => import('../screens/Chamber/Ports').then((page) => page.Ports)
const loadRecord = () => import('../screens/Record/Record').then((page) => page.Record)
const loadRings = () => import('../screens/Rings/Rings').then((page) => page.Rings)
const loadSpecBook = () => import('../screens/SpecBook/SpecBook').then((page) => page.SpecBook)
const loadSheetEditor = () => import('../screens/SheetEditor/SheetEditor').then((page) => page.SheetEditor)
const loadThickness = () => import('../screens/Chamber/Thickness').then((page) => page.Thickness)
const loadTiming = () => import('../screens/Timing/Timing').then((page) => page.Timing)
const loadToolbox = () => import('../screens/Toolbox/Toolbox').then((page) => page.Toolbox)
const loadTorque = () => import('../screens/Torque/Torque').then((page) => page.Torque)
const loadTrays = () => import('../screens/Trays/Trays').then((page) => page.Trays)
const loadValves = () => import('../screens/Valves/Valves').then((page) => page.Valves)
const loadClosing = () => import('../screens/Closing/Closing').then((page) => page.Closing)
const loadBegin = () => import('../screens/SignIn/Begin').then((page) => page.Begin)
const loadWelcome = () => import('../screens/SignIn/Welcome').then((page) => page.Welcome)
const loadTag = () => import('../screens/Tag/Tag').then((page) => page.Tag)
const loadShop = () => import('../screens/Shop/Shop').then((page) => page.Shop)
const loadWrench = () => import('../screens/Wrench/Wrench').then((page) => page.Wrench)

/** A page that is fetched when it is first opened. */
const later = (load: () => Promise<ComponentType>) => ({ lazy: async () => ({ Component: await load() }) })

/** Fetches the pages of the other chapters while nobody waits, so that they are there when the network is not. */
export function fetchAhead(): void {
    const all = [
        loadBench,
        loadCompression,
        loadDates,
        loadHeights,
        loadHistory,
        loadHone,
        loadImport,
        loadIntake,
        loadMachineShop,
        loadMarks,
        loadPairing,
        loadParts,
        loadPattern,
        loadPorts,
        loadRecord,
        loadRings,
        loadSpecBook,
        loadSheetEditor,
        loadThickness,
        loadTiming,
        loadToolbox,
        loadTorque,
        loadTrays,
        loadValves,
        loadClosing,
        loadWrench,
        loadShop,
        loadTag,
    ]
    setTimeout(() => {
        for (const load of all) {
            load().catch(() => {
                // fetched when it is opened, then
            })
        }
    }, 3000)
}

export const router = createBrowserRouter([
    { path: '/sign-in', element: <SignIn /> },
    { path: '/begin', ...later(loadBegin) },
    { path: '/welcome/:code?', ...later(loadWelcome) },
    {
        element: <Shell />,
        HydrateFallback: () => <p className="p-6">One moment.</p>,
        children: [
            { path: '/', element: <Floor /> },
            { path: '/jobs/:number', ...later(loadBench) },
            { path: '/jobs/:number/record', ...later(loadRecord) },
            { path: '/jobs/:number/rings', ...later(loadRings) },
            { path: '/jobs/:number/pairing', ...later(loadPairing) },
            { path: '/intake', ...later(loadIntake) },
            { path: '/jobs/:number/history', ...later(loadHistory) },
            { path: '/jobs/:number/parts', ...later(loadParts) },
            { path: '/jobs/:number/hone', ...later(loadHone) },
            { path: '/jobs/:number/heights', ...later(loadHeights) },
            { path: '/jobs/:number/marks', ...later(loadMarks) },
            { path: '/jobs/:number/machine-shop', ...later(loadMachineShop) },
            { path: '/jobs/:number/import', ...later(loadImport) },
            { path: '/jobs/:number/torque/:step', ...later(loadTorque) },
            { path: '/jobs/:number/thickness/:cylinder', ...later(loadThickness) },
            { path: '/jobs/:number/compression/:cylinder', ...later(loadCompression) },
            { path: '/jobs/:number/ports/:cylinder', ...later(loadPorts) },
            { path: '/jobs/:number/timing/:page?', ...later(loadTiming) },
            { path: '/jobs/:number/valves/:page?', ...later(loadValves) },
            { path: '/jobs/:number/closing/:page?', ...later(loadClosing) },
            { path: '/jobs/:number/trays', ...later(loadTrays) },
            { path: '/jobs/:number/tag', ...later(loadTag) },
            { path: '/dates', ...later(loadDates) },
            { path: '/toolbox', ...later(loadToolbox) },
            { path: '/wrench', ...later(loadWrench) },
            { path: '/pattern', ...later(loadPattern) },
            { path: '/spec-book/:slug?', ...later(loadSpecBook) },
            { path: '/spec-book/:slug/edit/:section?', ...later(loadSheetEditor) },
            { path: '/shop', ...later(loadShop) },
        ],
    },
    { path: '*', element: <Navigate to="/" replace /> },
])
