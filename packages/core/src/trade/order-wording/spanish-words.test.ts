import { readOrder } from './read-order.js';

describe('an order in Spanish', () => {
  it.each([
    ['6 válvula de bola 3/4 soldable paso completo', '3/4 in ball valve, sweat x sweat, full port', 6],
    [
      'valvula de compuerta 2 pulg bronce roscada clase 125',
      '2 in gate valve, FIP x FIP, bronze, class 125',
      undefined,
    ],
    ['check de columpio 1 latón roscada', '1 in swing check valve, FIP x FIP, brass', undefined],
    ['4 ball valve 3/4 soldable sin plomo', '3/4 in ball valve, sweat x sweat, lead-free', 4],
  ])('is read: %s', (said, text, quantity) => {
    const reading = readOrder(said);
    expect(reading.text).toBe(text);
    expect(reading.quantity).toBe(quantity);
    expect(reading.unread).toEqual([]);
  });

  it('keeps a word that is none of an order', () =>
    expect(readOrder('válvula de bola 3/4 urgente').unread).toEqual(['urgente']));
});
