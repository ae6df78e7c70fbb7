interface SavedFile {
  name: string;
  content: Blob;
}

/** Stands where a browser saves files, for the tests of the describe that calls it. @returns what one test saved so far */
export function savedFiles(): readonly SavedFile[] {
  const saved: SavedFile[] = [];
  const { click } = HTMLAnchorElement.prototype;
  beforeEach(() => {
    saved.length = 0;
    let content = new Blob();
    URL.createObjectURL = (blob) => {
      content = blob as Blob;
      return 'blob:saved';
    };
    URL.revokeObjectURL = () => undefined;
    HTMLAnchorElement.prototype.click = function (this: HTMLAnchorElement) {
      saved.push({ name: this.download, content });
    };
  });
  afterEach(() => {
    HTMLAnchorElement.prototype.click = click;
    for (const name of ['createObjectURL', 'revokeObjectURL']) Reflect.deleteProperty(URL, name);
  });
  return saved;
}
