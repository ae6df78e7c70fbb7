import { documentIn } from './document-in.js';

it('says in a language what Grevik says, and leaves what people wrote', async () => {
  const document = {
    content: [
      { text: 'Valve chart · Domestic cold', fontSize: 24 },
      { columns: ['Fecha', { stack: ['Steps', { ul: ['done by Ada'] }] }] },
      {
        table: {
          body: [
            ['Tag', { text: 'CLOSE FIRST' }],
            ['CW-101', 'quarter turn'],
          ],
        },
      },
      { text: [{ text: 'Handed over 3 Feb 2026: Ada to Bea' }] },
      { svg: '<svg><text>Steps</text></svg>' },
    ],
  };
  expect(await documentIn('es', document)).toEqual({
    content: [
      { text: 'Tabla de válvulas · Domestic cold', fontSize: 24 },
      { columns: ['Fecha', { stack: ['Pasos', { ul: ['done by Ada'] }] }] },
      {
        table: {
          body: [
            ['Etiqueta', { text: 'CIERRE PRIMERO' }],
            ['CW-101', 'cuarto de vuelta'],
          ],
        },
      },
      { text: [{ text: 'Entregada el 3 feb 2026: Ada a Bea' }] },
      { svg: '<svg><text>Steps</text></svg>' },
    ],
  });
  expect(await documentIn('en', document)).toBe(document);
});
