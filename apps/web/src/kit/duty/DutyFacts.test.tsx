import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import { POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { DutyFacts } from './DutyFacts';

const duty = { ...POSITION.duty, medium: 'potable-cold' } as const;

describe('what follows from the duty', () => {
  it('is the bore, the speed and the time of a full hammer', () => {
    show(<DutyFacts duty={duty} />);
    expect(screen.getAllByRole('definition').map((fact) => fact.textContent)).toEqual([
      '0.785 in',
      '5.25 ft/s',
      '0.029 s',
    ]);
  });

  it('is only what can be said', () => {
    show(<DutyFacts duty={{ ...duty, flowM3s: undefined }} />);
    expect(screen.getAllByRole('term').map((fact) => fact.textContent)).toEqual([
      'Inside diameter of the pipe',
    ]);
  });
});
