import { type DynamicModule, Global, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CompanyController } from './company.controller.js';
import { Company } from './company.model.js';
import type { Settings } from '../../ground/settings/settings.js';
import { COMPANIES_OPEN, CompanyService, OFFERS_DEMO } from './company.service.js';

/** The company that requests are for. */
@Global()
@Module({})
export class CompanyModule {
  static on({ offersDemo, companiesOpen }: Pick<Settings, 'offersDemo' | 'companiesOpen'>): DynamicModule {
    return {
      module: CompanyModule,
      imports: [SequelizeModule.forFeature([Company])],
      controllers: [CompanyController],
      providers: [
        CompanyService,
        { provide: OFFERS_DEMO, useValue: offersDemo },
        { provide: COMPANIES_OPEN, useValue: companiesOpen },
      ],
      exports: [CompanyService, COMPANIES_OPEN, OFFERS_DEMO],
    };
  }
}
