// What SQLite refuses, in words: what it is, which file, and what to do.

const WORDS: readonly (readonly [known: RegExp, words: (file: string) => string])[] = [
  [
    /^SQLITE_FULL/,
    (file) => `The disk that ${file} lies on is full. Nothing was stored. Make room there, then do it again.`
  ],
  [
    /^SQLITE_READONLY/,
    (file) =>
      `${file} cannot be written. Nothing was stored. Let this user write the file and its folder, then start the server again.`
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB)/,
    (file) =>
      `${file} is damaged. Nothing was stored. Start the server again: it offers the newest good copy to bring back.`
  ],
  [
    /^SQLITE_(CANTOPEN|IOERR)/,
    (file) =>
      `${file} cannot be read or written: look whether its folder and its disk are there. Nothing was stored.`
  ],
  [
    /^SQLITE_(BUSY|LOCKED)/,
    (file) =>
      `${file} is held by another program for longer than five seconds. Nothing was stored. Close that program, then do it again.`
  ]
];

/** A refusal of SQLite in words; null = the error is another one. @param file the database */
export function explainSqlite(error: unknown, file: string): string | null {
  // one that was thrown beside the server is no SqliteError here any more, but has its code
  if (!(error instanceof Error) || !('code' in error)) return null;
  const code = String(error.code);
  return WORDS.find(([known]) => known.test(code))?.[1](file) ?? null;
}
