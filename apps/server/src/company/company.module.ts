import { type DynamicModule, Global, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CompanyController } from './company.controller.js';
import { Company } from './company.model.js';
import { CompanyService, OFFERS_DEMO } from './company.service.js';

/** The company that requests are for. */
@Global()
@Module({})
export class CompanyModule {
  static on({ offersDemo }: { offersDemo: boolean }): DynamicModule {
    return {
      module: CompanyModule,
      imports: [SequelizeModule.forFeature([Company])],
      controllers: [CompanyController],
      providers: [CompanyService, { provide: OFFERS_DEMO, useValue: offersDemo }],
      exports: [CompanyService],
    };
  }
}
