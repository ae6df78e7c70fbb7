import { type DynamicModule, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AccessModule } from './access/access.module.js';
import { ArchiveModule } from './archive/archive.module.js';
import { CalcModule } from './calc/calc.module.js';
import { CatalogueModule } from './catalogue/catalogue.module.js';
import { CompanyModule } from './company/company.module.js';
import { DATABASE_LIMITS, POOL } from './database/limits.js';
import { DemoModule } from './demo/demo.module.js';
import { HealthModule } from './health/health.module.js';
import { HistoryModule } from './history/history.module.js';
import { JobsModule } from './jobs/jobs.module.js';
import { LinesModule } from './lines/lines.module.js';
import { OrdersModule } from './orders/orders.module.js';
import { PeopleModule } from './people/people.module.js';
import { PhotosModule } from './photos/photos.module.js';
import { PriceDeskModule } from './price-desk/price-desk.module.js';
import { PositionsModule } from './positions/positions.module.js';
import { SessionsModule } from './sessions/sessions.module.js';
import type { Settings } from './settings.js';
import { UndoModule } from './undo/undo.module.js';
import { WalkListModule } from './walk-list/walk-list.module.js';
import { WorkThreadsModule } from './work-threads/work-threads.module.js';

@Module({})
export class AppModule {
  static on(settings: Settings): DynamicModule {
    return {
      module: AppModule,
      imports: [
        SequelizeModule.forRoot({
          uri: settings.databaseUrl,
          dialect: 'postgres',
          autoLoadModels: true,
          synchronize: false,
          logging: false,
          retryAttempts: 0,
          pool: POOL,
          dialectOptions: DATABASE_LIMITS,
        }),
        WorkThreadsModule,
        HistoryModule,
        CompanyModule.on(settings),
        SessionsModule.on(settings),
        AccessModule,
        PeopleModule,
        JobsModule,
        LinesModule,
        PositionsModule,
        PhotosModule,
        ArchiveModule,
        CatalogueModule,
        OrdersModule,
        PriceDeskModule,
        WalkListModule,
        UndoModule,
        CalcModule,
        HealthModule.on(settings),
        ...(settings.offersDemo ? [DemoModule] : []),
      ],
    };
  }
}
