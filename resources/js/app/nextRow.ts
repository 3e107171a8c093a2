/** The first field of the next row of its kind, as Enter goes on from one reading to the next. */
export function toNextRow(form: HTMLFormElement, kind: string): void {
    const rows = [...document.querySelectorAll<HTMLFormElement>(`form[data-row="${kind}"]`)]
    rows[rows.indexOf(form) + 1]?.querySelector('input')?.focus()
}
