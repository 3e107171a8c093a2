import { createBrowserRouter, Navigate } from 'react-router'
import { Build } from '../screens/Build/Build'
import { Floor } from '../screens/Floor/Floor'
import { Record } from '../screens/Record/Record'
import { SignIn } from '../screens/SignIn/SignIn'
import { Shell } from './Shell'

export const router = createBrowserRouter([
    { path: '/sign-in', element: <SignIn /> },
    {
        element: <Shell />,
        children: [
            { path: '/', element: <Floor /> },
            { path: '/jobs/:number', element: <Build /> },
            { path: '/jobs/:number/record', element: <Record /> },
        ],
    },
    { path: '*', element: <Navigate to="/" replace /> },
])
