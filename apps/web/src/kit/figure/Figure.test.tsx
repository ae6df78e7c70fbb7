import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { savedFiles } from '../../testing/saved-files';
import { Figure } from './Figure';

describe('a figure', () => {
  const saved = savedFiles();
  afterEach(() => void Reflect.deleteProperty(HTMLImageElement.prototype, 'decode'));
  const figure = (hasPicture = true) => (
    <Figure
      title="Flow"
      unit="gpm"
      file="CW-1-flow"
      hasPicture={hasPicture}
      data={() => [
        ['opening', 'state'],
        [0.5, 'loud, "very"'],
      ]}
    >
      <svg data-picture style={{ fill: 'red' }}>
        <path className="line" d="M0 0h9" style={{ strokeWidth: '3px' }} />
      </svg>
    </Figure>
  );

  it('gives its rows as CSV, quoted where they must be', async () => {
    show(figure());
    await userEvent.click(screen.getByRole('button', { name: 'CSV' }));
    expect(saved[0]!.name).toBe('CW-1-flow.csv');
    expect(await saved[0]!.content.text()).toBe('opening,state\r\n0.5,"loud, ""very"""\r\n');
  });

  it('gives its drawing as a file that stands alone: look written in, no classes left', async () => {
    show(figure());
    await userEvent.click(screen.getByRole('button', { name: 'SVG' }));
    const text = await saved[0]!.content.text();
    expect(saved[0]!.name).toBe('CW-1-flow.svg');
    expect(text).toContain('xmlns="http://www.w3.org/2000/svg"');
    expect(text).toMatch(/stroke-width: 3px/);
    expect(text).not.toContain('class=');
  });

  it('says so where pixels can not be made', async () => {
    show(figure());
    HTMLImageElement.prototype.decode = () => Promise.reject(new Error('no'));
    await userEvent.click(screen.getByRole('button', { name: 'PNG' }));
    await waitFor(() =>
      expect(screen.getByText(/The picture could not be created\. Export it as SVG\./)).toBeInTheDocument(),
    );
    expect(saved).toEqual([]);
  });

  it('offers no drawing where there is none', () => {
    show(figure(false));
    expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['CSV']);
  });
});
