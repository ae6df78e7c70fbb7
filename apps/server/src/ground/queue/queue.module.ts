import { type DynamicModule, Global, Module } from '@nestjs/common';
import { SequelizeModule, getConnectionToken, getModelToken } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { LiveNotices } from '../live/live-notices.service.js';
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
  static on({ directDatabaseUrl }: { directDatabaseUrl: string }): DynamicModule {
    return {
      module: QueueModule,
      imports: [SequelizeModule.forFeature([Task, TaskFile])],
      controllers: [OwnTasksController, TasksController],
      providers: [
        {
          provide: Queue,
          inject: [getConnectionToken(), getModelToken(Task), LiveNotices, getModelToken(TaskFile)],
          useFactory: (
            sequelize: Sequelize,
            tasks: typeof Task,
            notices: LiveNotices,
            files: typeof TaskFile,
          ) => new Queue(directDatabaseUrl, sequelize, tasks, notices, files),
        },
        TasksService,
        OwnTasks,
      ],
      exports: [Queue],
    };
  }
}
