import { randomUUID } from 'node:crypto';
import {
  type Medium,
  type PositionDuty,
  houseRuleSettings,
  lineUp,
  pickEdges,
  pickReason,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../ground/database/work-context.js';
import { CatalogueModelRow } from '../firm/catalogue/catalogue-model.model.js';
import { CatalogueService } from '../firm/catalogue/catalogue.service.js';
import { inCompany } from '../ground/database/company-scope.js';
import { Company } from '../firm/company/company.model.js';
import { DEMO_SLUG } from '../firm/company/company.service.js';
import { Entry } from '../work/entries/entry.model.js';
import { Job } from '../work/jobs/job.model.js';
import { Line } from '../work/lines/line.model.js';
import { Person } from '../firm/people/person.model.js';
import { conditionFrom } from '../work/entries/condition-from.js';
import { Pick } from '../work/positions/pick.model.js';
import { Position } from '../work/positions/position.model.js';
import { Walk } from '../work/walks/walk.model.js';
import { DemoStartUps } from './demo-start-ups.service.js';
import { DemoDrills } from './demo-drills.service.js';
import { DemoBudget } from './demo-budget.service.js';
import { DemoRounds } from './demo-rounds.service.js';
import { DemoStation } from './demo-station.service.js';
import { DemoOrders } from './demo-orders.service.js';
import { demoLines } from './demo-lines.js';
import { DEMO_CATALOGUE, DEMO_CREW, DEMO_ENTRIES, DEMO_FOREMAN, DEMO_JOB, DEMO_PEOPLE } from './demo-data.js';
import { storedWalk } from './walked-line.js';

const DEMO = { slug: DEMO_SLUG, name: 'Tarnside Plumbing and Waterworks', currency: 'USD' };

interface DemoPick {
  medium: Medium;
  duty: PositionDuty;
  picked: string;
}

/** Makes the demo company, once: its people, catalogue, job and log. */
@Injectable()
export class DemoCompany {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Company) private readonly companies: typeof Company,
    @InjectModel(Person) private readonly people: typeof Person,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(Walk) private readonly walks: typeof Walk,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(CatalogueModelRow) private readonly models: typeof CatalogueModelRow,
    private readonly catalogue: CatalogueService,
    private readonly orders: DemoOrders,
    private readonly startUps: DemoStartUps,
    private readonly rounds: DemoRounds,
    private readonly budget: DemoBudget,
    private readonly station: DemoStation,
    private readonly drills: DemoDrills,
  ) {}

  /** Whatever was entered in it before is kept; what an earlier version did not have yet is added. */
  async ensure(): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const [company, isNew] = await this.companies.findOrCreate({
        where: { slug: DEMO.slug },
        defaults: DEMO,
      });
      await inCompany(company.id, async () => {
        for (const person of DEMO_PEOPLE)
          await this.people.findOrCreate({ where: { email: person.email }, defaults: { ...person } });
        const known = await this.models.findAll({ attributes: ['maker', 'model'] });
        const names = new Set(known.map(({ maker, model }) => `${maker} ${model}`));
        await this.catalogue.add(
          DEMO_CATALOGUE.filter(({ maker, model }) => !names.has(`${maker} ${model}`)),
        );
        if (isNew) await this.addJob();
        const foreman = await this.people.findOne({ where: { email: DEMO_FOREMAN }, rejectOnEmpty: true });
        await this.startUps.loggers(foreman.id);
      });
    });
  }

  private async addJob(): Promise<void> {
    const job = await this.jobs.create({ name: DEMO_JOB });
    const people = new Map((await this.people.findAll()).map(({ email, id }) => [email, id] as const));
    const positionIds = new Map<string, string>();
    const made = [];
    for (const [placeInJob, { name, medium, facts, positions, items }] of demoLines().entries()) {
      const line = await this.lines.create({ jobId: job.id, name, medium, facts, placeInJob });
      for (const [placeOnLine, { tag, remarks, duty, picked, place }] of positions.entries()) {
        const { id } = await this.positions.create({
          jobId: job.id,
          lineId: line.id,
          tag,
          remarks,
          duty,
          placeOnLine,
          ...(place && { longitude: place[0], latitude: place[1] }),
        });
        positionIds.set(tag, id);
        if (picked) await this.addPick(id, { medium, duty, picked }, people.get(DEMO_FOREMAN) ?? null);
      }
      const walked = storedWalk(items, positionIds);
      await this.walks.create({ lineId: line.id, jobId: job.id, version: 0, items: walked });
      made.push({ id: line.id, name, medium, items: walked });
    }
    await this.addEntries(positionIds, people);
    await this.orders.add(job.id, positionIds, people);
    await this.startUps.add(made, people.get(DEMO_FOREMAN) ?? '');
    const crew = DEMO_CREW.map((email) => people.get(email) ?? '');
    await this.rounds.add(job.id, [...positionIds.values()], crew);
    await this.budget.make(job.id);
    await this.station.make(job.id, people.get(DEMO_FOREMAN) ?? '');
    await this.drills.make(job.id, people);
  }

  private async addEntries(
    positionIds: ReadonlyMap<string, string>,
    people: ReadonlyMap<string, string>,
  ): Promise<void> {
    const written = await this.entries.bulkCreate(
      DEMO_ENTRIES.map(({ tag, by, happenedAt, ...fact }) => ({
        text: '',
        ...fact,
        happenedAt: new Date(happenedAt),
        id: randomUUID(),
        positionId: positionIds.get(tag),
        personId: people.get(by),
      })),
    );
    const personOf = new Map((await this.people.findAll()).map((person) => [person.id, person]));
    for (const entry of written) entry.person = personOf.get(entry.personId ?? '') ?? null;
    for (const id of new Set(written.map(({ positionId }) => positionId)))
      await this.positions.update(
        { condition: conditionFrom(written.filter(({ positionId }) => positionId === id)) },
        { where: { id } },
      );
  }

  private async addPick(
    positionId: string,
    { medium, duty, picked }: DemoPick,
    pickedBy: string | null,
  ): Promise<void> {
    const column = lineUp({ ...duty, medium }, DEMO_CATALOGUE).columns.find(
      ({ model }) => `${model.maker} ${model.model}` === picked,
    );
    if (!column || column.verdict === 'out') throw new Error(`the demo picks ${picked}, which is ruled out`);
    const { maker, model } = column.model;
    const row = await this.models.findOne({ where: { maker, model }, rejectOnEmpty: true });
    await this.picks.create({
      positionId,
      modelId: row.id,
      reason: pickReason(column),
      verdict: column.verdict,
      edges: pickEdges({ ...duty, medium }, column.model, houseRuleSettings()),
      pickedBy,
    });
  }
}
