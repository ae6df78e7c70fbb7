import { STANDARD_BUDGET, type Wets } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Budget } from '../work/budget/budget.model.js';
import { WetPlace } from '../work/budget/wet-place.model.js';
import { Position } from '../work/positions/position.model.js';

/** Too little for all that is due: what to do first is the question. */
const MONEY_A_YEAR = 1500;
/** The terminal was built then; nobody kept the bills of its valves. */
const BUILT_YEARS_AGO = 24;
const WETS: Readonly<Record<string, Wets>> = {
  'CW-101': 'bare-room',
  'CW-103': 'public-room',
  'CW-104': 'floor-below',
  'CW-111': 'floor-below',
  'HT-103': 'public-room',
  'HT-105': 'floor-below',
  'LS-106': 'electrical',
};

/** The demo’s budget: five years with too little money, and what gets wet at some valves. */
@Injectable()
export class DemoBudget {
  constructor(
    @InjectModel(Budget) private readonly budgets: typeof Budget,
    @InjectModel(WetPlace) private readonly places: typeof WetPlace,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  async make(jobId: string): Promise<void> {
    const { years } = STANDARD_BUDGET;
    await this.budgets.create({
      subjectId: jobId,
      settings: {
        ...STANDARD_BUDGET,
        money: new Array<number>(years).fill(MONEY_A_YEAR),
        ageIfUnknown: BUILT_YEARS_AGO,
      },
      moved: {},
      version: 1,
    });
    const positions = await this.positions.findAll({ where: { jobId, tag: Object.keys(WETS) } });
    await this.places.bulkCreate(positions.map(({ id, tag }) => ({ positionId: id, wets: WETS[tag] })));
  }
}
