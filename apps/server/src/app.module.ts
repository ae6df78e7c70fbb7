import { type DynamicModule, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AccessModule } from './ground/access/access.module.js';
import { ArchiveModule } from './work/archive/archive.module.js';
import { BudgetModule } from './work/budget/budget.module.js';
import { BoardModule } from './work/board/board.module.js';
import { CalcModule } from './work/calculations/calc.module.js';
import { CatalogueModule } from './firm/catalogue/catalogue.module.js';
import { CompanyModule } from './firm/company/company.module.js';
import { ClustersModule } from './ground/clusters/clusters.module.js';
import { CONNECTIONS } from './ground/database/limits.js';
import { DemoModule } from './demo/demo.module.js';
import { HealthModule } from './ground/health/health.module.js';
import { HistoryModule } from './ground/change-log/history.module.js';
import { JudgingModule } from './work/judging/judging.module.js';
import { JobsModule } from './work/jobs/jobs.module.js';
import { DueModule } from './work/due/due.module.js';
import { DevicesModule } from './work/devices/devices.module.js';
import { LiveModule } from './ground/live/live.module.js';
import { LinesModule } from './work/lines/lines.module.js';
import { MetricsModule } from './ground/metrics/metrics.module.js';
import { QueueModule } from './ground/queue/queue.module.js';
import { OrdersModule } from './work/orders/orders.module.js';
import { OwnerPagesModule } from './work/owner-pages/owner-pages.module.js';
import { DrillsModule } from './work/drills/drills.module.js';
import { PeopleModule } from './firm/people/people.module.js';
import { PhotosModule } from './work/photos/photos.module.js';
import { PriceDeskModule } from './stand-ins/price-desk/price-desk.module.js';
import { PositionsModule } from './work/positions/positions.module.js';
import { SearchModule } from './work/search/search.module.js';
import { SessionsModule } from './ground/sessions/sessions.module.js';
import { replicaAddresses } from './ground/replicas/replica-addresses.js';
import { ReplicasModule } from './ground/replicas/replicas.module.js';
import { RoundsModule } from './work/rounds/rounds.module.js';
import type { Settings } from './ground/settings/settings.js';
import { StandInsModule } from './stand-ins/stand-ins.module.js';
import { StationsModule } from './work/stations/stations.module.js';
import { StartUpsModule } from './work/start-ups/start-ups.module.js';
import { TurnCounterModule } from './stand-ins/turn-counter/turn-counter.module.js';
import { UndoModule } from './work/undo/undo.module.js';
import { WalkListModule } from './work/walk-lists/walk-list.module.js';
import { WorkThreadsModule } from './ground/threads/work-threads.module.js';

@Module({})
export class AppModule {
  static on(settings: Settings): DynamicModule {
    const replication = replicaAddresses(settings.readUrls);
    return {
      module: AppModule,
      imports: [
        SequelizeModule.forRoot({
          ...CONNECTIONS,
          uri: settings.databaseUrl,
          autoLoadModels: true,
          synchronize: false,
          retryAttempts: 0,
          ...(replication && { replication }),
        }),
        ClustersModule.on(settings),
        WorkThreadsModule,
        ReplicasModule.on(settings),
        LiveModule.on(settings),
        QueueModule.on(settings),
        HistoryModule,
        CompanyModule.on(settings),
        SessionsModule.on(settings),
        AccessModule,
        PeopleModule,
        JobsModule,
        BoardModule,
        JudgingModule,
        BudgetModule,
        LinesModule,
        PositionsModule,
        PhotosModule,
        ArchiveModule,
        CatalogueModule,
        OrdersModule,
        OwnerPagesModule,
        PriceDeskModule,
        StartUpsModule,
        StationsModule,
        DueModule,
        RoundsModule,
        SearchModule,
        DrillsModule,
        DevicesModule.on(settings),
        StandInsModule,
        TurnCounterModule,
        WalkListModule,
        UndoModule,
        CalcModule,
        HealthModule.on(settings),
        MetricsModule,
        ...(settings.offersDemo ? [DemoModule] : []),
      ],
    };
  }
}
