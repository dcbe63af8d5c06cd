/** Hands a file to the browser's downloads. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken its own hold of the blob once the click is handled.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** The same for text. */
export function downloadText(name: string, text: string, type: string): void {
  downloadBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));
}
