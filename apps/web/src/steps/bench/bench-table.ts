import { type Bench, type Duty, MEDIUM_FACTS, isFuelGas, isLiquid, isSteam } from '@grevik/core';
import { type ComponentType, lazy } from 'react';
import type { BenchProps } from './bench-props';

interface BenchEntry {
  bench: Bench;
  /** Whether it has anything to show of such a place. */
  serves: (duty: Duty) => boolean;
  /** Whether it is the one to begin with there. */
  suits: (duty: Duty) => boolean;
  Screen: ComponentType<BenchProps>;
}

const carriesGas = ({ medium }: Duty): boolean => isFuelGas(medium);
const carriesSteam = ({ medium }: Duty): boolean => isSteam(medium);
const isWash = ({ medium }: Duty): boolean => medium === 'wash-water-high-pressure';
const isWet = ({ medium }: Duty): boolean => isLiquid(medium);
const isStationCheck = ({ medium, function: asked }: Duty): boolean =>
  MEDIUM_FACTS[medium].family === 'waste' && asked === 'non-return';
const never = (): boolean => false;

/** Every simulation, in the order of its tab. */
export const BENCH_TABLE: readonly BenchEntry[] = [
  {
    bench: 'hammer',
    serves: isWet,
    suits: isWet,
    Screen: lazy(async () => ({ default: (await import('./hammer/HammerBench')).HammerBench })),
  },
  {
    bench: 'control',
    serves: isWet,
    suits: (duty) => isWet(duty) && duty.function === 'throttle',
    Screen: lazy(async () => ({ default: (await import('./control/ControlBench')).ControlBench })),
  },
  {
    bench: 'check-stop',
    serves: isWet,
    suits: (duty) => isWet(duty) && duty.function === 'non-return',
    Screen: lazy(async () => ({
      default: (await import('./check-closure/CheckClosureBench')).CheckClosureBench,
    })),
  },
  {
    bench: 'station-log',
    serves: isStationCheck,
    suits: never,
    Screen: lazy(async () => ({ default: (await import('./station/StationLogBench')).StationLogBench })),
  },
  {
    bench: 'wash-line',
    serves: isWash,
    suits: isWash,
    Screen: lazy(async () => ({ default: (await import('./wash/WashBench')).WashBench })),
  },
  {
    bench: 'gas-line',
    serves: carriesGas,
    suits: carriesGas,
    Screen: lazy(async () => ({ default: (await import('./gas/GasLineBench')).GasLineBench })),
  },
  {
    bench: 'gas-purge',
    serves: carriesGas,
    suits: never,
    Screen: lazy(async () => ({ default: (await import('./gas/PurgeBench')).PurgeBench })),
  },
  {
    bench: 'radiators',
    serves: carriesSteam,
    suits: carriesSteam,
    Screen: lazy(async () => ({ default: (await import('./steam/RadiatorsBench')).RadiatorsBench })),
  },
  {
    bench: 'dirty-ball',
    serves: isWet,
    suits: never,
    Screen: lazy(async () => ({ default: (await import('./valve-body/DirtyBallBench')).DirtyBallBench })),
  },
  {
    bench: 'part-open-gate',
    serves: isWet,
    suits: never,
    Screen: lazy(async () => ({
      default: (await import('./valve-body/PartOpenGateBench')).PartOpenGateBench,
    })),
  },
  {
    bench: 'port',
    serves: isWet,
    suits: never,
    Screen: lazy(async () => ({ default: (await import('./valve-body/PortBench')).PortBench })),
  },
];

/** The simulations that have something to show of a place. */
export const benchesFor = (duty: Duty): readonly BenchEntry[] =>
  BENCH_TABLE.filter(({ serves }) => serves(duty));

/** The one asked for, else the one to begin with: the last that suits, since the more particular stand later. */
export function benchAt(duty: Duty, asked: string | null): BenchEntry | undefined {
  const all = benchesFor(duty);
  return all.find(({ bench }) => bench === asked) ?? all.findLast(({ suits }) => suits(duty)) ?? all[0];
}
