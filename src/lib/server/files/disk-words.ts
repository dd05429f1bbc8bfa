// What the disk refuses when a file is written, in words: what it is, where, and what to do.
import { dirname } from 'node:path';

const WORDS: Readonly<Record<string, (where: string) => string>> = {
  ENOSPC: (where) => `The disk that ${where} lies on is full. Make room there, then do it again.`,
  EDQUOT: (where) =>
    `What this user may store on the disk of ${where} is used up. Make room there, then do it again.`,
  EROFS: (where) =>
    `The disk that ${where} lies on cannot be written. Mount it for writing, then do it again.`,
  EACCES: (where) => `This user may not write into ${where}. Let it write there, then do it again.`,
  EIO: (where) => `The disk that ${where} lies on fails. Look at it before anything else.`
};

/**
 * An error of the file system in words; null = it is another one.
 * @param folder where it was written, told unless the error names the file
 */
export function explainDisk(error: unknown, folder: string): string | null {
  if (!(error instanceof Error) || !('code' in error) || typeof error.code !== 'string') return null;
  const named = 'path' in error && typeof error.path === 'string' ? dirname(error.path) : folder;
  return WORDS[error.code]?.(named) ?? null;
}
