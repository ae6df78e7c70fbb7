import '@testing-library/jest-dom';
import type { Candidate } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { words } from '../../words';
import { AnswersKept } from './AnswersKept';
import { AnsweringContext, choicesFor, withAnswer } from './answers';
import { Reasons } from './Reasons';

const QUESTION = { rule: 'unknown-operator', verdict: 'care', text: 'Which handle has it?' } as const;

describe('a question of the rules', () => {
  it('is answered where it stands', async () => {
    const answered: [string, Partial<Candidate>][] = [];
    show(
      <AnsweringContext value={{ answer: (...given) => void answered.push(given) }}>
        <Reasons reasons={[QUESTION]} modelId="ball" />
      </AnsweringContext>,
    );
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Answer' }), 'locking lever');
    expect(answered).toEqual([['ball', { operator: 'locking-lever' }]]);
  });

  it('is only put where nobody answers', () => {
    show(<Reasons reasons={[QUESTION]} modelId="ball" />);
    expect(screen.getByText('Which handle has it?')).toBeVisible();
    expect(screen.queryByRole('combobox')).not.toBeInTheDocument();
  });

  it.each([
    'operator',
    'stem',
    'port',
    'pieces',
    'bodyMaterial',
    'seatMaterial',
    'discMaterial',
    'approvals',
    'listedIndicating',
    'ratingId',
  ])('about %s has answers that say something about it', (field) => {
    const choices = choicesFor(field, { quantity: () => '250 psi' } as never, words as never);
    expect(choices.length).toBeGreaterThan(1);
    for (const { fact } of choices) expect(Object.keys(fact)).toEqual([field]);
    expect(new Set(choices.map(({ say }) => say)).size).toBe(choices.length);
  });

  it('about a bore takes it as people type it, and belongs to the size', async () => {
    const answered: Partial<Candidate>[] = [];
    show(
      <AnsweringContext value={{ answer: (_model, fact) => void answered.push(fact) }}>
        <Reasons
          reasons={[{ rule: 'unknown-boreM', verdict: 'care', text: 'What is its bore?' }]}
          modelId="ball"
        />
      </AnsweringContext>,
    );
    const field = screen.getByRole('textbox', { name: 'Answer' });
    await userEvent.type(field, 'wide{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('does not start with a number');
    await userEvent.clear(field);
    await userEvent.type(field, '10 mm{Enter}');
    expect(answered).toEqual([{ boreM: 0.01 }]);
    const { sizes, operator } = withAnswer(BALL, { boreM: 0.01, operator: 'gear' }, 20);
    expect(operator).toBe('gear');
    expect(sizes.map(({ dn, boreM }) => [dn, boreM])).toEqual(
      BALL.sizes.map(({ dn, boreM }) => [dn, dn === 20 ? 0.01 : boreM]),
    );
  });

  it('is kept in the catalogue on wish', async () => {
    const asked = serve(({ method }) => (method === 'PUT' ? { body: BALL } : undefined));
    let forgotten = false;
    show(
      <AnswersKept
        answers={{ ball: { operator: 'gear' } }}
        models={[BALL]}
        dn={20}
        forget={() => (forgotten = true)}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Save to the catalogue' }));
    await waitFor(() => expect(forgotten).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/catalogue/ball',
      body: { version: 0, model: { operator: 'gear', maker: BALL.maker } },
    });
  });
});
