import { type MiddlewareConsumer, Module, type NestModule } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { inCompany } from './company-scope.js';
import { CompanyController } from './company.controller.js';
import { Company } from './company.model.js';
import { CompanyService } from './company.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Company])],
  controllers: [CompanyController],
  providers: [CompanyService],
  exports: [CompanyService],
})
export class CompanyModule implements NestModule {
  constructor(private readonly company: CompanyService) {}

  /** Opens the company around every request. */
  configure(consumer: MiddlewareConsumer): void {
    consumer
      .apply((_request: unknown, _response: unknown, next: () => void) =>
        inCompany(this.company.openCompanyId, next),
      )
      .forRoutes('{*path}');
  }
}
