import type { PositionView } from '@grevik/contracts';
import { POSITION } from '../testing/demo';
import { inTurn } from './in-turn';

const at = (version: number): PositionView => ({ ...POSITION, version });

describe('changes of one position', () => {
  it('wait for one another, each on what the one before was answered', async () => {
    const made: string[] = [];
    let answer = (_position: PositionView): void => undefined;
    const first = inTurn(at(4), ({ version }) => {
      made.push(`first on ${version}`);
      return new Promise<PositionView>((resolve) => (answer = resolve));
    });
    const second = inTurn(at(4), ({ version }) => {
      made.push(`second on ${version}`);
      return Promise.resolve(at(6));
    });
    await new Promise((later) => setTimeout(later, 0));
    expect(made).toEqual(['first on 4']);
    answer(at(5));
    expect((await first).version).toBe(5);
    expect((await second).version).toBe(6);
    expect(made).toEqual(['first on 4', 'second on 5']);
  });

  it('go on after one that was refused, on the position as it was', async () => {
    const refused = inTurn(at(4), () => Promise.reject(new Error('no')));
    const next = inTurn(at(4), (latest) => Promise.resolve(latest));
    await expect(refused).rejects.toThrow('no');
    expect((await next).version).toBe(4);
  });

  it('rest on the screen where it is newer, and leave nothing behind', async () => {
    const first = inTurn(at(4), () => Promise.resolve(at(5)));
    const second = inTurn(at(7), (latest) => Promise.resolve(latest));
    await first;
    expect((await second).version).toBe(7);
    await new Promise((later) => setTimeout(later, 0));
    expect((await inTurn(at(3), (latest) => Promise.resolve(latest))).version).toBe(3);
  });
});
