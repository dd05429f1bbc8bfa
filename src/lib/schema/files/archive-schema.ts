// The published schema of the archive's lines.
import { ARCHIVE_SCHEMAS, ARCHIVE_VERSION } from './archive.ts';
import { jsonSchemaOf, type Json } from './json-schema.ts';

/** JSON Schema 2020-12 of one line: told apart by `kind`. */
export function archiveJsonSchema(): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `A line of a Just Enough archive, version ${ARCHIVE_VERSION}`,
    description:
      'An archive is JSON Lines in UTF-8: first one line of kind archive, then cameras, films, things, outings, exercises, loads, frames with their judgements, pictures kept with frames, changes of bias and scans, each after what it names. In a ZIP the lines are archive.jsonl and the scans lie in scans/ under their ids. Light is LV (exposure value at ISO 100); errors are stops, + = more light.',
    oneOf: Object.entries(ARCHIVE_SCHEMAS).map(([kind, schema]) => {
      const { properties, required, ...rest } = jsonSchemaOf(schema);
      return {
        ...rest,
        properties: { kind: { const: kind }, ...(typeof properties === 'object' ? properties : {}) },
        required: ['kind', ...(Array.isArray(required) ? (required as readonly unknown[]) : [])]
      };
    })
  };
}
