// How hard a password is to guess: JSON with "password" and "about" (words that everybody here knows) on standard input; prints how
// many guesses it takes, as a power of ten, and what is weak about it.
import { readFileSync } from 'node:fs'
import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import * as common from '@zxcvbn-ts/language-common'
import * as english from '@zxcvbn-ts/language-en'

const { password, about } = JSON.parse(readFileSync(0, 'utf8'))
const estimator = new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
    translations: english.translations,
})
const { guessesLog10, feedback } = estimator.check(password, about)
process.stdout.write(JSON.stringify({ guesses: guessesLog10, weak: feedback.warning ?? '' }))
