// The published schema of the book's lines.
import { BOOK_SCHEMAS, BOOK_VERSION } from './archive.ts';
import { jsonSchemaOf, type Json } from './json-schema.ts';

/** JSON Schema 2020-12 of one line: told apart by `kind`. */
export function bookJsonSchema(): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `A line of a Just Enough book, version ${BOOK_VERSION}`,
    description:
      'A book is JSON Lines in UTF-8: first one line of kind book, then cameras, films, things, loads, frames with their judgements, changes of bias and scans, each after what it names. In a ZIP the lines are book.jsonl and the scans lie in scans/ under their ids. Light is LV (exposure value at ISO 100); errors are stops, + = more light.',
    oneOf: Object.entries(BOOK_SCHEMAS).map(([kind, schema]) => {
      const { properties, required, ...rest } = jsonSchemaOf(schema);
      return {
        ...rest,
        properties: { kind: { const: kind }, ...(typeof properties === 'object' ? properties : {}) },
        required: ['kind', ...(Array.isArray(required) ? (required as readonly unknown[]) : [])]
      };
    })
  };
}
