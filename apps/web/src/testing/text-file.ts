/** A file that can be read, which jsdom's can not by themselves. @param type "text/csv" */
export function textFile(text: string, name: string, type: string): File {
  return Object.assign(new File([text], name, { type }), {
    arrayBuffer: () => Promise.resolve(new TextEncoder().encode(text).buffer),
  });
}
