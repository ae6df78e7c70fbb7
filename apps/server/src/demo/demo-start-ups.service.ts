import { randomUUID } from 'node:crypto';
import {
  HOLD_RULES,
  type HoldGiven,
  type HoldSample,
  type StartUpItem,
  type StartUpStepId,
  type StepField,
  type StepValues,
  heldLine,
  holdTest,
  isBuried,
  lineKindOf,
  startUp,
  startedLineOf,
  type StartedLine,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../firm/catalogue/catalogue.service.js';
import { playedSample } from '../stand-ins/logger/played-sample.js';
import { secretKeyHash, newSecretKey } from '../ground/access/secret-key.js';
import { Device } from '../work/devices/device.model.js';
import { readPositions } from '../work/positions/read-positions.js';
import { HandOver } from '../work/start-ups/hand-over.model.js';
import { Reading } from '../work/start-ups/reading.model.js';
import { SamplesService } from '../work/start-ups/samples.service.js';
import { StartUpEntryRow } from '../work/start-ups/start-up-entry.model.js';

const HOUR_MS = 3600 * 1000;
const DAY_MS = 24 * HOUR_MS;
/** Two years ago. */
const LONG_AGO_MS = 2 * 365 * DAY_MS;
/** Gauges of demo readings are read so often, s. */
const EVERY_S = 30;
const GAUGE_PA = 345;
const STAND_INS = ['Gauge logger 1 (stand-in)', 'Gauge logger 2 (stand-in)'];

/** A line as the demo has just made it. */
interface MadeLine {
  id: string;
  name: string;
  medium: StartedLine['medium'];
  items: StartedLine['items'];
}

/**
 * Start-ups of the demo job: the sprinkler handed over two years ago; the hall's steam half done, after a hold that leaked and was mended; a hold
 * running on the gas line.
 */
@Injectable()
export class DemoStartUps {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(StartUpEntryRow) private readonly entries: typeof StartUpEntryRow,
    @InjectModel(Reading) private readonly readings: typeof Reading,
    @InjectModel(Device) private readonly devices: typeof Device,
    @InjectModel(HandOver) private readonly handOvers: typeof HandOver,
    private readonly samples: SamplesService,
    private readonly catalogue: CatalogueService,
  ) {}

  async add(lines: readonly MadeLine[], personId: string): Promise<void> {
    for (const line of lines) {
      const write = { line, started: await this.started(line), personId };
      if (line.name === 'Fire sprinkler') await this.handedOver(write);
      if (line.name === 'Customs hall steam') await this.halfDone(write);
      if (line.name === 'Gas') await this.running(write);
    }
  }

  private async started({ id, medium, items }: MadeLine): Promise<StartedLine> {
    const positions = await readPositions(this.sequelize, id);
    return startedLineOf({ medium, positions, items }, await this.catalogue.list());
  }

  private async handedOver(write: Writing): Promise<void> {
    const from = new Date(Date.now() - LONG_AGO_MS);
    for (const { id, reading } of startUp(write.started, []).steps)
      if (reading === 'hold') await this.hold(write, from, { leakPaPerMin: 0 });
      else await this.done(write, id, from);
    await this.handOvers.create({
      lineId: write.line.id,
      handedBy: 'Ada Wrenfield',
      takenBy: 'Harbour office',
      at: new Date(from.getTime() + DAY_MS),
      personId: write.personId,
    });
  }

  private async halfDone(write: Writing): Promise<void> {
    const from = new Date(Date.now() - 3 * DAY_MS);
    await this.done(write, 'inspect', from);
    await this.hold(write, from, { leakPaPerMin: 120 });
    await this.hold(write, new Date(from.getTime() + DAY_MS), { leakPaPerMin: 0 });
    await this.done(write, 'radiator', new Date(from.getTime() + 2 * DAY_MS), 4);
  }

  private async running(write: Writing): Promise<void> {
    const from = new Date(Date.now() - HOUR_MS);
    await this.done(write, 'inspect', from);
    await this.readings.create({
      id: randomUUID(),
      lineId: write.line.id,
      step: 'hold',
      given: { kind: 'air', testPressurePa: 344_738, holdS: 1800, gaugeResolutionPa: GAUGE_PA },
      source: 'stand-in',
      deviceId: await this.loggers(write.personId),
      plays: { leakPaPerMin: 0, coolsK: 2.2, faults: [] },
      startedBy: write.personId,
    });
  }

  /** The loggers that the server plays; the first takes on a reading of an earlier version, which had none. */
  async loggers(personId: string): Promise<string> {
    const ids: string[] = [];
    for (const name of STAND_INS) {
      const [{ id }] = await this.devices.findOrCreate({
        where: { name, isStandIn: true },
        defaults: { kind: 'logger', keyHash: secretKeyHash(newSecretKey()), addedBy: personId },
      });
      ids.push(id);
    }
    const [deviceId = ''] = ids;
    const waiting = await this.readings.findOne({
      where: { source: 'stand-in', endedAt: null, deviceId: null },
    });
    if (waiting && !(await this.readings.count({ where: { deviceId, endedAt: null } })))
      await waiting.update({ deviceId });
    return deviceId;
  }

  /** Writes what is done of a step, as far as a number of its things. */
  private async done(
    { line, started, personId }: Writing,
    step: StartUpStepId,
    from: Date,
    most = Infinity,
  ): Promise<void> {
    const found = startUp(started, []).steps.find(({ id }) => id === step);
    await this.entries.bulkCreate(
      (found?.items ?? []).slice(0, most).map((item, at) => ({
        id: randomUUID(),
        lineId: line.id,
        step,
        kind: 'item',
        item: item.id,
        values: valuesOf(found?.fields ?? [], item),
        happenedAt: new Date(from.getTime() + at * 60_000),
        personId,
      })),
    );
  }

  private async hold(
    { line, started, personId }: Writing,
    startedAt: Date,
    { leakPaPerMin }: { leakPaPerMin: number },
  ): Promise<void> {
    const given = givenOf(started);
    const samples = playedHold(given, leakPaPerMin);
    const result = holdTest({ ...given, samples });
    const endedAt = new Date(startedAt.getTime() + given.holdS * 1000);
    const id = randomUUID();
    await this.readings.create({
      id,
      lineId: line.id,
      given,
      source: 'imported',
      startedAt,
      startedBy: personId,
      endedAt,
      result,
    });
    await this.samples.add(id, {
      timeS: samples.map(({ timeS }) => timeS),
      pressurePa: samples.map(({ pressurePa }) => pressurePa),
      temperatureC: samples.map(({ temperatureC = 0 }) => temperatureC),
    });
    await this.entries.create({
      id,
      lineId: line.id,
      step: 'hold',
      kind: 'reading',
      readingId: id,
      verdict: result.verdict,
      happenedAt: endedAt,
      personId,
    });
  }
}

