/** So many answers are known at once, those that were asked for last. */
const MOST = 60

/**
 * What the server answered last to a question that is asked again and again, by the tag that the answer bore: where nothing has
 * changed the server says so, and nothing is sent.
 */
export class Answers {
    private documents = new Map<string, { tag: string; document: unknown }>()

    /** What is asked along with a path. */
    known(path: string): Record<string, string> {
        const known = this.documents.get(path)
        return known ? { 'If-None-Match': known.tag } : {}
    }

    keep(path: string, response: Pick<Response, 'headers'>, document: unknown): void {
        const tag = response.headers?.get('ETag')
        this.documents.delete(path)
        if (tag) {
            this.documents.set(path, { tag, document })
        }
        const [oldest] = this.documents.keys()
        if (this.documents.size > MOST && oldest !== undefined) {
            this.documents.delete(oldest)
        }
    }

    /** The same as last time. A copy: whoever gets it may do with it what they like. */
    again(path: string): unknown {
        return structuredClone(this.documents.get(path)?.document)
    }

    forget(): void {
        this.documents.clear()
    }
}

/** No answer with data stays in the browser's own store; what has not changed is known here, as long as the page is open. */
export const answers = new Answers()
