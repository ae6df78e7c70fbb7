import { type DynamicModule, Global, Module } from '@nestjs/common';
import { SequelizeModule, getConnectionToken, getModelToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { LiveNotices } from '../live/live-notices.service.js';
import { Clusters } from '../clusters/clusters.service.js';
import { type Settings, directAddresses } from '../settings/settings.js';
import { Queue } from './queue.service.js';
import { OwnTasksController } from './own-tasks.controller.js';
import { OwnTasks } from './own-tasks.service.js';
import { TaskFile } from './task-file.model.js';
import { Task } from './task.model.js';
import { TasksController } from './tasks.controller.js';
import { TasksService } from './tasks.service.js';

/** Work that goes on by itself. */
@Global()
@Module({})
export class QueueModule {
  static on(settings: Settings): DynamicModule {
    return {
      module: QueueModule,
      imports: [SequelizeModule.forFeature([Task, TaskFile])],
      controllers: [OwnTasksController, TasksController],
      providers: [
        {
          provide: Queue,
          inject: [getConnectionToken(), getModelToken(Task), LiveNotices, getModelToken(TaskFile), Clusters],
          useFactory: (
            sequelize: Sequelize,
            tasks: typeof Task,
            notices: LiveNotices,
            files: typeof TaskFile,
            clusters: Clusters,
          ) => new Queue([...directAddresses(settings).values()], sequelize, tasks, notices, files, clusters),
        },
        TasksService,
        OwnTasks,
      ],
      exports: [Queue],
    };
  }
}
