import type { DeviceView, PlayedGauge, ReadingRequest, SamplesRequest, SamplesView } from '@grevik/contracts';
import type { LogSample, ReadLog } from '@grevik/core';

export type Way = 'logger' | 'imported' | 'typed';

/** Where the samples of a reading come from. */
export interface From {
  way: Way;
  /** The logger chosen by hand. */
  deviceId?: string;
  /** What a stand-in plays. */
  plays: PlayedGauge;
  log?: ReadLog<LogSample> & { file: string };
}

export const FROM_LOGGER: From = { way: 'logger', plays: { leakPaPerMin: 0, coolsK: 2, faults: [] } };

/** The part of a request that says where its samples come from. */
export function sourceOf(
  { way, plays }: From,
  device: DeviceView | undefined,
): Pick<ReadingRequest, 'source' | 'deviceId' | 'plays'> {
  if (way !== 'logger' || !device) return { source: way === 'typed' ? 'typed' : 'imported' };
  return device.isStandIn
    ? { source: 'stand-in', deviceId: device.id, plays }
    : { source: 'device', deviceId: device.id };
}

/** Samples column by column; a column only where each sample has it. */
export function columnsOf(samples: readonly LogSample[]): SamplesRequest {
  const whole = (field: 'temperatureC' | 'inletPa' | 'flowM3s'): number[] | undefined => {
    const column = samples.flatMap((sample) => sample[field] ?? []);
    return column.length === samples.length ? column : undefined;
  };
  const [temperatureC, inletPa, flowM3s] = [whole('temperatureC'), whole('inletPa'), whole('flowM3s')];
  return {
    timeS: samples.map(({ timeS }) => timeS),
    pressurePa: samples.map(({ pressurePa }) => pressurePa),
    ...(temperatureC && { temperatureC }),
    ...(inletPa && { inletPa }),
    ...(flowM3s && { flowM3s }),
  };
}

export const NO_SAMPLES: SamplesView = {
  timeS: [],
  pressurePa: [],
  temperatureC: [],
  inletPa: [],
  flowM3s: [],
};
