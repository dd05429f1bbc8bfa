// Tags as they are typed: words with commas between them.

/** The tags of a text, each once; blanks around them are left out. */
export function tagsFrom(text: string): readonly string[] {
  return [
    ...new Set(
      text
        .split(/[,\n]/)
        .map((tag) => tag.trim().replace(/\s+/g, ' '))
        .filter((tag) => tag !== '')
    )
  ];
}

/** Tags as a text that {@link tagsFrom} reads back. */
export function textFromTags(tags: readonly string[]): string {
  return tags.join(', ');
}
