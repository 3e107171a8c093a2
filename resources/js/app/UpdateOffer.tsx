import { takeUpdate, useUpdate } from './update'

/** A newer program lies ready: it is taken when the hands are free, and loses nothing that was typed. */
export function UpdateOffer() {
    return useUpdate() ? (
        <div role="status" className="no-print flex items-center gap-3 border-b border-line bg-base-100 px-4 py-2">
            <span>A newer Moltrek lies ready. What you have typed is kept.</span>
            <button type="button" className="btn ml-auto h-12 px-5" onClick={takeUpdate}>
                Take it
            </button>
        </div>
    ) : null
}
