/** The text of a file, taken as if it had been typed. */
export function FileText({ label, accept, onText }: { label: string; accept: string; onText: (text: string) => void }) {
    return (
        <label className="btn mt-1 h-12 cursor-pointer px-4">
            {label}
            <input
                type="file"
                accept={accept}
                className="sr-only"
                onChange={async (event) => {
                    const text = await event.target.files?.[0]?.text()
                    if (text !== undefined) {
                        onText(text)
                    }
                }}
            />
        </label>
    )
}
