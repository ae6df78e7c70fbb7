import { type DynamicModule, Global, Module } from '@nestjs/common';
import { getConnectionToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from './clusters.service.js';

/** The databases that companies are spread over. */
@Global()
@Module({})
export class ClustersModule {
  static on({ clusters }: { clusters: ReadonlyMap<string, string> }): DynamicModule {
    return {
      module: ClustersModule,
      providers: [
        {
          provide: Clusters,
          inject: [getConnectionToken()],
          useFactory: (sequelize: Sequelize) => new Clusters(sequelize, clusters),
        },
      ],
      exports: [Clusters],
    };
  }
}
