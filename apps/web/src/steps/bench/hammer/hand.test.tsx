import '@testing-library/jest-dom';
import type { HandlePoint } from '@grevik/core';
import { act, fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import { show } from '../../../testing/render';
import { CloseYourself } from '../../../kit/handle/CloseYourself';
import { readHand, writeHand } from './hand-in-address';
import { seconds } from './seconds';

const wait = (ms: number): Promise<void> => act(() => new Promise<void>((done) => setTimeout(done, ms)));

describe('closing it oneself', () => {
  const closings: HandlePoint[][] = [];
  beforeEach(() => {
    closings.length = 0;
    Object.assign(SVGElement.prototype, { setPointerCapture: () => undefined });
    // The test's document knows no place of a pointer, only of a mouse.
    globalThis.PointerEvent = MouseEvent as never;
    SVGElement.prototype.getBoundingClientRect = () =>
      ({ left: 0, top: 0, width: 100, height: 100 }) as DOMRect;
  });
  const { PointerEvent: pointerEvent } = globalThis;
  afterEach(() => {
    globalThis.PointerEvent = pointerEvent;
    for (const name of ['setPointerCapture', 'getBoundingClientRect'])
      Reflect.deleteProperty(SVGElement.prototype, name);
  });
  const handle = () => screen.getByRole('slider', { name: 'Handle' });
  const at = (degrees: number) => ({
    pointerId: 1,
    clientX: 50 + 40 * Math.cos((degrees * Math.PI) / 180),
    clientY: 50 + 40 * Math.sin((degrees * Math.PI) / 180),
  });

  it('records a lever dragged a quarter turn, at the speed of the hand', async () => {
    show(<CloseYourself valve={{ turns: 0.25 }} closed={(points) => closings.push(points)} />);
    fireEvent.pointerDown(handle(), at(0));
    for (const degrees of [30, 60, 95]) {
      await wait(20);
      fireEvent.pointerMove(handle(), at(degrees));
    }
    fireEvent.pointerUp(handle(), at(95));
    expect(closings).toHaveLength(1);
    const [points] = closings;
    expect(points![0]).toEqual({ timeS: 0, opening: 1 });
    expect(points!.at(-1)!.opening).toBe(0);
    expect(points!.at(-1)!.timeS).toBeGreaterThan(0.03);
    expect(points!.map(({ timeS }) => timeS)).toEqual(
      points!.map(({ timeS }) => timeS).sort((a, b) => a - b),
    );
    expect(handle()).toHaveAttribute('aria-valuenow', '0');
  });

  it('turns a wheel more than once, over the mark where angles start anew', async () => {
    show(<CloseYourself valve={{ turns: 2 }} closed={(points) => closings.push(points)} />);
    fireEvent.pointerDown(handle(), at(0));
    for (let degrees = 40; degrees <= 400; degrees += 40) {
      await wait(2);
      fireEvent.pointerMove(handle(), at(degrees));
    }
    // 400 of 720 degrees.
    expect(Number(handle().getAttribute('aria-valuenow'))).toBe(Math.round(100 * (1 - 400 / 720)));
    fireEvent.pointerUp(handle());
    expect(closings[0]!.at(-1)!.opening).toBeCloseTo(1 - 400 / 720, 6);
  });

  it('is done with the keys too, at once if need be, and opened again', async () => {
    show(<CloseYourself valve={{ turns: 0.25 }} closed={(points) => closings.push(points)} />);
    fireEvent.keyDown(handle(), { key: 'End' });
    fireEvent.keyUp(handle(), { key: 'End' });
    expect(closings.pop()).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: 'Open it again' }));
    fireEvent.keyDown(handle(), { key: 'ArrowRight' });
    await wait(5);
    fireEvent.keyDown(handle(), { key: 'End' });
    fireEvent.keyUp(handle(), { key: 'End' });
    expect(closings[0]!.at(-1)!.opening).toBe(0);
    await userEvent.click(screen.getByRole('button', { name: 'Open it again' }));
    expect(handle()).toHaveAttribute('aria-valuenow', '100');
  });
});

describe('a closing in an address', () => {
  const closing = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 0, max: 1000 })), {
      minLength: 2,
      maxLength: 300,
    })
    .map((steps) => {
      let ms = 0;
      return steps.map(([by, thousandths]): HandlePoint => ({
        timeS: (ms += by) / 1000,
        opening: thousandths / 1000,
      }));
    });

  it('keeps its first and last point, and no more than an address holds', () => {
    fc.assert(
      fc.property(closing, (points) => {
        const read = readHand(writeHand(points))!;
        expect(read[0]).toEqual(points[0]);
        expect(read.at(-1)).toEqual(points.at(-1));
        expect(read.length).toBeLessThanOrEqual(61);
        if (points.length <= 60) expect(read).toEqual(points);
      }),
    );
  });

  it.each([null, '', '0-1000', '0-1000.5', '5-1000.4-0', '0-1000.10-1200', 'a-b.c-d', '0-1000.900000-0'])(
    'is none where it reads %p',
    (text) => {
      expect(readHand(text)).toBeUndefined();
    },
  );
});

it.each([
  [0.3301, '0.34'],
  [0.33, '0.33'],
  [1.01, '1.1'],
  [12.2, '13'],
])('a time of %d s is said as %s, never too short', (value, said) => {
  expect(seconds(value)).toBe(said);
});
