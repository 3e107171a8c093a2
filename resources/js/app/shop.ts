/** The shop that this page was served for, by its key and its name. */
const meta = document.querySelector<HTMLMetaElement>('meta[name=shop]')

export const shopName = meta?.content ?? ''

export const isPractice = meta?.dataset.key === 'practice'

/** What a browser keeps is kept shop by shop: what was typed for practice never reaches the own shop’s log. */
export const keptUnder = meta?.dataset.key === 'own' ? 'moltrek.own' : 'moltrek'
