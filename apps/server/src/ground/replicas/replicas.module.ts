import { type DynamicModule, Global, Module } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { getConnectionToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { OnReplicaInterceptor } from './on-replica.js';
import { ReplicaReads } from './replica-reads.service.js';

/** Replicas of the database, for heavy reads. */
@Global()
@Module({})
export class ReplicasModule {
  static on({ readUrls }: { readUrls: readonly string[] }): DynamicModule {
    return {
      module: ReplicasModule,
      providers: [
        {
          provide: ReplicaReads,
          useFactory: (sequelize: Sequelize) => new ReplicaReads(sequelize, readUrls.length > 0),
          inject: [getConnectionToken()],
        },
        { provide: APP_INTERCEPTOR, useClass: OnReplicaInterceptor },
      ],
      exports: [ReplicaReads],
    };
  }
}
