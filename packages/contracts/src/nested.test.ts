import { plainToInstance } from 'class-transformer';
import { IsString, validateSync } from 'class-validator';
import { Nested } from './nested.js';

class Sample {
  @IsString()
  at!: string;
}

class Pushed {
  @Nested(() => Sample)
  first!: Sample;

  @Nested(() => Sample, { each: true })
  samples!: Sample[];
}

const refused = (given: object): string[] =>
  validateSync(plainToInstance(Pushed, given)).map(({ property }) => property);

describe('what is an object of another class', () => {
  const sample = { at: '2026-03-04' };

  it('is taken, alone and in a list, and read by its own rules', () => {
    expect(refused({ first: sample, samples: [sample, sample] })).toEqual([]);
    expect(refused({ first: sample, samples: [sample, { at: 1 }] })).toEqual(['samples']);
  });

  it.each([{ of: [] }, { of: [sample] }, { of: [[]] }, { of: 'x' }, { of: 1 }, { of: null }])(
    'is neither a list nor a bare value: $of',
    ({ of }) => {
      expect(refused({ first: of, samples: [] })).toEqual(['first']);
      expect(refused({ first: sample, samples: [sample, of] })).toEqual(['samples']);
    },
  );
});
