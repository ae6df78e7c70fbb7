import { FairQueue } from './fair-queue.js';

describe('turns', () => {
  it('go round among those who wait, and nobody has more than their share', async () => {
    const queue = new FairQueue({ atOnce: 2, each: 1, waiting: 10 });
    const order: string[] = [];
    const work = async (sender: string): Promise<void> => {
      const turn = await queue.turn(sender);
      order.push(sender);
      await new Promise((resolve) => setTimeout(resolve, 5));
      turn?.end();
    };
    await Promise.all(['a', 'a', 'a', 'a', 'b', 'c', 'b'].map(work));
    expect(order.slice(0, 4).sort()).toEqual(['a', 'a', 'b', 'c']);
    expect(order.filter((one) => one === 'a')).toHaveLength(4);
  });

  it('are refused where one sender has too many waiting, and come to the others all the same', async () => {
    const queue = new FairQueue({ atOnce: 1, each: 1, waiting: 2 });
    const first = await queue.turn('a');
    const waiting = [queue.turn('a'), queue.turn('a')];
    expect(await queue.turn('a')).toBeUndefined();
    const other = queue.turn('b');
    first?.end();
    (await waiting[0])?.end();
    expect(await other).toMatchObject({ end: expect.any(Function) });
  });
});
