// Forms as they arrive: texts by name.

/** The texts of a form; files are left out. A name that stands there several times keeps its last text. */
export function textsOf(form: FormData): Readonly<Record<string, string>> {
  return Object.fromEntries([...form].flatMap(([k, v]) => (typeof v === 'string' ? [[k, v] as const] : [])));
}

/** The revision a form was opened on; 0 where it does not say. */
export function revisionOf(texts: Readonly<Record<string, string>>): number {
  const revision = Number(texts['revision']);
  return Number.isInteger(revision) ? revision : 0;
}

/** One text of a form without blanks around it; '' when it is not there. */
export function textOf(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === 'string' ? value.trim() : '';
}

/** Every text that stands under a name, as with ticked boxes. */
export function textsNamed(form: FormData, name: string): readonly string[] {
  return form.getAll(name).flatMap((f) => (typeof f === 'string' ? [f] : []));
}
