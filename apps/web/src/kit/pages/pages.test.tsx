import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { usePages } from './usePages';

function Numbers({ to }: { to: number }) {
  const { shown, more } = usePages(Array.from({ length: to }, (_, at) => at + 1));
  return (
    <>
      <output>{shown.length}</output>
      {more}
    </>
  );
}

describe('a long list', () => {
  it('shows a hundred more with each press, until all are there', async () => {
    show(<Numbers to={230} />);
    expect(screen.getByRole('status')).toHaveTextContent(/^100$/);
    await userEvent.click(screen.getByRole('button', { name: 'Show 100 more' }));
    await userEvent.click(screen.getByRole('button', { name: 'Show 30 more' }));
    expect(screen.getByRole('status')).toHaveTextContent(/^230$/);
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });

  it('has no button where everything is shown', () => {
    show(<Numbers to={100} />);
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });
});
