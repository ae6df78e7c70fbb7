import { type DynamicModule, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CalcModule } from './calc/calc.module.js';
import { CatalogueModule } from './catalogue/catalogue.module.js';
import { CompanyModule } from './company/company.module.js';
import { DemoModule } from './demo/demo.module.js';
import { HealthModule } from './health/health.module.js';
import { JobsModule } from './jobs/jobs.module.js';
import { LinesModule } from './lines/lines.module.js';
import { PositionsModule } from './positions/positions.module.js';
import { WalkListModule } from './walk-list/walk-list.module.js';

@Module({})
export class AppModule {
  static on(databaseUrl: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        SequelizeModule.forRoot({
          uri: databaseUrl,
          dialect: 'postgres',
          autoLoadModels: true,
          synchronize: false,
          logging: false,
          retryAttempts: 0,
        }),
        CompanyModule,
        JobsModule,
        LinesModule,
        PositionsModule,
        CatalogueModule,
        WalkListModule,
        CalcModule,
        HealthModule,
        DemoModule,
      ],
    };
  }
}
