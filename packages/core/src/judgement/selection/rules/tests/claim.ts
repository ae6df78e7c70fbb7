import type { Candidate, Duty, Reason } from '../../index.js';

export const DUTY: Duty = {
  function: 'isolate',
  medium: 'irrigation',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
};
export const BALL: Candidate = {
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  ratingId: 'body-brass-600cwp',
  operator: 'lever',
  approvals: [],
};

/** A claim: with this changed in the duty and this in the valve, this rule says this (undefined: nothing). */
export type Claim = [
  rule: string,
  duty: Partial<Duty>,
  valve: Partial<Candidate>,
  verdict: Reason['verdict'] | undefined,
];

export const throttle = { function: 'throttle' } as const;
export const emergency = { function: 'emergency-shutoff' } as const;
export const gas = { medium: 'natural-gas', pressurePa: 1700 } as const;
export const steam = { medium: 'steam-low', temperatureC: 105, pressurePa: 3e4 } as const;
export const fire = { medium: 'fire-water', dn: 100, pressurePa: 1e6 } as const;
export const wash = { medium: 'wash-water-high-pressure', pressurePa: 4e6, temperatureC: 20 } as const;
/** 19 m of 3/4 copper at 1.6 m/s: a sudden stop adds about 2 MPa. */
export const moving = { flowM3s: 5e-4, pipe: { material: 'copper', lengthUpstreamM: 19 } } as const;
export const carries = (pressurePa: number): Partial<Candidate> => ({
  ratingId: undefined,
  points: [
    { temperatureC: 0, pressurePa },
    { temperatureC: 120, pressurePa },
  ],
});
