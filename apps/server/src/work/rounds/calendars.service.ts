import type { CalendarAddressView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { newSecretKey, secretKeyHash } from '../../ground/access/secret-key.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentPersonId, inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { readKeptPositions } from '../due/kept-positions.js';
import { CalendarAddress } from './calendar-address.model.js';
import { roundCalendar } from './round-calendar.js';
import { Round } from './round.model.js';

/** Rounds as calendars: a file of one, and an address one subscribes to and can withdraw. */
@Injectable()
export class CalendarsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Round) private readonly rounds: typeof Round,
    @InjectModel(CalendarAddress) private readonly addresses: typeof CalendarAddress,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {}

  /** A round as a file. */
  async ofRound(id: string, address: string): Promise<string> {
    const round = await this.rounds.findOne({ where: { id } });
    if (!round) throw new NotFoundException('This round was not found. Open the list of rounds again.');
    return this.written(round.name, [round], address);
  }

  /** Whether the asker has an address. */
  async hasAddress(): Promise<boolean> {
    return (await this.addresses.count({ where: { personId: currentPersonId() } })) > 0;
  }

  /** A new address for the asker: the one before stops working. */
  async newAddress(): Promise<CalendarAddressView> {
    const key = newSecretKey();
    await inTransaction(this.sequelize, async () => {
      // In one statement, so that two requests at once leave one address.
      await this.addresses.bulkCreate(
        [{ personId: currentPersonId(), keyHash: secretKeyHash(key), madeAt: new Date() }],
        { updateOnDuplicate: ['keyHash', 'madeAt'] },
      );
      await this.log.record({
        kind: 'calendar-address',
        what: 'calendar',
        before: null,
        after: { made: true },
      });
    });
    return { path: `/api/calendar/${key}.ics` };
  }

  /** Withdraws the asker's address. */
  async withdraw(): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      if ((await this.addresses.destroy({ where: { personId: currentPersonId() } })) === 0) return;
      await this.log.record({
        kind: 'calendar-address',
        what: 'calendar',
        before: null,
        after: { made: false },
      });
    });
  }

  /** What a calendar program gets that knows an address: the rounds for its person and those for nobody yet. */
  async ofKey(key: string, address: string): Promise<string> {
    const found = await this.clusters.findOne(() =>
      this.addresses.findOne({ where: { keyHash: secretKeyHash(key) } }),
    );
    if (!found) throw new NotFoundException('This calendar address does not exist, or was withdrawn.');
    return inCompany(found.companyId, async () => {
      const rounds = await this.rounds.findAll({
        where: { personId: { [Op.or]: [found.personId, null] } },
        order: [['startsOn', 'DESC']],
        limit: 100,
      });
      return this.written('Grevik rounds', rounds, address);
    });
  }

  private async written(name: string, rounds: readonly Round[], address: string): Promise<string> {
    const ids = rounds.flatMap(({ stops }) => stops.map(({ positionId }) => positionId));
    const positions = new Map((await readKeptPositions(this.sequelize, ids)).map((one) => [one.id, one]));
    return roundCalendar(
      name,
      rounds.map((round) => ({ round, positions })),
      address,
    );
  }
}
