import { sentences } from '../es/sentences/index.js';
import { decimalSignOf, languageFor, tableOf } from '../languages.js';
import { compileTemplate } from './compile-template.js';
import { sentenceReader } from './sentence-reader.js';
import { withDecimalSign } from './with-decimal-sign.js';

const read = sentenceReader(sentences);

describe('a sentence in another language', () => {
  it.each([
    ['in service', 'en servicio'],
    ['In service', 'En servicio'],
    ['Pick at CW-101', 'Elección en CW-101'],
    ['This type is not made for raw sewage.', 'Este tipo no está hecho para aguas negras crudas.'],
    // A word of the trade in the middle of a sentence is said too, a name is not.
    ['Walk of Boiler room', 'Recorrido de Boiler room'],
    ['Interval of lubricate', 'Intervalo de lubricar'],
    [
      'A press joint is not for fuel gas.',
      'Una unión de tipo a presión (press): no es para gas combustible.',
    ],
    [
      'At the temperature limit of a nylon seat: expect a stiff handle and a short life.',
      'En el límite de temperatura de un asiento de nylon: espere un maneral duro y una vida corta.',
    ],
    // Sentences one after another, and lists.
    [
      'It drips when closed; the stem drips. It hisses when closed.',
      'Gotea cuando está cerrada; el vástago gotea. Silba cuando está cerrada.',
    ],
    ['one-piece, press × press, DZR brass', 'de una pieza, a presión (press) × a presión (press), latón DZR'],
    ['shut off and throttle', 'cerrar el paso y regular el flujo'],
    [
      '1 1/2 in ball valve, press x press, lead-free DZR brass, two-piece, PTFE seats, 600 CWP',
      '1 1/2 in válvula de bola, a presión (press) x a presión (press), latón DZR sin plomo, de dos piezas, asientos de PTFE, 600 CWP',
    ],
    ['Gate, metal wedge, full port', 'Compuerta, cuña de metal, paso completo'],
    ['CW-109 leaks outside · 1 more', 'CW-109 fuga hacia afuera · 1 más'],
    [
      'Open the sacrificial valve slowly, to half and no further, for at least 40 s.',
      'Abra despacio la válvula de sacrificio, a half y no más, durante al menos 40 s.',
    ],
  ])('reads “%s”', (english, spanish) => expect(read(english)).toBe(spanish));

  it.each([
    'A wing restroom',
    'Closed for the season, ask Ada',
    'Ostrand 21P',
    'Packing weeps a little. Told the owner.',
    '',
  ])('leaves what somebody wrote: “%s”', (text) => expect(read(text)).toBe(text));

  it('finds every template in a text made from it, whatever stands in its holes', () => {
    for (const english of Object.keys(sentences)) {
      if (!english.includes('{{')) continue;
      const text = english.replace(/\{\{\w+\}\}/g, '7');
      expect([english, compileTemplate(english, '').pattern.test(text)]).toEqual([english, true]);
      if (/\p{L}{4}/u.test(english.replace(/\{\{\w+\}\}/g, '')) && sentences[english] !== english)
        expect([english, read(text) !== text]).toEqual([english, true]);
    }
  });
});

describe('figures', () => {
  it.each([
    ['1.5 × working pressure, ASME B16.34', '1,5 × working pressure, ASME B16.34'],
    ['62.5 psi, -3.2 °C', '62,5 psi, -3,2 °C'],
    ['$1,234.50', '$1,234.50'],
    ['ANSI Z21.15/CSA 9.1', 'ANSI Z21.15/CSA 9.1'],
  ])('are written with a comma where decimals have one: %s', (text, said) =>
    expect(withDecimalSign(text, ',')).toBe(said),
  );

  it('have the sign of the region', () => {
    expect(decimalSignOf('es', ['es-MX', 'en'])).toBe('.');
    expect(decimalSignOf('es', ['es-ES'])).toBe(',');
    expect(decimalSignOf('es', ['en-US'])).toBe('.');
    expect(decimalSignOf('en', ['en-US'])).toBe('.');
  });
});

it('speaks the first language of a browser that it knows', async () => {
  expect(languageFor(['fr-CA', 'es-MX', 'en'])).toBe('es');
  expect(languageFor(['de'])).toBe('en');
  expect(await tableOf('en')).toBeUndefined();
  expect((await tableOf('es'))?.words.app.undo).toBe('Deshacer');
});