interface Writing {
  line: MadeLine;
  started: StartedLine;
  personId: string;
}

/** What a line of its kind is held at. */
function givenOf(started: StartedLine): HoldGiven {
  const kind = lineKindOf({ medium: started.medium, isBuried: isBuried(started) });
  const rule = HOLD_RULES[kind ?? 'building-water'];
  const line = heldLine(started);
  return {
    kind: rule.by,
    testPressurePa: rule.pressurePa(line) ?? 500_000,
    holdS: rule.holdS(line) ?? 900,
    gaugeResolutionPa: GAUGE_PA,
  };
}

function playedHold(given: HoldGiven, leakPaPerMin: number): HoldSample[] {
  const samples: HoldSample[] = [];
  for (let timeS = 0; timeS <= given.holdS; timeS += EVERY_S) {
    const sample = playedSample(given, { leakPaPerMin, coolsK: 1.5, faults: [] }, timeS);
    if (sample) samples.push(sample);
  }
  return samples;
}

/** Everything ticked, the first of each choice, and the figure one goes by. */
function valuesOf(fields: readonly StepField[], { figures }: StartUpItem): StepValues {
  const values: Record<string, string | number | boolean> = {};
  for (const field of fields) {
    if (field.kind === 'tick') values[field.name] = true;
    else if (field.kind === 'choice') values[field.name] = field.choices[0]?.id ?? '';
    else if (field.kind === 'figure' && (figures[0] || !field.isOptional))
      values[field.name] = figures[0]?.value ?? 1;
    else if (field.name === 'second') values[field.name] = 'Joss Farrow';
  }
  return values;
}
