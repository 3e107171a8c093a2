import { $defs } from '../../../docs/schemas/engine-sheet.schema.json'

/** Who may state a limit, as the published schema of a sheet has it. */
export const SOURCES: string[] = $defs.limit.properties.source.enum
