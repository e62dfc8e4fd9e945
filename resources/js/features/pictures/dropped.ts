/** All files of what was dropped: folders are gone through. */
export async function filesOf(items: DataTransferItemList): Promise<File[]> {
  // They are gone once this waits, so all are taken first.
  const taken = [...items].map((item) => item.webkitGetAsEntry?.() ?? item.getAsFile());
  const found = await Promise.all(
    taken.map((one) => (one === null ? [] : one instanceof File ? [one] : filesIn(one))),
  );
  return found.flat();
}

async function filesIn(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile) {
    return [
      await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject)),
    ];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const found: File[] = [];
  // A folder gives its entries some at a time.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) =>
      reader.readEntries(resolve, reject),
    );
    if (some.length === 0) return found;
    found.push(...(await Promise.all(some.map((one) => filesIn(one)))).flat());
  }
}
