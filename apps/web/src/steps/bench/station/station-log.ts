import {
  type CheckDiagnosis,
  InvalidInput,
  type PlayedStation,
  type StationSample,
  checkDiagnosis,
  keepExtremes,
  playStation,
  stationColumns,
  stationSample,
  wellAt,
} from '@grevik/core';
import Papa from 'papaparse';

/** A log that was read: how much of it there is, and what could not be read. */
export interface LogRead {
  samples: number;
  fromS: number;
  toS: number;
  unread: number;
}

/** A stretch of a log, thinned without losing its highest and lowest levels. */
export interface LogStretch {
  timeS: number[];
  levelM: number[];
  pumpOn: boolean[];
}

export type Diagnosed = { diagnosis: CheckDiagnosis } | { trouble: string };

/** A station’s log beside the screen: a year of it is millions of rows. */
export class StationLog {
  private samples: StationSample[] = [];

  /** Reads a recorder’s file. @param told how much of the file is read, as a share */
  async read(file: File, told: (share: number) => void): Promise<LogRead | { trouble: string }> {
    const samples: StationSample[] = [];
    let columns: ReturnType<typeof stationColumns> | undefined;
    let unread = 0;
    try {
      await new Promise<void>((resolve, reject) => {
        Papa.parse<string[]>(file, {
          skipEmptyLines: 'greedy',
          chunk: ({ data, meta }, parser) => {
            try {
              for (const row of data) {
                if (!columns) {
                  columns = stationColumns(row);
                  continue;
                }
                const sample = stationSample(row, columns);
                if (sample) samples.push(sample);
                else unread += 1;
              }
              told(meta.cursor / Math.max(1, file.size));
            } catch (error) {
              // Told first: a parser that is ended says that it is complete.
              reject(error as Error);
              parser.abort();
            }
          },
          complete: () => resolve(),
          error: reject,
        });
      });
    } catch (error) {
      if (error instanceof InvalidInput) return { trouble: error.message };
      throw error;
    }
    return this.keep(samples, unread);
  }

  /** The practice station in place of a file. */
  play(played: PlayedStation, untilS: number): LogRead {
    return this.keep(playStation(played, wellAt(0), untilS).samples, 0);
  }

  /** What the log says of the check. */
  diagnose(station: { wellAreaM2: number; pumpFlowM3s?: number }): Diagnosed {
    try {
      return { diagnosis: checkDiagnosis({ samples: this.samples, ...station }) };
    } catch (error) {
      if (error instanceof InvalidInput) return { trouble: error.message };
      throw error;
    }
  }

  /** The samples between two moments, no more than a screen can show. */
  stretch(fromS: number, toS: number, most: number): LogStretch {
    const [from, to] = [this.firstAt(fromS), this.firstAt(toS)];
    const shown = this.samples.slice(Math.max(0, from - 1), to + 1);
    const kept = keepExtremes(
      shown.map(({ levelM }) => levelM),
      most,
    ).flatMap((at) => shown[at] ?? []);
    return {
      timeS: kept.map(({ timeS }) => timeS),
      levelM: kept.map(({ levelM }) => levelM),
      pumpOn: kept.map(({ pumpOn }) => pumpOn),
    };
  }

  private keep(samples: StationSample[], unread: number): LogRead {
    this.samples = samples;
    return {
      samples: samples.length,
      fromS: samples[0]?.timeS ?? 0,
      toS: samples.at(-1)?.timeS ?? 0,
      unread,
    };
  }

  /** The first sample not before a moment. */
  private firstAt(timeS: number): number {
    let [low, high] = [0, this.samples.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.samples[middle]?.timeS ?? 0) < timeS) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}
