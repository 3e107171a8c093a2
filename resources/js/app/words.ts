/** Words of the trade as the core has them. Generated: `php artisan moltrek:openapi`. */

/** How the order of a joint’s bolts is come by, and how one says it. */
export const PATTERNS = [
    [
        "cross",
        "crosswise"
    ],
    [
        "inside-out",
        "from the middle outwards"
    ],
    [
        "round",
        "round the rim"
    ],
    [
        "given",
        "as I tap them"
    ]
] as const

/** In which stages a final figure is reached, and how one says it. */
export const STAGES = [
    [
        "thirds",
        "1/3, 2/3, all"
    ],
    [
        "half-three-quarters-full",
        "1/2, 3/4, all"
    ],
    [
        "half-full",
        "1/2, all"
    ]
] as const

/** The units of each dimension that a figure is typed in, the usual one first. */
export const TYPED_UNITS = {
    "length": [
        "mm",
        "in",
        "thou"
    ],
    "angle": [
        "deg"
    ],
    "torque": [
        "N·m",
        "lbf·ft",
        "lbf·in",
        "kgf·m"
    ],
    "pressure": [
        "kPa",
        "bar",
        "psi"
    ],
    "volume": [
        "cm3",
        "in3"
    ],
    "force": [
        "N",
        "lbf"
    ],
    "rotation speed": [
        "rpm"
    ],
    "time": [
        "min",
        "h"
    ],
    "temperature": [
        "degC",
        "degF"
    ],
    "ratio": [
        "to 1"
    ],
    "speed": [
        "m/s"
    ]
} as const

/** The bolt that the teaching model of a clamped joint is shown with. */
export const CLAMP = {
    "k": 0.15,
    "diameter": "8 mm",
    "coupling": 0.25,
    "reach": "60 mm"
} as const

/** What a leak-down test is usually supplied with, by the unit of its gauge. */
export const SUPPLY = [
    [
        "kPa",
        "700"
    ],
    [
        "bar",
        "7"
    ],
    [
        "psi",
        "100"
    ]
] as const
