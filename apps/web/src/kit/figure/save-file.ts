import Papa from 'papaparse';

/** Hands a file to the person. */
export function saveFile(name: string, content: Blob): void {
  const address = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

/** Rows as a sheet that any program reads. */
export const saveCsv = (name: string, rows: readonly (readonly (string | number)[])[]): void =>
  saveFile(
    name,
    new Blob([`${Papa.unparse(rows as (string | number)[][])}\r\n`], { type: 'text/csv;charset=utf-8' }),
  );
