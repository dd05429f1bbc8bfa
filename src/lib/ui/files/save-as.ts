// Hands a text to the device as a file of its own.

/** Saves a file. @param type such as text/calendar */
export function saveAs(text: string, type: string, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  link.download = name;
  link.click();
  // some browsers look at the address only after this has returned
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
