import { createBrowserRouter, Navigate } from 'react-router'
import { Bench } from '../screens/Bench/Bench'
import { Dates } from '../screens/Dates/Dates'
import { Floor } from '../screens/Floor/Floor'
import { Heights } from '../screens/Heights/Heights'
import { History } from '../screens/History/History'
import { Hone } from '../screens/Hone/Hone'
import { Import } from '../screens/Import/Import'
import { Intake } from '../screens/Intake/Intake'
import { MachineShop } from '../screens/MachineShop/MachineShop'
import { Marks } from '../screens/Marks/Marks'
import { Pairing } from '../screens/Pairing/Pairing'
import { Parts } from '../screens/Parts/Parts'
import { Pattern } from '../screens/Pattern/Pattern'
import { Record } from '../screens/Record/Record'
import { Rings } from '../screens/Rings/Rings'
import { SignIn } from '../screens/SignIn/SignIn'
import { SpecBook } from '../screens/SpecBook/SpecBook'
import { Toolbox } from '../screens/Toolbox/Toolbox'
import { Trays } from '../screens/Trays/Trays'
import { Wrench } from '../screens/Wrench/Wrench'
import { Shell } from './Shell'

export const router = createBrowserRouter([
    { path: '/sign-in', element: <SignIn /> },
    {
        element: <Shell />,
        children: [
            { path: '/', element: <Floor /> },
            { path: '/jobs/:number', element: <Bench /> },
            { path: '/jobs/:number/record', element: <Record /> },
            { path: '/jobs/:number/rings', element: <Rings /> },
            { path: '/jobs/:number/pairing', element: <Pairing /> },
            { path: '/intake', element: <Intake /> },
            { path: '/jobs/:number/history', element: <History /> },
            { path: '/jobs/:number/parts', element: <Parts /> },
            { path: '/jobs/:number/hone', element: <Hone /> },
            { path: '/jobs/:number/heights', element: <Heights /> },
            { path: '/jobs/:number/marks', element: <Marks /> },
            { path: '/jobs/:number/machine-shop', element: <MachineShop /> },
            { path: '/jobs/:number/import', element: <Import /> },
            { path: '/jobs/:number/trays', element: <Trays /> },
            { path: '/dates', element: <Dates /> },
            { path: '/toolbox', element: <Toolbox /> },
            { path: '/wrench', element: <Wrench /> },
            { path: '/pattern', element: <Pattern /> },
            { path: '/spec-book/:slug?', element: <SpecBook /> },
        ],
    },
    { path: '*', element: <Navigate to="/" replace /> },
])
