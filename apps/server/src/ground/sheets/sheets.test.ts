import ExcelJS from 'exceljs';
import { csvText } from './csv-text.js';
import { refuseLargeZip } from './unzipped-size.js';

describe('a CSV text', () => {
  it.each(['=1+1', '+1', '-1', '@x', '\tx', '＝1+1', '＋1', '－1', '＠x'])('runs nothing of %j', (cell) => {
    expect(csvText([[cell]])).toContain(`'${cell}`);
  });
});

describe('a zip', () => {
  const sheet = async (cell: string, rows: number): Promise<Buffer> => {
    const book = new ExcelJS.Workbook();
    const page = book.addWorksheet('One');
    for (let row = 0; row < rows; row += 1) page.addRow([`${row} ${cell}`]);
    return Buffer.from(await book.xlsx.writeBuffer());
  };

  it('of a usual sheet is read on', async () => {
    await expect(refuseLargeZip(await sheet('1 in ball valve', 100))).resolves.toBeUndefined();
  });

  it('that unpacks to far more than it is, or is none, is refused before it is unpacked', async () => {
    const bomb = await sheet('x'.repeat(30_000), 1_200);
    expect(bomb.length).toBeLessThan(1_000_000);
    await expect(refuseLargeZip(bomb)).rejects.toMatchObject({
      field: 'file',
      message: expect.stringContaining('unpacks to more than 30 MB') as string,
    });
    await expect(refuseLargeZip(Buffer.from('no zip'))).rejects.toMatchObject({ field: 'file' });
  });
});
